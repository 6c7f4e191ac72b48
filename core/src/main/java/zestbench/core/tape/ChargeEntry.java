package zestbench.core.tape;

import java.util.List;
import org.jspecify.annotations.Nullable;
import zestbench.core.charge.Weight;
import zestbench.core.judgement.Judged;
import zestbench.core.quantity.Letters;

/** What happened to the refrigerant of a circuit. */
public sealed interface ChargeEntry extends Entry {
    /** Whether it went in or came out. */
    enum Way {
        ADDED("added"),
        RECOVERED("recovered");

        private final String words;

        Way(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /**
     * Refrigerant was weighed in or out.
     *
     * @param refrigerant as R-410A
     * @param ounces above 0
     * @param cylinder it came out of or went into, by its number
     * @param circuit as 2 where the unit has several; empty where it has one; what was written on older tapes
     * @param holder whose certificate covers it; empty where it was not said
     * @param returnDate the day to come back, where the circuit still leaks, as 2026-11-27; null where it does not
     */
    record ChargeMoved(
            Way way,
            String refrigerant,
            double ounces,
            String cylinder,
            String circuit,
            String holder,
            @Nullable String returnDate)
            implements ChargeEntry, Strikable, Dark {
        @Override
        public TapeText told() {
            return TapeText.words(
                    words() + of(),
                    "cylinder " + cylinder + (holder.isEmpty() ? "" : ", certificate " + holder),
                    returnDate == null ? "" : "TEMPORARY until " + returnDate,
                    List.of());
        }

        @Override
        public void change(CallState call, Line line) {
            call.charge().moved(line);
        }

        /** As {@code , circuit 2}; empty where the unit has one. */
        public String of() {
            if (circuit.isEmpty()) {
                return "";
            }
            return ", " + (circuit.matches("\\d") ? "circuit " + circuit : Letters.inSentence(circuit));
        }

        /** As {@code R-410A added 12 oz}. */
        public String words() {
            return refrigerant + " " + way.words() + " " + Weight.words(ounces);
        }
    }

    /** A leak was looked for. @param place where it is; empty where none was found @param how as bubbles @param isRepaired whether it is tight now */
    record LeakSought(String place, String how, boolean isRepaired) implements ChargeEntry, Strikable, Dark {
        @Override
        public TapeText told() {
            return TapeText.words(words(), how, "", List.of());
        }

        @Override
        public void change(CallState call, Line line) {
            call.charge().sought(this);
        }

        public String words() {
            return place.isEmpty()
                    ? "No leak found"
                    : "Leak at " + Letters.inSentence(place) + (isRepaired ? ", repaired" : "");
        }
    }

    /** Nitrogen stood in the circuit. @param psig at first @param minutes for which it stood */
    record TightnessTested(double psig, double minutes, Judged judged) implements ChargeEntry, Strikable, Dark {
        @Override
        public TapeText told() {
            return TapeText.judged(judged, "Pressure test", List.of(), "");
        }

        @Override
        public void change(CallState call, Line line) {
            call.charge().tested(line);
        }
    }

    /** A vacuum was drawn and shut off. @param microns when it was shut off @param minutes for which it stood */
    record Evacuated(double microns, double minutes, Judged judged) implements ChargeEntry, Strikable, Dark {
        @Override
        public TapeText told() {
            return TapeText.judged(judged, "Vacuum", List.of(), "");
        }

        @Override
        public void change(CallState call, Line line) {
            call.charge().tested(line);
        }
    }
}
