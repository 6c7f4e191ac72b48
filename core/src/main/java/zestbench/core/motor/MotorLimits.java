package zestbench.core.motor;

/** Figures that the rules for motors go by. */
final class MotorLimits {
    /** in of body diameter. So far a belly band still closes. [practice] */
    static final double BAND_WITHIN_INCHES = 0.15;

    /** in of shaft diameter. So far a hub still sits. [practice] */
    static final double SHAFT_WITHIN_INCHES = 0.005;

    /** V. Limits are printed in whole volts: 187 V for 208 − 10 %. [practice] */
    static final double WHOLE_VOLT = 0.5;

    /** V. From here down a line is a 208 V system. [practice] */
    static final double SYSTEM_208_TO_VOLTS = 216;

    /** As a ratio of volts. Named values that lie closer are of one connection. [practice] */
    static final double SAME_CONNECTION = 1.25;

    /** Of the old rpm. So far a speed still serves its blade. [practice] */
    static final double RPM_WITHIN = 0.05;

    /** Of the old rpm. Speeds that lie closer are the same. [practice] */
    static final double RPM_SAME = 0.01;

    /** As a multiple of the old FLA. To here a motor draws no more than the wires were chosen for. [practice] */
    static final double AMPS_WITHIN = 1.10;

    /** As a multiple of the old FLA, for a motor of a step more power. [practice] */
    static final double AMPS_WITH_POWER = 1.15;

    /** A. So far a printed MCA and a reckoned one agree: plates round. [practice] */
    static final double MCA_WITHIN_AMPS = 0.15;

    private MotorLimits() {}
}
