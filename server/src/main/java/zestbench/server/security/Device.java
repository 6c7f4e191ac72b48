package zestbench.server.security;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** A phone or computer that was let in. Of its pass only the hash is kept. */
@Entity
class Device {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private @Nullable Long id;

    private String name = "";
    /** Asked for by the store's query. */
    @SuppressWarnings("UnusedVariable")
    private String passHash = "";

    private Instant admittedAt = Instant.EPOCH;
    private @Nullable Instant endedAt;

    protected Device() {}

    Device(String name, String passHash, Instant admittedAt) {
        this.name = name;
        this.passHash = passHash;
        this.admittedAt = admittedAt;
    }

    long id() {
        return Objects.requireNonNull(id);
    }

    String name() {
        return name;
    }

    Instant admittedAt() {
        return admittedAt;
    }

    boolean isEnded() {
        return endedAt != null;
    }

    void end(Instant at) {
        endedAt = at;
    }
}
