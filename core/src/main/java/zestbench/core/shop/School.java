package zestbench.core.shop;

import java.util.List;

/** One question the shop settles for itself: its choices, the default among them, and why there is a choice at all. */
public record School(String key, String question, String reason, List<Choice> choices, String byDefault) {
    /** One answer. */
    public record Choice(String value, String words) {}

    /** Every school that matters to a match or a judgement. */
    public static final List<School> ALL = List.of(
            new School(
                    "capacitorOut",
                    "When is a run capacitor out?",
                    "The label's tolerance is what its maker promises. Half of it used up means the rest goes soon.",
                    List.of(
                            new Choice("LABEL_TOLERANCE", "Outside the label's tolerance; weak is shown"),
                            new Choice("PREVENTIVE", "When half the tolerance is used up")),
                    "LABEL_TOLERANCE"),
            new School(
                    "makeUpCapacitors",
                    "Two or more capacitors in parallel to make up a value?",
                    "It runs the motor well, but more joints and straps mean more to come loose.",
                    List.of(
                            new Choice("STOPGAP", "Until the proper one is here"),
                            new Choice("PERMANENT", "May stay"),
                            new Choice("NEVER", "Never")),
                    "STOPGAP"),
            new School(
                    "universalCapacitor",
                    "A multi-section universal capacitor?",
                    "One can, many values. Some shops want the unit's own value printed on the part.",
                    List.of(new Choice("PERMANENT", "May stay"), new Choice("STOPGAP", "Until the proper one is here")),
                    "PERMANENT"),
            new School(
                    "otherNominalWithinTolerance",
                    "Another rated value inside the old tolerance band?",
                    "A rated 7 for 7.5 starts near the limit and has nothing left to age into.",
                    List.of(
                            new Choice("false", "No, the same rated value"),
                            new Choice("true", "Yes, inside the band")),
                    "false"),
            new School(
                    "newCapacitorWithMotor",
                    "A new capacitor with every new motor?",
                    "An old capacitor can burn a new motor; it is the cheap half of the pair.",
                    List.of(new Choice("true", "Always"), new Choice("false", "Only where it is out")),
                    "true"),
            new School(
                    "discharge",
                    "How is a capacitor discharged?",
                    "A resistor takes the charge without a bang. A tool across the terminals is quicker and marks them.",
                    List.of(
                            new Choice("RESISTOR", "Through a resistor"),
                            new Choice("INSULATED_TOOL", "With an insulated tool")),
                    "RESISTOR"),
            new School(
                    "motorPowerStep",
                    "How much power may a new fan motor have?",
                    "A step up runs cool, yet costs amps. Some shops keep to what the unit came with.",
                    List.of(new Choice("ONE_STEP", "The same or one step up"), new Choice("SAME", "The same only")),
                    "ONE_STEP"),
            new School(
                    "replacePittedContactor",
                    "A contactor that works with pitted contacts?",
                    "Pits grow with every start. Some shops change it before it welds.",
                    List.of(new Choice("ADVISE", "Advise a new one"), new Choice("IGNORE", "Leave it")),
                    "ADVISE"),
            new School(
                    "shuntToTwoPole",
                    "Two poles in place of one and a shunt?",
                    "Crankcase heat may run through the leg a shunt leaves hot.",
                    List.of(
                            new Choice("UNLESS_CRANKCASE_HEAT", "Where no crankcase heat hangs on it"),
                            new Choice("NEVER", "Never"),
                            new Choice("ALWAYS", "Always")),
                    "UNLESS_CRANKCASE_HEAT"),
            new School(
                    "wholeFuseSet",
                    "The whole set of fuses at once?",
                    "The others carried the same fault; one of them is next.",
                    List.of(new Choice("true", "The whole set"), new Choice("false", "Only the open one")),
                    "true"),
            new School(
                    "smallerTransformer",
                    "A smaller transformer where the load sum fits?",
                    "The old one may have been sized for what is added later.",
                    List.of(new Choice("NEVER", "Never smaller"), new Choice("WHEN_LOAD_FITS", "Where the load fits")),
                    "NEVER"));
}
