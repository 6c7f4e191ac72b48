package zestbench.core.motor;

import java.util.Map;
import java.util.Optional;

/** Full-load currents of motors by the code's tables; a label above them is read again, never refused. [NEC 430.248, 430.250] */
final class FullLoadCurrents {
    /** Single phase, 230 V. [NEC 430.248] */
    private static final Map<Double, Double> SINGLE = Map.ofEntries(
            Map.entry(1.0 / 6, 2.2),
            Map.entry(1.0 / 4, 2.9),
            Map.entry(1.0 / 3, 3.6),
            Map.entry(1.0 / 2, 4.9),
            Map.entry(3.0 / 4, 6.9),
            Map.entry(1.0, 8.0),
            Map.entry(1.5, 10.0),
            Map.entry(2.0, 12.0),
            Map.entry(3.0, 17.0),
            Map.entry(5.0, 28.0));
    /** Three phases, 230 V. [NEC 430.250] */
    private static final Map<Double, Double> THREE = Map.ofEntries(
            Map.entry(1.0 / 2, 2.2),
            Map.entry(3.0 / 4, 3.2),
            Map.entry(1.0, 4.2),
            Map.entry(1.5, 6.0),
            Map.entry(2.0, 6.8),
            Map.entry(3.0, 9.6),
            Map.entry(5.0, 15.2));
    /** Three phases, 460 V. [NEC 430.250] */
    private static final Map<Double, Double> THREE_460 = Map.ofEntries(
            Map.entry(1.0 / 2, 1.1),
            Map.entry(3.0 / 4, 1.6),
            Map.entry(1.0, 2.1),
            Map.entry(1.5, 3.0),
            Map.entry(2.0, 3.4),
            Map.entry(3.0, 4.8),
            Map.entry(5.0, 7.6),
            Map.entry(7.5, 11.0),
            Map.entry(10.0, 14.0));

    private static final double AT_208 = 1.10;
    private static final double AT_115 = 2;
    private static final double WITHIN = 0.03;

    private FullLoadCurrents() {}

    /** The table's amps; empty where it has no row for it. */
    static Optional<Double> of(double horsepower, int phase, double volts) {
        if (phase == 3) {
            if (volts > 400) {
                return row(THREE_460, horsepower);
            }
            return row(THREE, horsepower).map(a -> volts < 215 ? a * AT_208 : a);
        }
        return row(SINGLE, horsepower).map(a -> volts < 130 ? a * AT_115 : volts < 215 ? a * AT_208 : a);
    }

    private static Optional<Double> row(Map<Double, Double> table, double horsepower) {
        return table.entrySet().stream()
                .filter(e -> Math.abs(e.getKey() - horsepower) <= WITHIN * e.getKey())
                .map(Map.Entry::getValue)
                .findFirst();
    }
}
