package zestbench.core.suspect;

/** How likely an observation is under a fault, in four words. The figures are practice, not measurement. [practice] */
public enum Likelihood {
    ALWAYS(0.97),
    OFTEN(0.6),
    SELDOM(0.1),
    NEVER(0);

    private final double ofYes;

    Likelihood(double ofYes) {
        this.ofYes = ofYes;
    }

    /** The probability that the observation is so, or is not. */
    double of(boolean isSo) {
        return isSo ? ofYes : 1 - ofYes;
    }
}
