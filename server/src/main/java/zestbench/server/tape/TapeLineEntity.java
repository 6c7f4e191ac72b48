package zestbench.server.tape;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** A line of a tape as kept; never changed, never deleted. */
@Entity
@Table(name = "tape_line")
public class TapeLineEntity {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private @Nullable Long id;

    private long callId;
    private long number;
    private Instant at = Instant.EPOCH;
    private String who = "";
    private String kind = "";

    @Lob
    private String entry = "";

    protected TapeLineEntity() {}

    TapeLineEntity(long callId, long number, Instant at, String who, String kind, String entry) {
        this.callId = callId;
        this.number = number;
        this.at = at;
        this.who = who;
        this.kind = kind;
        this.entry = entry;
    }

    long callId() {
        return callId;
    }

    long number() {
        return number;
    }

    Instant at() {
        return at;
    }

    String who() {
        return who;
    }

    String kind() {
        return kind;
    }

    String entry() {
        return entry;
    }
}
