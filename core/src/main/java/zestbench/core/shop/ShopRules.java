package zestbench.core.shop;

import zestbench.core.quantity.InputProblem;

/** The schools in force. A judgement or match is made under one set of them and keeps it. */
public record ShopRules(
        CapacitorOut capacitorOut,
        boolean otherNominalWithinTolerance,
        MakeUp makeUpCapacitors,
        Universal universalCapacitor,
        boolean newCapacitorWithMotor,
        PowerStep motorPowerStep,
        boolean wholeFuseSet,
        Pitted replacePittedContactor,
        ShuntToTwoPole shuntToTwoPole,
        SmallerTransformer smallerTransformer,
        Discharge discharge,
        double temperatureSplitLow,
        double temperatureSplitHigh) {
    /** When a capacitor counts as out. */
    public enum CapacitorOut {
        LABEL_TOLERANCE,
        PREVENTIVE
    }

    /** Capacitors joined in parallel to make up a value. */
    public enum MakeUp {
        STOPGAP,
        PERMANENT,
        NEVER
    }

    /** Multi-section universal capacitors. */
    public enum Universal {
        PERMANENT,
        STOPGAP
    }

    /** How far above the old motor's power the new one may be. */
    public enum PowerStep {
        SAME,
        ONE_STEP
    }

    /** What to do with a contactor that works with pitted contacts. */
    public enum Pitted {
        ADVISE,
        IGNORE
    }

    /** A single pole with a shunt replaced by two poles. */
    public enum ShuntToTwoPole {
        UNLESS_CRANKCASE_HEAT,
        NEVER,
        ALWAYS
    }

    /** A transformer smaller than the old one. */
    public enum SmallerTransformer {
        NEVER,
        WHEN_LOAD_FITS
    }

    /** How a capacitor is discharged. */
    public enum Discharge {
        RESISTOR,
        INSULATED_TOOL
    }

    /** Every school at its default; the temperature split band is in °F. */
    public static final ShopRules DEFAULT = new ShopRules(
            CapacitorOut.LABEL_TOLERANCE,
            false,
            MakeUp.STOPGAP,
            Universal.PERMANENT,
            true,
            PowerStep.ONE_STEP,
            true,
            Pitted.ADVISE,
            ShuntToTwoPole.UNLESS_CRANKCASE_HEAT,
            SmallerTransformer.NEVER,
            Discharge.RESISTOR,
            16,
            22);

    private static final double WIDEST_SPLIT = 60;

    public ShopRules {
        InputProblem.require(
                temperatureSplitLow > 0 && temperatureSplitLow < temperatureSplitHigh,
                "rules.temperatureSplitLow",
                temperatureSplitLow,
                "give °F above 0 and below temperatureSplitHigh");
        InputProblem.require(
                temperatureSplitHigh <= WIDEST_SPLIT,
                "rules.temperatureSplitHigh",
                temperatureSplitHigh,
                "give °F up to 60");
    }
}
