package zestbench.core.motor;

import java.util.List;

/** The steps motors are made in. [practice; NEMA MG 1, 10.32, from memory] */
final class HorsepowerSteps {
    static final List<Double> ALL = List.of(
            1.0 / 20, 1.0 / 15, 1.0 / 12, 1.0 / 10, 1.0 / 8, 1.0 / 6, 1.0 / 5, 1.0 / 4, 1.0 / 3, 1.0 / 2, 3.0 / 4, 1.0,
            1.5, 2.0, 3.0, 5.0, 7.5, 10.0);

    /** kW as printed with the HP they stand for. [practice: IEC 60072-1 outputs beside HP steps, from memory] */
    private static final double[][] KILOWATTS = {
        {0.06, 1.0 / 12},
        {0.09, 1.0 / 8},
        {0.12, 1.0 / 6},
        {0.18, 1.0 / 4},
        {0.25, 1.0 / 3},
        {0.37, 1.0 / 2},
        {0.55, 3.0 / 4},
        {0.75, 1.0},
        {1.1, 1.5},
        {1.5, 2.0},
        {2.2, 3.0},
        {3.7, 5.0},
        {5.5, 7.5},
        {7.5, 10.0}
    };

    private static final double WITHIN = 0.03;
    private static final double KILOWATTS_PER_HORSEPOWER = 0.7457;

    private HorsepowerSteps() {}

    /** The step that {@code kilowatts} stand for; without one, their horsepower. */
    static double ofKilowatts(double kilowatts) {
        for (double[] pair : KILOWATTS) {
            if (Math.abs(kilowatts - pair[0]) <= WITHIN * pair[0]) {
                return pair[1];
            }
        }
        return kilowatts / KILOWATTS_PER_HORSEPOWER;
    }

    static boolean isStep(double horsepower) {
        return ALL.stream().anyMatch(step -> Math.abs(horsepower - step) <= WITHIN * step);
    }
}
