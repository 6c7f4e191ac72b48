package zestbench.server.call;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import java.util.Objects;
import java.util.function.Supplier;
import org.springframework.data.domain.Persistable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;
import zestbench.server.call.CallViews.CallView;
import zestbench.server.person.Sender;

/**
 * Carries out a change once, in one transaction, however often a phone with a poor signal sends it; changes come one
 * after the other, so that tape numbers and truck counts never race.
 */
@Component
class Once {
    /** The name of a request that was carried out. */
    @Entity(name = "request_done")
    static class Done implements Persistable<String> {
        @Id
        private String id = "";

        protected Done() {}

        Done(String id) {
            this.id = id;
        }

        @Override
        public String getId() {
            return id;
        }

        @Override
        public boolean isNew() {
            return true;
        }
    }

    /** Names of requests as kept. */
    interface Store extends JpaRepository<Done, String> {}

    private final Store store;
    private final TransactionTemplate transaction;
    private final Calls calls;
    private final CallViewer viewer;
    private final Turn turn;

    Once(Store store, TransactionTemplate transaction, Calls calls, CallViewer viewer, Turn turn) {
        this.store = store;
        this.transaction = transaction;
        this.calls = calls;
        this.viewer = viewer;
        this.turn = turn;
    }

    /** Carries out something that writes onto a tape when its turn has come, in one transaction. */
    <T> T inTurn(Supplier<T> work) {
        return turn.take(() -> Objects.requireNonNull(transaction.execute(status -> work.get())));
    }

    CallView change(long callId, Sender sender, Runnable change) {
        String request = sender.request();
        inTurn(() -> {
            if (request == null || !store.existsById(request)) {
                change.run();
                if (request != null) {
                    store.save(new Done(request));
                }
            }
            return callId;
        });
        Calls.Open call = calls.open(callId);
        return viewer.view(call.row(), call.tape());
    }
}
