package zestbench.core.capacitor;

/** Figures that the rules for capacitors go by. */
final class CapacitorLimits {
    /** Of its rated volts. What one stands for long. [IEC 60252-1, from memory] */
    static final double MOST_SHARE_OF_VOLTS = 1.10;

    /** V. One of so much serves a unit made for 370 or 440. [practice] */
    static final double SERVES_ANY_VOLTS = 440;

    private CapacitorLimits() {}
}
