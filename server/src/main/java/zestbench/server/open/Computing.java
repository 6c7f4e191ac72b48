package zestbench.server.open;

import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;
import zestbench.server.problem.Busy;

/** So many long computations at once and no more: the rest of the bench goes on beside them. */
@Component
class Computing {
    private static final int AT_ONCE = 2 * Runtime.getRuntime().availableProcessors();
    private static final long PATIENCE_SECONDS = 5;

    private final Semaphore places = new Semaphore(AT_ONCE, true);

    /** Carries out a computation, which is bounded by the size of what it is given. */
    <T> T run(Supplier<T> work) {
        try {
            if (!places.tryAcquire(PATIENCE_SECONDS, TimeUnit.SECONDS)) {
                throw new Busy("Much is being worked out at once: ask again in a moment.");
            }
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw new Busy("The bench is stopping.");
        }
        try {
            return work.get();
        } finally {
            places.release();
        }
    }
}
