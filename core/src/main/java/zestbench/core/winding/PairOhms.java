package zestbench.core.winding;

import java.util.List;
import zestbench.core.quantity.InputProblem;
import zestbench.core.quantity.Letters;
import zestbench.core.quantity.Meter;
import zestbench.core.quantity.Quantity;
import zestbench.core.quantity.Reading;

/**
 * Ohms between two terminals, or between a terminal and ground.
 *
 * @param one a terminal, as printed or numbered by whoever read it: C, R, S, T1, 1
 * @param two another one, or {@link #GROUND}
 * @param reading in ohms; open and OL are both no continuity
 * @param testVolts of an insulation tester; 0 for an ohmmeter
 */
public record PairOhms(String one, String two, Reading reading, double testVolts) {
    /** The other end of a reading to clean bare copper. */
    public static final String GROUND = "GROUND";

    private static final double MOST_TEST_VOLTS = 5_000;

    public PairOhms {
        InputProblem.require(
                reading.quantity() == Quantity.OHMS, "ohms", reading.quantity(), "windings are read in ohms");
        InputProblem.require(
                testVolts >= 0 && testVolts <= MOST_TEST_VOLTS,
                "testVolts",
                testVolts,
                "give the DC volts of the insulation tester, up to 5,000, or leave it out");
    }

    /** Reads {@code pair} as {@code 1-2}, {@code C-R} or {@code 1-GROUND}. */
    public static PairOhms of(String pair, Reading reading, double testVolts) {
        String plain =
                Letters.large(pair.strip()).replace('–', '-').replace('−', '-').replaceAll("\\s*-\\s*", "-");
        InputProblem.require(
                plain.matches("[A-Z0-9]{1,8}-[A-Z0-9]{1,8}"),
                "pair",
                pair,
                "name two terminals, as C-R or 1-2, or a terminal and ground, as 1-GROUND");
        List<String> ends =
                List.of(plain.split("-")).stream().map(PairOhms::named).toList();
        boolean turned = ends.get(0).equals(GROUND);
        String one = ends.get(turned ? 1 : 0);
        String two = ends.get(turned ? 0 : 1);
        InputProblem.require(!one.equals(two), "pair", pair, "name two different terminals");
        return new PairOhms(one, two, reading, testVolts);
    }

    private static String named(String end) {
        return end.matches("G|GND|GRD|EARTH|CASE|SHELL|FRAME|PE") ? GROUND : end;
    }

    public String pair() {
        return one + "-" + two;
    }

    public boolean isToGround() {
        return two.equals(GROUND);
    }

    boolean isClosed() {
        return reading.isFigure();
    }

    double ohms() {
        return reading.value();
    }

    boolean has(String terminal) {
        return one.equals(terminal) || two.equals(terminal);
    }

    /** The terminal both pairs have. */
    String shared(PairOhms other) {
        return other.has(one) ? one : two;
    }

    double uncertainty(Meter meter) {
        return isClosed() ? meter.uncertaintyOf(reading) : 0;
    }
}
