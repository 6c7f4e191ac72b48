package zestbench.server.tape;

import org.jspecify.annotations.Nullable;
import org.springframework.data.jpa.repository.JpaRepository;

/** Calls as kept. */
interface CallRepository extends JpaRepository<CallEntity, Long> {
    @Nullable
    CallEntity findFirstByTechnician(long technician);
}
