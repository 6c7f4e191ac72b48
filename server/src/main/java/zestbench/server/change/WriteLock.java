package zestbench.server.change;

import java.util.Objects;
import java.util.concurrent.locks.ReentrantLock;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;
import zestbench.server.data.DataFolder;

/** Changes come one after the other, each in one transaction, so that tape numbers and truck counts never race. */
@Component
public class WriteLock {
    private final ReentrantLock lock = new ReentrantLock();
    private final TransactionTemplate transaction;
    private final DataFolder folder;

    WriteLock(TransactionTemplate transaction, DataFolder folder) {
        this.transaction = transaction;
        this.folder = folder;
    }

    /** What a change gives back; {@link #of} where it gives nothing. */
    public record Given(@Nullable Object value) {
        public static Given of(@Nullable Object value) {
            return new Given(value);
        }
    }

    /** Carries out a change when its turn has come; throws where there is no room to keep it. */
    public Given take(Supplier<Given> change) {
        lock.lock();
        try {
            folder.needRoom();
            return Objects.requireNonNull(transaction.execute(status -> change.get()));
        } finally {
            lock.unlock();
        }
    }
}
