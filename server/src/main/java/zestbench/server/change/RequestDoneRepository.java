package zestbench.server.change;

import java.time.Instant;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.NativeQuery;

/** Requests as kept. */
interface RequestDoneRepository extends JpaRepository<RequestDone, String> {
    @Modifying
    @NativeQuery("update request_done set answer = null where at < :before and answer is not null")
    int forgetAnswers(Instant before);
}
