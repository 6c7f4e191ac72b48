package zestbench.server.change;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import java.time.Instant;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Persistable;

/** The name of a request that was carried out, and what was answered. */
@Entity(name = "request_done")
class RequestDone implements Persistable<String> {
    static final int LONGEST_WHAT = 200;

    @Id
    private String id = "";

    private String what = "";

    @Lob
    private @Nullable String answer;

    /** Asked for by the store's query. */
    @SuppressWarnings("UnusedVariable")
    private Instant at = Instant.EPOCH;

    protected RequestDone() {}

    RequestDone(String id, String what, @Nullable String answer, Instant at) {
        this.id = id;
        this.what = what;
        this.answer = answer;
        this.at = at;
    }

    String what() {
        return what;
    }

    @Nullable
    String answer() {
        return answer;
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
