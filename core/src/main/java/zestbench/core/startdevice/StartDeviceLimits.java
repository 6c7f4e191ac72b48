package zestbench.core.startdevice;

/** Figures that the rules for start devices go by. */
final class StartDeviceLimits {
    /** min. So long a PTC cools before it works again. [practice] */
    static final int COOL_MINUTES = 5;

    /** Ω. A PTC of this kind reads so much cold, at the most. [practice] */
    static final double COLD_OHMS = 200;

    /** A contact that is closed reads less. [practice] */
    static final double CONTACT_OHMS = 1;

    /** The coil of a potential relay has some thousand; under this it is shorted. [practice] */
    static final double SHORTED_COIL_OHMS = 100;

    private StartDeviceLimits() {}
}
