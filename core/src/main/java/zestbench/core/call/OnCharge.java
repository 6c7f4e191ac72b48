package zestbench.core.call;

import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;
import zestbench.core.charge.TightAndDry;
import zestbench.core.quantity.Figures;
import zestbench.core.quantity.InputProblem;
import zestbench.core.quantity.Letters;
import zestbench.core.tape.CallState;
import zestbench.core.tape.ChargeEntry;

/** What is done to the refrigerant of a circuit; who may do it local law says. */
public sealed interface OnCharge extends Command {
    /** Ounces. More is in no circuit that one cylinder serves. [practice] */
    double MOST_OUNCES = 16_000;

    /**
     * Weighs refrigerant in or out.
     *
     * @param refrigerant empty for that of the plate
     * @param returnDate the day to come back, as 2026-11-27; asked for where the circuit still leaks
     */
    record Weigh(
            ChargeEntry.Way way,
            String refrigerant,
            double ounces,
            String cylinder,
            String circuit,
            String holder,
            @Nullable String returnDate)
            implements OnCharge {
        @Override
        public Decision decide(CallState state, Surroundings around) {
            InputProblem.require(
                    ounces > 0 && ounces <= MOST_OUNCES,
                    "ounces",
                    ounces,
                    "give its weight in ounces, above 0 to 16000");
            InputProblem.require(
                    !cylinder.isBlank(), "cylinder", cylinder, "give the number of the cylinder, as C-114");
            String plate = state.plates().outdoor().text("refrigerant").orElse("");
            String what = refrigerant.isBlank() ? plate : Letters.large(refrigerant.strip());
            InputProblem.require(!what.isEmpty(), "refrigerant", refrigerant, "give the refrigerant, as R-410A");
            boolean isAdded = way == ChargeEntry.Way.ADDED;
            if (isAdded && !plate.isEmpty() && !what.equals(plate)) {
                throw new Refusal("The plate says " + plate
                        + ": nothing else is added to it. Where the unit was converted, " + "correct the plate first.");
            }
            boolean isStopgap = isAdded && state.charge().isLeaking();
            InputProblem.require(
                    !isStopgap || returnDate != null,
                    "returnDate",
                    null,
                    "a charge into a circuit that leaks is a stopgap: give the day to come back, such as 2026-12-01");
            return Decision.of(new ChargeEntry.ChargeMoved(
                    way,
                    what,
                    Figures.tidy(ounces),
                    cylinder.strip(),
                    named(circuit.strip()),
                    holder.strip(),
                    returnDate == null ? null : OnMatch.dayOut(returnDate)));
        }
    }

    /** A circuit as the proof names it: 2 where Circuit 2 was said. */
    private static String named(String circuit) {
        String number = Letters.small(circuit).replaceFirst("^circuit\\s*(?=\\d$)", "");
        return number.matches("\\d") ? number : circuit;
    }

    /** Looks for a leak. @param place where it is; empty where none was found */
    record Seek(String place, String how, boolean isRepaired) implements OnCharge {
        @Override
        public Decision decide(CallState state, Surroundings around) {
            InputProblem.require(!how.isBlank(), "how", how, "say how it was looked for, such as bubbles or detector");
            InputProblem.require(
                    !isRepaired || !place.isBlank(), "place", place, "say where the leak was that is repaired");
            return Decision.of(new ChargeEntry.LeakSought(place.strip(), how.strip(), isRepaired));
        }
    }

    /**
     * Lets nitrogen stand in it.
     *
     * @param psig at first @param after psig at the end @param minutes for which it stood
     * @param warmth of the circuit meanwhile; null where it was not read
     */
    record Press(double psig, double after, double minutes, TightAndDry.@Nullable Warmth warmth) implements OnCharge {
        @Override
        public Decision decide(CallState state, Surroundings around) {
            OptionalDouble most = TightAndDry.mostPsig(state.plates());
            InputProblem.require(
                    psig > 0 && (most.isEmpty() || psig <= most.getAsDouble()),
                    "psig",
                    psig,
                    most.isEmpty()
                            ? "give the test pressure, above 0"
                            : "the lowest plate stands " + Figures.plain(most.getAsDouble()) + " psig: never more");
            InputProblem.require(after >= 0 && after <= psig + 50, "after", after, "give the pressure at the end");
            return Decision.of(new ChargeEntry.TightnessTested(
                    psig, minutes, TightAndDry.tightness(psig, after, minutes, warmth)));
        }
    }

    /** Draws a vacuum and shuts it off. @param microns when it was shut off @param after microns at the end */
    record Evacuate(double microns, double after, double minutes) implements OnCharge {
        @Override
        public Decision decide(CallState state, Surroundings around) {
            return Decision.of(
                    new ChargeEntry.Evacuated(microns, minutes, TightAndDry.vacuum(microns, after, minutes)));
        }
    }
}
