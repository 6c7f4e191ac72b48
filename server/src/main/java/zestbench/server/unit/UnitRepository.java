package zestbench.server.unit;

import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

/** The units as kept. */
interface UnitRepository extends JpaRepository<Unit, Long> {
    Optional<Unit> findByUid(String uid);
}
