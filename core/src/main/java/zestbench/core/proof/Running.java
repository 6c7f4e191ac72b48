package zestbench.core.proof;

/** What a unit runs for while it is proved. */
public enum Running {
    COOLING,
    /** by burner or elements */
    HEAT,
    /** by its own compressor, the valve reversed */
    HEAT_PUMP
}
