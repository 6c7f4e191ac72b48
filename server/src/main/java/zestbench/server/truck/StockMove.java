package zestbench.server.truck;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** Pieces that came to a line of stock or left it. Never changed, never deleted. */
@Entity
class StockMove {
    /** Why a count changed. */
    enum Why {
        USED("used on a call"),
        GIVEN_BACK("put back from a call"),
        COUNTED("counted"),
        MOVED("moved"),
        ADDED("taken in"),
        IMPORTED("from a file");

        private final String words;

        Why(String words) {
            this.words = words;
        }

        String words() {
            return words;
        }
    }

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private @Nullable Long id;

    /** Asked for by the store's query. */
    @SuppressWarnings("UnusedVariable")
    private String item = "";

    private Instant at = Instant.EPOCH;
    private String who = "";
    private int pieces;

    @Enumerated(EnumType.STRING)
    private Why why = Why.COUNTED;

    private String note = "";
    private @Nullable Long callId;

    protected StockMove() {}

    StockMove(String item, Instant at, String who, int pieces, Why why, String note, @Nullable Long callId) {
        this.item = item;
        this.at = at;
        this.who = who;
        this.pieces = pieces;
        this.why = why;
        this.note = note;
        this.callId = callId;
    }

    /** A move as the screen shows it. @param pieces more than 0 where they came @param callId null where it was no call */
    record MoveView(
            long atMillis,
            String who,
            int pieces,
            String why,
            String note,
            @Nullable Long callId) {}

    MoveView view() {
        return new MoveView(at.toEpochMilli(), who, pieces, why.words(), note, callId);
    }
}
