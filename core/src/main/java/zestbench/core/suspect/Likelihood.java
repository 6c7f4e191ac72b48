package zestbench.core.suspect;

/** How likely an observation is under a fault, in words. The figures are practice, not measurement. [practice] */
public enum Likelihood {
    /** what a fault is by its nature: three phases, for a lost leg of three */
    CERTAIN(1),
    /** broken only by what breaks it: volts where the line is */
    PLAIN(0.995),
    ALWAYS(0.97),
    OFTEN(0.6),
    SOMETIMES(0.3),
    SELDOM(0.1),
    RARE(0.02),
    NEVER(0);

    private final double ofYes;

    Likelihood(double ofYes) {
        this.ofYes = ofYes;
    }

    /** The probability that the observation is so. */
    double ofYes() {
        return ofYes;
    }
}
