package zestbench.core.proof;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import zestbench.core.quantity.InputProblem;

/**
 * At which temperature a refrigerant boils and condenses, by pressure. A blend with glide has two curves: bubble, where
 * the first bubble forms (for subcooling), and dew, where the last drop is gone (for superheat).
 *
 * <p>Between two rows ln p (absolute) runs straight against 1/T (absolute). [physics: Clausius and Clapeyron] Beyond the
 * table nothing is computed.
 *
 * @param refrigerant as R-410A
 * @param source where the figures come from, in words
 * @param rows by rising temperature, pressures at sea level
 */
public record SaturationTable(String refrigerant, String source, List<Row> rows) {
    private static final double FAHRENHEIT_TO_RANKINE = 459.67;
    private static final int LEAST_ROWS = 4;
    private static final int MOST_ROWS = 2_000;
    private static final double COLDEST = -200;
    private static final double HOTTEST = 400;
    private static final double MOST_PSIG = 3_000;

    /** @param bubblePsig and @param dewPsig at sea level */
    public record Row(double fahrenheit, double bubblePsig, double dewPsig) {}

    /** Which curve of a blend. */
    enum Curve {
        BUBBLE,
        DEW
    }

    public SaturationTable {
        rows = List.copyOf(rows);
        InputProblem.require(
                refrigerant.matches("R-\\d{2,4}[A-Za-z]{0,3}(\\(E\\))?"),
                "refrigerant",
                refrigerant,
                "give its number, as R-410A");
        InputProblem.require(!source.isBlank(), "source", source, "say where the figures come from");
        InputProblem.require(
                rows.size() >= LEAST_ROWS && rows.size() <= MOST_ROWS, "rows", rows.size(), "give 4 to 2,000 rows");
        for (int i = 0; i < rows.size(); i++) {
            check(rows, i);
        }
    }

    private static void check(List<Row> rows, int i) {
        Row row = rows.get(i);
        String field = "rows[" + i + "]";
        InputProblem.require(
                row.fahrenheit() >= COLDEST && row.fahrenheit() <= HOTTEST,
                field + ".fahrenheit",
                row.fahrenheit(),
                "give −200 to 400 °F");
        InputProblem.require(
                row.dewPsig() > -Altitude.SEA_LEVEL_PSIA && row.bubblePsig() <= MOST_PSIG,
                field + ".dewPsig",
                row.dewPsig(),
                "give psig above −14.7 and up to 3,000");
        InputProblem.require(
                row.bubblePsig() >= row.dewPsig(),
                field + ".bubblePsig",
                row.bubblePsig(),
                "the bubble pressure is never under the dew pressure " + row.dewPsig());
        if (i > 0) {
            Row before = rows.get(i - 1);
            boolean rises = row.fahrenheit() > before.fahrenheit()
                    && row.dewPsig() > before.dewPsig()
                    && row.bubblePsig() > before.bubblePsig();
            InputProblem.require(
                    rises, field + ".fahrenheit", row.fahrenheit(), "temperature and pressures rise from row to row");
        }
    }

    /** Dew temperature at a gauge pressure; empty beyond the table. */
    public OptionalDouble dewFahrenheit(double psig, Altitude altitude) {
        return at(Curve.DEW, psig, altitude);
    }

    /** Bubble temperature at a gauge pressure; empty beyond the table. */
    public OptionalDouble bubbleFahrenheit(double psig, Altitude altitude) {
        return at(Curve.BUBBLE, psig, altitude);
    }

    private OptionalDouble at(Curve curve, double psig, Altitude altitude) {
        double absolute = psig + altitude.atmospherePsia();
        List<Double> pressures = new ArrayList<>();
        for (Row row : rows) {
            double gauge = curve == Curve.DEW ? row.dewPsig() : row.bubblePsig();
            pressures.add(gauge + Altitude.SEA_LEVEL_PSIA);
        }
        for (int i = 1; i < rows.size(); i++) {
            double low = pressures.get(i - 1);
            double high = pressures.get(i);
            if (absolute >= low && absolute <= high) {
                double share = Math.log(absolute / low) / Math.log(high / low);
                double cold = 1 / (rows.get(i - 1).fahrenheit() + FAHRENHEIT_TO_RANKINE);
                double warm = 1 / (rows.get(i).fahrenheit() + FAHRENHEIT_TO_RANKINE);
                return OptionalDouble.of(1 / (cold + share * (warm - cold)) - FAHRENHEIT_TO_RANKINE);
            }
        }
        return OptionalDouble.empty();
    }

    /** The gauge pressures it reaches at sea level, in words. */
    String reach() {
        return Math.round(rows.get(0).dewPsig()) + " to "
                + Math.round(rows.get(rows.size() - 1).dewPsig()) + " psig";
    }
}
