package zestbench.server.record;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import zestbench.server.tape.CallEntity;

/** Calls by unit, the earliest first. */
interface UnitVisitRepository extends JpaRepository<CallEntity, Long> {
    List<CallEntity> findByUnit_IdOrderByOpenedAtAscIdAsc(long unit);
}
