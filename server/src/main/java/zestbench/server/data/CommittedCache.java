package zestbench.server.data;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.benmanes.caffeine.cache.Weigher;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * What was read from the database once and stays true until a change of it is committed. A change sees what it wrote itself,
 * everybody else what was committed last; what is rolled back was never there. One process has the database, so nothing else
 * can change it.
 *
 * @param <K> what it goes by
 * @param <V> what is kept; never changed once it is
 */
public final class CommittedCache<K, V> {
    private final Cache<K, V> committed;

    /** @param most total weight of what is kept; what was not asked for lately goes first */
    public CommittedCache(long most, Weigher<K, V> weigher) {
        this.committed = Caffeine.newBuilder()
                .maximumWeight(most)
                .weigher(weigher)
                .executor(Runnable::run)
                .build();
    }

    /** @param read reads it from the database where it is not known; never gives null */
    public V get(K key, Function<K, V> read) {
        Map<K, Optional<V>> mine = mine();
        if (mine == null || !mine.containsKey(key)) {
            return committed.get(key, read);
        }
        // what a change wrote otherwise than here is read each time: a change of thousands must not hold them all
        return mine.get(key).orElseGet(() -> read.apply(key));
    }

    /** Says what it is now, by a change. */
    public void put(K key, V value) {
        changed(key, Optional.of(value));
    }

    /** Says that it is changed, so that it is read anew. */
    public void forget(K key) {
        changed(key, Optional.empty());
    }

    private void changed(K key, Optional<V> value) {
        if (!TransactionSynchronizationManager.isSynchronizationActive()) {
            settle(key, value);
            return;
        }
        Map<K, Optional<V>> mine = mine();
        if (mine == null) {
            mine = new HashMap<>();
            TransactionSynchronizationManager.bindResource(this, mine);
            TransactionSynchronizationManager.registerSynchronization(new Settling(mine));
        }
        mine.put(key, value);
    }

    private void settle(K key, Optional<V> value) {
        value.ifPresentOrElse(known -> committed.put(key, known), () -> committed.invalidate(key));
    }

    @SuppressWarnings("unchecked")
    private @Nullable Map<K, Optional<V>> mine() {
        return (Map<K, Optional<V>>) TransactionSynchronizationManager.getResource(this);
    }

    private final class Settling implements TransactionSynchronization {
        private final Map<K, Optional<V>> mine;

        Settling(Map<K, Optional<V>> mine) {
            this.mine = mine;
        }

        @Override
        public void afterCompletion(int status) {
            TransactionSynchronizationManager.unbindResourceIfPossible(CommittedCache.this);
            if (status == STATUS_COMMITTED) {
                mine.forEach(CommittedCache.this::settle);
            } else if (status == STATUS_UNKNOWN) {
                mine.keySet().forEach(committed::invalidate);
            }
        }
    }
}
