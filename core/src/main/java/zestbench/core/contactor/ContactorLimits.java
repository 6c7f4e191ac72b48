package zestbench.core.contactor;

/** Figures that the rules for contactors go by. */
final class ContactorLimits {
    /** V. Under this a coil is not fed. [practice] */
    static final double NO_COIL_VOLTS = 2;

    /** V across a closed pole under load. Above this it is doubtful. [practice] */
    static final double DOUBTFUL_POLE_VOLTS = 0.5;

    /** V across a closed pole under load. From here on it does not make. [practice] */
    static final double OPEN_POLE_VOLTS = 5;

    /** As a multiple of FLA. Locked-rotor amps of a fan whose label does not tell them. [practice] */
    static final double FAN_LOCKED_ROTOR = 6;

    private ContactorLimits() {}
}
