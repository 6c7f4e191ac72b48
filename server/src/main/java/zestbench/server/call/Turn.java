package zestbench.server.call;

import java.util.concurrent.locks.ReentrantLock;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;

/** Changes come one after the other, so that tape numbers and truck counts never race. */
@Component
public class Turn {
    private final ReentrantLock lock = new ReentrantLock();

    /** Carries out a change when its turn has come. */
    public <T> T take(Supplier<T> change) {
        lock.lock();
        try {
            return change.get();
        } finally {
            lock.unlock();
        }
    }
}
