package zestbench.server.truck;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

/** Moves as kept. */
interface StockMoveRepository extends JpaRepository<StockMove, Long> {
    List<StockMove> findByItemOrderByIdDesc(String item);
}
