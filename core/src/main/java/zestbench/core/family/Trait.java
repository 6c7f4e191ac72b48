package zestbench.core.family;

/** What a family is on a unit, for rules that ask no more than that. */
public enum Trait {
    /** Holds a charge: discharged before it is touched, its tool taken off before power. */
    HOLDS_CHARGE,
    /** A section that reads good can stay in, or serve elsewhere. */
    SERVES_IN_SECTIONS,
    /** Its figures drift with age, so that visits side by side tell when it will be out. */
    AGES,
    /** Helps a motor to run, on the terminals its label names. */
    SERVES_A_MOTOR,
    /** Helps a compressor to start. */
    STARTS,
    /** Moves the refrigerant: its amps go by RLA, and a new one goes in only once it is known what the old one died of. */
    COMPRESSES,
    /** Makes and breaks the line to a compressor. */
    MAKES_THE_LINE,
    /** Opens when its circuit draws too much. */
    PROTECTS,
    /** Is told by bare figures, so that a line without a word is taken as its label. */
    TOLD_BY_FIGURES
}
