package zestbench.server.change;

import java.time.Instant;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

/** Requests as kept. */
interface RequestDoneRepository extends JpaRepository<RequestDone, String> {
    @Modifying
    @Query("update request_done r set r.answer = null where r.at < :before and r.answer is not null")
    int forgetAnswers(Instant before);
}
