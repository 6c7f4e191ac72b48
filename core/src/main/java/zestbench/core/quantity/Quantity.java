package zestbench.core.quantity;

/** What a meter or probe measures, with its unit sign and the steps of a 6,000-count meter. */
public enum Quantity {
    MICROFARADS("µF", 6, 0.001, 6_000),
    VOLTS("V", 6, 0.001, 1_000),
    AMPS("A", 6, 0.001, 600),
    OHMS("Ω", 600, 0.1, 60_000_000),
    PERCENT("%", 60, 0.01, 1_000),
    FAHRENHEIT("°F", 600, 0.1, 600),
    PSIG("psig", 6_000, 0.1, 1_000),
    CFM("cfm", 6_000, 1, 60_000),
    MICRONS("microns", 6_000, 1, 760_000),
    TONS("ton", 600, 0.1, 1_000),
    INCHES_OF_WATER("in wc", 60, 0.01, 600),
    MICROAMPS("µA", 60, 0.01, 600),
    THOUSAND_BTU_PER_HOUR("kBTU/h", 600, 0.1, 6_000);

    private static final double DECADE = 10;

    private final String unit;
    private final double firstRange;
    private final double firstResolution;
    private final double usualRange;

    Quantity(String unit, double firstRange, double firstResolution, double usualRange) {
        this.unit = unit;
        this.firstRange = firstRange;
        this.firstResolution = firstResolution;
        this.usualRange = usualRange;
    }

    public String unit() {
        return unit;
    }

    /** The largest value a usual meter shows for this quantity. [practice] */
    public double usualRange() {
        return usualRange;
    }

    /** Whether a reading below 0 means something: frost, and pressure under the atmosphere's. */
    public boolean goesBelowZero() {
        return this == FAHRENHEIT || this == PSIG;
    }

    /** The smallest step that a 6,000-count meter shows at {@code value}: 0.01 µF up to 60 µF, for one. */
    public double resolutionAt(double value) {
        double range = firstRange;
        double resolution = firstResolution;
        while (Math.abs(value) > range && range < usualRange) {
            range *= DECADE;
            resolution *= DECADE;
        }
        return Figures.tidy(resolution);
    }
}
