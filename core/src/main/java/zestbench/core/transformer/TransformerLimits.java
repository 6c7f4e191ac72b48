package zestbench.core.transformer;

/** Figures that the rules for control transformers go by. */
final class TransformerLimits {
    /** As a multiple of a tap. A primary stands a tenth above it. [practice] */
    static final double PRIMARY_STANDS = 1.10;

    /** Of a tap. So near a line belongs to it. [practice] */
    static final double TAP_WITHIN = 0.10;

    /** V. What control circuits of these units are made for. [practice] */
    static final double USUAL_SECONDARY_VOLTS = 24;

    /** Of the volts expected, under load. Under it one is overloaded or on the wrong tap. [practice] */
    static final double LEAST_LOADED = 0.90;

    /** Of the volts expected, under load. [practice] */
    static final double MOST_LOADED = 1.10;

    /** Of the volts expected, with nothing on it. A small one reads so much higher. [practice] */
    static final double MOST_UNLOADED = 1.15;

    /** V. Under this there is nothing. [practice] */
    static final double NOTHING_VOLTS = 2;

    /** Of the rated secondary. Less leaves its coils no margin: a 24 V coil is promised to pull in from 20.4 V, so 21.0 is the least that is offered. [practice, over IEC 60947-4-1] */
    static final double LEAST_OFFERED = 0.875;

    /** Of the rated secondary. What its coils stand. [IEC 60947-4-1] */
    static final double MOST_OFFERED = 1.10;

    /** Of its VA. What is held may fill so much of it. [practice] */
    static final double HELD_SHARE = 0.8;

    /** VA. Class 2 stops here. [NEC chapter 9, table 11(A)] */
    static final double CLASS_TWO_VOLT_AMPS = 100;

    /** V. The higher of the taps that a line between 208 and 240 V may be on. [practice] */
    static final double HIGHEST_BETWEEN_VOLTS = 240;

    private TransformerLimits() {}
}
