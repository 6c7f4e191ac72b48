package zestbench.core.motor;

import java.util.List;
import org.jspecify.annotations.Nullable;
import zestbench.core.judgement.Mark;
import zestbench.core.quantity.Figures;
import zestbench.core.wiring.Graph.Jumper;
import zestbench.core.wiring.Graph.Spot;

/**
 * How a dual-voltage motor is connected for the line it is on: low joins its winding halves side by side, high in a row.
 * What its own label prints goes before the usual nine leads. [NEMA MG 1, part 2, nine-lead star, from memory]
 */
record Connection(String text, Mark mark, List<Jumper> jumpers) {
    private static final Mark NINE_LEADS = Mark.fromMemory("NEMA MG 1, part 2, nine-lead star");

    /** @param connection which of the motor's voltages the line is on; −1 where that is not known */
    static Connection of(MotorRating motor, int connection, @Nullable Double lineVolts, String printed) {
        List<Double> low = motor.volts().get(0);
        List<Double> high = motor.volts().get(motor.volts().size() - 1);
        if (connection < 0) {
            return new Connection(
                    "Measure the line before it is connected: low for " + text(low) + " V, high for " + text(high)
                            + " V. Low on a high line destroys it.",
                    Mark.PRACTICE,
                    List.of());
        }
        boolean isLow = connection == 0;
        String which = (isLow ? "Connect LOW for " + text(low) : "Connect HIGH for " + text(high)) + " V"
                + (lineVolts == null ? "" : ", the line reads " + Figures.plain(lineVolts) + " V");
        if (!printed.isEmpty()) {
            return new Connection(which + ". As printed on it: " + printed, Mark.PRACTICE, List.of());
        }
        if (MotorPair.phaseOf(motor).orElse(1) != 3) {
            return new Connection(
                    which + ", by the table on its label. Low on a high line destroys it.", Mark.PRACTICE, List.of());
        }
        return isLow
                ? new Connection(
                        which
                                + ": T1 with T7, T2 with T8, T3 with T9 to the line; T4, T5 and T6 together. Its own table "
                                + "comes first.",
                        NINE_LEADS,
                        List.of(
                                jumper("T1", "T7"),
                                jumper("T2", "T8"),
                                jumper("T3", "T9"),
                                jumper("T4", "T5"),
                                jumper("T5", "T6")))
                : new Connection(
                        which
                                + ": T1, T2, T3 to the line; T4 with T7, T5 with T8, T6 with T9. Its own table comes first.",
                        NINE_LEADS,
                        List.of(jumper("T4", "T7"), jumper("T5", "T8"), jumper("T6", "T9")));
    }

    private static Jumper jumper(String from, String to) {
        return new Jumper(new Spot(0, from), new Spot(0, to));
    }

    private static String text(List<Double> volts) {
        return String.join("–", volts.stream().map(Figures::plain).toList());
    }
}
