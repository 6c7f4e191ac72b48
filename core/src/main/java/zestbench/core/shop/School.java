package zestbench.core.shop;

import java.util.List;

/** One question the shop settles for itself: its choices, the default among them, and why there is a choice at all. */
public record School(String key, String question, String reason, List<Choice> choices, String byDefault) {
    /** One answer. */
    public record Choice(String value, String words) {}

    /** The schools that touch capacitors. */
    public static final List<School> CAPACITORS = List.of(
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
                    "RESISTOR"));
}
