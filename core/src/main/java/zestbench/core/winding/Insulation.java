package zestbench.core.winding;

import java.util.List;
import zestbench.core.judgement.Demand;
import zestbench.core.judgement.Finding;
import zestbench.core.judgement.Judged;
import zestbench.core.judgement.Mark;
import zestbench.core.judgement.Reckoning;
import zestbench.core.judgement.Verdict;
import zestbench.core.quantity.Figures;
import zestbench.core.quantity.Meter;

/** A winding or heater to clean bare copper: an ohmmeter finds a dead short, only an insulation tester proves the rest. */
public final class Insulation {
    /** By ohmmeter, below this it is grounded. [practice] */
    private static final double GROUNDED_OHMS = 500_000;
    /** By 500 V DC, below this it stops. [practice] */
    private static final double STOP_OHMS = 1_000_000;
    /** By 500 V DC, from here on it is fine. [IEEE 43-2013, random-wound under 1 kV, at 40 °C; from memory] */
    private static final double FINE_OHMS = 5_000_000;

    private static final double LEAST_TEST_VOLTS = 250;
    private static final double MEGOHM = 1_000_000;
    private static final Mark TESTER =
            Mark.fromMemory("IEEE 43-2013, random-wound windings under 1 kV, corrected to 40 °C");

    private Insulation() {}

    /** What a reading to ground says; what follows from it is added to {@code findings}. */
    public static Judged judge(PairOhms pair, Meter meter, List<Finding> findings) {
        return pair.testVolts() >= LEAST_TEST_VOLTS ? byTester(pair, meter, findings) : byOhms(pair, meter, findings);
    }

    private static Judged byOhms(PairOhms pair, Meter meter, List<Finding> findings) {
        if (!pair.isClosed()) {
            findings.add(Finding.info(
                    "{} shows no path to ground by ohms; where a fuse keeps opening, 500 V DC decides.", pair.one()));
            return judged(pair, Verdict.GOOD, meter, "{} to ground: no continuity by ohmmeter.", pair.one());
        }
        if (pair.ohms() < GROUNDED_OHMS) {
            findings.add(Finding.stop(
                    Demand.LOADS_TO_GROUND, "{} is grounded. No more fuses: each one feeds the short.", pair.one()));
            return judged(pair, Verdict.FAILED, meter, "{} to ground: {} MΩ, under 0.5 MΩ.", pair.one(), megohms(pair));
        }
        findings.add(Finding.caution(
                "{} to ground is no proof by ohms: a warm, wet or oil-soaked winding reads so. Settle it with 500 V DC.",
                pair.one()));
        return judged(
                pair,
                Verdict.TOO_CLOSE,
                meter,
                "{} to ground: {} MΩ, between 0.5 MΩ and OL an ohmmeter proves nothing.",
                pair.one(),
                megohms(pair));
    }

    private static Judged byTester(PairOhms pair, Meter meter, List<Finding> findings) {
        double ohms = pair.isClosed() ? pair.ohms() : Double.POSITIVE_INFINITY;
        Verdict verdict = ohms < STOP_OHMS ? Verdict.FAILED : ohms <= FINE_OHMS ? Verdict.WEAK : Verdict.GOOD;
        if (verdict == Verdict.FAILED) {
            findings.add(Finding.stop(
                    Demand.LOADS_TO_GROUND, "{} is grounded. No more fuses: each one feeds the short.", pair.one()));
        } else if (verdict == Verdict.WEAK) {
            findings.add(Finding.caution(
                    "{}: 1 to 5 MΩ. Dry or clean it and read again; watch it from visit to visit.", pair.one()));
        }
        Reckoning reckoning = Reckoning.of(
                TESTER,
                "{} to ground at {} V DC: {}; below 1 MΩ stop, above 5 MΩ fine.",
                pair.one(),
                pair.testVolts(),
                pair.isClosed() ? megohms(pair) + " MΩ" : "over range");
        return new Judged(pair.pair(), verdict, pair.reading(), pair.uncertainty(meter), null, null, reckoning);
    }

    private static Judged judged(PairOhms pair, Verdict verdict, Meter meter, String pattern, Object... values) {
        return new Judged(
                pair.pair(),
                verdict,
                pair.reading(),
                pair.uncertainty(meter),
                null,
                null,
                Reckoning.of(Mark.PRACTICE, pattern, values));
    }

    private static String megohms(PairOhms pair) {
        return Figures.plain(pair.ohms() / MEGOHM);
    }
}
