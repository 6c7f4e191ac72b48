package zestbench.core.tape;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import zestbench.core.family.Spec;
import zestbench.core.judgement.Finding;

/**
 * One thing that happened on a call. Entries are only ever added; what they say together is worked out from all of them. Each
 * says by itself what it is in words, whether it can be struck, what it says of the power, and what it changes.
 */
public sealed interface Entry extends Kept permits PartEntry, UnitEntry, LeaveEntry, ChargeEntry, StartEntry {
    /** In words. */
    TapeText told();

    /** Adds what it says to where the call stands. @param line it stands on */
    void change(CallState call, Line line);

    /** What takes it back while it is the last thing that happened; null where nothing does. */
    default @Nullable Undo undo() {
        return null;
    }

    /** The kinds of entries, each a record with the name it is kept under. */
    static List<Class<?>> kinds() {
        List<Class<?>> out = new ArrayList<>();
        for (Class<?> about : Entry.class.getPermittedSubclasses()) {
            out.addAll(List.of(about.getPermittedSubclasses()));
        }
        return out;
    }

    /** Which part it belongs to; null where it belongs to the call. */
    default @Nullable String part() {
        return null;
    }

    /** How a reading came about. */
    enum Method {
        BENCH,
        UNDER_LOAD
    }

    /** A physical piece that goes in. @param stock the stock line it came off; null where it was bought on the way */
    record Piece(@Nullable String stock, Spec spec) {}

    /** What is ticked off. */
    enum Checklist {
        SHEET,
        PROOF
    }

    /** How a part was done with. */
    enum Outcome {
        REPLACED("Replaced"),
        FIXED_WITHOUT_PART("Fixed without a part"),
        NOT_NEEDED("Not needed"),
        /** It had no business in the circuit, and nothing goes in for it. */
        TAKEN_OUT("Taken out"),
        /** It may not run again, and nothing goes in for it on this visit. */
        CONDEMNED("Condemned");

        private final String words;

        Outcome(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** How long something that was seen can wait. */
    enum Urgency {
        /** It may not run, for the safety of people: nobody takes the tag off but whoever saw to it. */
        TAGGED_OUT(
                "TAGGED OUT",
                "may not run",
                List.of(
                        "Gas off, may not fire",
                        "Power off, leaking",
                        "Power off, to ground",
                        "Refrigerant out, valves shut")),
        /** Switched off, and to stay so until somebody looked. */
        OFF(
                "OFF BY US",
                "off until somebody looked",
                List.of("Off: waits for a part", "Off: coil thaws", "Off: pan full")),
        NOW("NOW", "before it runs on", List.of()),
        SOON("SOON", "this season", List.of()),
        WATCH("WATCH", "look again next visit", List.of());

        private final String flag;
        private final String words;
        private final List<String> usual;

        Urgency(String flag, String words, List<String> usual) {
            this.flag = flag;
            this.words = words;
            this.usual = usual;
        }

        /** On a tag, in two words at the most. */
        public String flag() {
            return flag;
        }

        /** What is often said so. */
        public List<String> usual() {
            return usual;
        }

        /** Whether the unit, or what of it is named, does not run as long as this is open. */
        public boolean isStandstill() {
            return this == TAGGED_OUT || this == OFF;
        }

        /** How long what a finding says can wait. [practice] */
        public static Urgency of(Finding.Severity severity) {
            return switch (severity) {
                case STOP -> NOW;
                case CAUTION -> SOON;
                case INFO -> WATCH;
            };
        }

        public String words() {
            return words;
        }
    }

    /** How a visit ended. */
    enum End {
        CLOSED,
        CANCELLED
    }
}
