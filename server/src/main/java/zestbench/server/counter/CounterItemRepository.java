package zestbench.server.counter;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

/** Orders as kept. */
interface CounterItemRepository extends JpaRepository<Counter.Kept, Long> {
    List<Counter.Kept> findByItem(String item);

    Optional<Counter.Kept> findByReference(String reference);
}
