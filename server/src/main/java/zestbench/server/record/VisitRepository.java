package zestbench.server.record;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import zestbench.server.tape.CallEntity;

/** Calls by unit, latest first. */
interface VisitRepository extends JpaRepository<CallEntity, Long> {
    List<CallEntity> findByUnit_IdOrderByOpenedAtDescIdDesc(long unit);
}
