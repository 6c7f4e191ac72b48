package zestbench.core.plate;

import zestbench.core.family.Spec;
import zestbench.core.judgement.Mark;
import zestbench.core.judgement.Reckoning;
import zestbench.core.quantity.Figures;

/**
 * The rated-load amps of all compressors together, set against tons: 5 to 8 A a ton on single-phase 230 V, on three phases
 * that ÷ √3, at other volts in inverse proportion. [practice]
 */
record CompressorAmps(double amps, int phase, double volts) {
    private static final double LEAST_PER_TON = 5;
    private static final double MOST_PER_TON = 8;
    private static final double AT_VOLTS = 230;

    static CompressorAmps of(Spec plate) {
        double amps = 0;
        for (Spec row : plate.rows("compressors")) {
            amps += row.number("ratedLoadAmps").orElse(0.0);
        }
        double volts = 0;
        for (double rated : plate.numbers("volts")) {
            volts = Math.max(volts, rated);
        }
        return new CompressorAmps(amps, plate.number("phase").orElse(1.0) == 3 ? 3 : 1, volts > 0 ? volts : AT_VOLTS);
    }

    CompressorAmps ofOne(double rated) {
        return new CompressorAmps(rated, phase, volts);
    }

    boolean isKnown() {
        return amps > 0;
    }

    /** Amps a ton as they would be on single-phase 230 V. */
    double perTon(double tons) {
        return amps * (phase == 3 ? Math.sqrt(3) : 1) * volts / AT_VOLTS / tons;
    }

    boolean agreesWith(double tons) {
        // as it is said: 4.98 is the same 5.0 that is usual
        double said = Math.round(perTon(tons) * 10) / 10.0;
        return isKnown() && said >= LEAST_PER_TON && said <= MOST_PER_TON;
    }

    Reckoning reckoning(double tons) {
        String scaled =
                (phase == 3 ? " × √3" : "") + (volts == AT_VOLTS ? "" : " × " + Figures.plain(volts) + " ÷ 230");
        return Reckoning.of(
                Mark.PRACTICE,
                "{} A{} ÷ {} ton = {} A a ton, usually 5 to 8.",
                Figures.plain(Figures.tidy(amps)),
                scaled,
                Figures.plain(tons),
                Figures.fixed(perTon(tons), 1));
    }
}
