package zestbench.server.change;

import java.time.Clock;
import java.time.Duration;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Callable;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;
import zestbench.core.quantity.InputProblem;
import zestbench.server.problem.Conflict;
import zestbench.server.problem.NoRoom;

/** Carries out a change once, however often a phone with a poor signal sends it, and answers each sending alike. */
@Component
class IdempotentChange {
    /** So long a device may be without a connection before it is told no more than that its change is made. */
    private static final Duration ANSWERS_KEPT = Duration.ofDays(30);

    private static final Logger LOG = LoggerFactory.getLogger(IdempotentChange.class);
    private static final int LONGEST_NAME = 64;

    private final RequestDoneRepository store;
    private final WriteLock turn;
    private final JsonMapper json;
    private final Clock clock;
    private final Map<Class<?>, Retold<?>> retold = new HashMap<>();

    IdempotentChange(
            RequestDoneRepository store, WriteLock turn, JsonMapper json, Clock clock, List<Retold<?>> retold) {
        this.store = store;
        this.turn = turn;
        this.json = json;
        this.clock = clock;
        retold.forEach(each -> this.retold.put(each.type(), each));
    }

    @EventListener(ApplicationReadyEvent.class)
    void forgetOldAnswers() {
        try {
            turn.take(
                    () -> WriteLock.Given.of(store.forgetAnswers(clock.instant().minus(ANSWERS_KEPT))));
        } catch (NoRoom full) {
            LOG.warn("answers of earlier requests stay for now: {}", full.getMessage());
        }
    }

    /** Wraps what a change throws, so that its transaction is rolled back. */
    private static final class Failed extends RuntimeException {
        private static final long serialVersionUID = 1L;

        Failed(Exception cause) {
            super(cause);
        }
    }

    /**
     * @param name of the request; null where the sender gives it none
     * @param what is asked, as method and path
     * @param type of the answer
     */
    @Nullable
    Object carryOut(@Nullable String name, String what, Class<?> type, Callable<@Nullable Object> change)
            throws Exception {
        InputProblem.require(
                name == null || (!name.isBlank() && name.length() <= LONGEST_NAME),
                "X-Request-Id",
                name,
                "give 1 to 64 characters");
        try {
            return turn.take(() -> WriteLock.Given.of(inTurn(name, what, type, change)))
                    .value();
        } catch (Failed failed) {
            throw (Exception) failed.getCause();
        }
    }

    private @Nullable Object inTurn(
            @Nullable String name, String what, Class<?> type, Callable<@Nullable Object> change) {
        Optional<RequestDone> done = name == null ? Optional.empty() : store.findById(name);
        if (done.isPresent()) {
            return again(done.get(), what, type);
        }
        Object answer;
        try {
            answer = change.call();
        } catch (RuntimeException problem) {
            throw problem;
        } catch (Exception problem) {
            throw new Failed(problem);
        }
        if (name != null) {
            store.save(new RequestDone(name, what, kept(answer), clock.instant()));
        }
        return answer;
    }

    private @Nullable Object again(RequestDone done, String what, Class<?> type) {
        if (!done.what().isEmpty() && !done.what().equals(what)) {
            throw new Conflict(
                    "This request was sent under a name that another change has: " + done.what() + ". Send it anew.");
        }
        Retold<?> teller = retold.get(type);
        String answer = done.answer();
        if (answer == null) {
            return null;
        }
        return teller == null ? json.readTree(answer) : teller.tell(answer);
    }

    @SuppressWarnings("unchecked")
    private @Nullable String kept(@Nullable Object answer) {
        if (answer == null) {
            return null;
        }
        Retold<Object> teller = (Retold<Object>) retold.get(answer.getClass());
        return teller == null ? json.writeValueAsString(answer) : teller.key(answer);
    }
}
