package zestbench.server.tape;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

/** Calls as kept. */
interface CallCopyRepository extends JpaRepository<CallEntity, Long> {
    Optional<CallEntity> findByUid(String uid);

    List<CallEntity> findByUnit_IdOrderByOpenedAtAscIdAsc(long unit);
}
