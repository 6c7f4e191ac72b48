package zestbench.core.motor;

import java.util.Set;

/** Voltages that motors are made for. [practice] */
final class VoltSteps {
    private static final Set<Double> USUAL = Set.of(
            100.0, 110.0, 115.0, 120.0, 127.0, 200.0, 208.0, 220.0, 230.0, 240.0, 265.0, 277.0, 380.0, 400.0, 415.0,
            440.0, 460.0, 480.0, 575.0, 600.0);

    private VoltSteps() {}

    static boolean isUsual(double volts) {
        return USUAL.contains(volts);
    }
}
