package zestbench.server.api;

import jakarta.annotation.PreDestroy;
import java.time.Duration;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ScheduledFuture;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.stereotype.Component;
import zestbench.core.stock.Stopped;
import zestbench.server.problem.Busy;

/** So many long computations at once and no more, and none for longer than its time: the rest of the bench goes on beside them. */
@Component
class Computing {
    private static final int AT_ONCE = 2 * Runtime.getRuntime().availableProcessors();
    private static final long PATIENCE_SECONDS = 5;
    private static final Duration LONGEST = Duration.ofSeconds(10);

    private final Semaphore places = new Semaphore(AT_ONCE, true);
    private final ScheduledExecutorService clock = Executors.newSingleThreadScheduledExecutor(work -> {
        Thread thread = new Thread(work, "computing-deadline");
        thread.setDaemon(true);
        return thread;
    });
    private final Duration longest;

    @Autowired
    Computing() {
        this(LONGEST);
    }

    Computing(Duration longest) {
        this.longest = longest;
    }

    @PreDestroy
    void close() {
        clock.shutdownNow();
    }

    /** Carries out a computation, which is bounded by the size of what it is given, and ended when its time is over. */
    <T> T run(Supplier<T> work) {
        try {
            if (!places.tryAcquire(PATIENCE_SECONDS, TimeUnit.SECONDS)) {
                throw new Busy("Much is being worked out at once: ask again in a moment.");
            }
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw new Busy("The bench is stopping.");
        }
        Deadline deadline = new Deadline(Thread.currentThread());
        ScheduledFuture<?> alarm = clock.schedule(deadline::strike, longest.toMillis(), TimeUnit.MILLISECONDS);
        try {
            return work.get();
        } catch (Stopped over) {
            throw new Busy("This was not worked out within " + longest.toSeconds()
                    + " seconds: give less, or ask again later.");
        } finally {
            alarm.cancel(false);
            deadline.lift();
            places.release();
        }
    }

    /** Interrupts one thread, and only while that works on what the deadline is for. */
    private static final class Deadline {
        private final Thread worker;
        private boolean isLifted;

        Deadline(Thread worker) {
            this.worker = worker;
        }

        synchronized void strike() {
            if (!isLifted) {
                worker.interrupt();
            }
        }

        synchronized void lift() {
            isLifted = true;
            Thread.interrupted();
        }
    }
}
