package zestbench.core.motor;

import java.util.List;
import zestbench.core.quantity.Figures;

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

    /** Steps of fan motors; what is made between them counts between. [practice] */
    private static final List<Double> FAN =
            List.of(1.0 / 12, 1.0 / 8, 1.0 / 6, 1.0 / 4, 1.0 / 3, 1.0 / 2, 3.0 / 4, 1.0, 1.5, 2.0, 3.0, 5.0, 7.5, 10.0);

    /** How many fan steps {@code to} lies above {@code from}; half steps where one of them lies between two. */
    static double stepsUp(double from, double to) {
        return place(to) - place(from);
    }

    private static double place(double horsepower) {
        for (int i = 0; i < FAN.size(); i++) {
            if (Math.abs(horsepower - FAN.get(i)) <= WITHIN * FAN.get(i)) {
                return i;
            }
            if (horsepower < FAN.get(i)) {
                return i - 0.5;
            }
        }
        return FAN.size() - 0.5;
    }

    /** {@code 1/4}, {@code 1 1/2}, or a decimal where it is no step. */
    static String text(double horsepower) {
        int whole = (int) Math.floor(horsepower + 1e-6);
        double rest = horsepower - whole;
        for (int below : new int[] {2, 3, 4, 5, 6, 8, 10, 12, 15, 20}) {
            for (int above = 1; above < below; above++) {
                if (Math.abs(rest - (double) above / below) < 1e-3) {
                    return (whole > 0 ? whole + " " : "") + above + "/" + below;
                }
            }
        }
        return Figures.plain(horsepower);
    }

    static boolean isStep(double horsepower) {
        return ALL.stream().anyMatch(step -> Math.abs(horsepower - step) <= WITHIN * step);
    }
}
