package zestbench.server.board;

import org.springframework.data.jpa.repository.JpaRepository;
import zestbench.server.tape.CallEntity;

/** Calls as kept. */
interface SummarizedCallRepository extends JpaRepository<CallEntity, Long> {}
