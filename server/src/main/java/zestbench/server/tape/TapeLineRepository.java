package zestbench.server.tape;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

/** Lines as kept. */
interface TapeLineRepository extends JpaRepository<TapeLineEntity, Long> {
    List<TapeLineEntity> findByCallIdOrderByNumber(long callId);
}
