package zestbench.core.fuse;

/** Figures that the rules for fuses go by. */
final class FuseLimits {
    /** Ω. To here a whole fuse reads, leads zeroed. [practice] */
    static final double WHOLE_OHMS = 1;

    /** Ω. From here on it is as good as open. [practice] */
    static final double OPEN_OHMS = 1_000;

    /** V across it with the load on. A whole one reads less. [practice] */
    static final double WHOLE_VOLTS = 1;

    /** V across it with the load on. From here on it does not carry. [practice] */
    static final double OPEN_VOLTS = 10;

    /** A. A unit's own supply is never protected by less. [NEC 440.22(A), 240.6(A)] */
    static final double LEAST_AMPS_OF_A_UNIT = 15;

    /** Of MCA. So far under it an old rating speaks of another circuit. [practice] */
    static final double INNER_SHARE = 0.8;

    /** in. Bodies that differ by no more sit in the same clips. [practice] */
    static final double BODY_WITHIN_INCHES = 0.04;

    /** V. Above this a 240 V system runs over what a 250 V fuse names. [UL 248] */
    static final double HIGH_240_VOLTS = 250;

    /** Of an old rating that was legal. MCA is 1.25 × the largest load and the ceiling 2.25 × it, so under this share a fuse lies under MCA whatever the loads are. [physics, of NEC 440.33 and 440.22] */
    static final double LEAST_OF_OLD = 1.25 / 2.25;

    private FuseLimits() {}
}
