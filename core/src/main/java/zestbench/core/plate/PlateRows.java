package zestbench.core.plate;

import static zestbench.core.label.LabelField.of;
import static zestbench.core.label.LabelField.told;

import zestbench.core.label.LabelField;
import zestbench.core.label.LabelGrammar;
import zestbench.core.label.Shapes;
import zestbench.core.label.Unit;
import zestbench.core.quantity.Letters;
import zestbench.core.value.Value;

/** What a plate says of the unit, its compressors and its fans alike, and of its refrigerant. */
final class PlateRows {
    private static final String[] REFRIGERANTS = {
        "12|22|32|123|124|134a|290|404a|407a|407c|407f|409a|410a|417a|421a|422b|422d|427a|438a|448a",
        "449a|450a|452a|452b|454a|454b|454c|466a|500|502|507|507a|513a|600a|744|1234yf|1234ze"
    };

    private PlateRows() {}

    static void supply(LabelGrammar grammar, String group) {
        grammar.field(of(
                                "volts",
                                Shapes.list(100, 700, Unit.VOLTS)
                                        .usual(110, 115, 120, 208, 220, 230, 240, 277, 380, 400, 415, 460, 480, 575),
                                "voltage|rated voltage|voltios|power supply|tension|voltaje|spannung|nom volts|nominal volts")
                        .by(Unit.VOLTS)
                        .in(group)
                        .bare(0.05)
                        .alone(1.3))
                .field(of("volts", PlateShapes::supply, "electrical|voltage|power supply")
                        .by(Unit.VOLTS)
                        .in(group)
                        .bare(0.05)
                        .alone(0.1))
                .field(of("phase", Shapes.number(1, 3, Unit.PHASES).usual(1, 3).whole(), "fases|phases")
                        .by(Unit.PHASES)
                        .in(group)
                        .bare(0))
                .field(told("phase")
                        .by(Value.of(1), "single phase|1~|1 f")
                        .by(Value.of(3), "three phase|3~|3n~")
                        .in(group))
                .field(of("hertz", Shapes.list(50, 60, Unit.HERTZ).usual(50, 60), "frequency")
                        .by(Unit.HERTZ)
                        .in(group)
                        .bare(0));
    }

    static void fan(LabelGrammar grammar, String group) {
        grammar.field(of(
                                "fullLoadAmps",
                                Shapes.number(0.1, 100, Unit.AMPS),
                                "fla|f.l.a.|f.l. amps|full load amps|full load|amps")
                        .in(group))
                .field(of(
                                "fullLoadAmps",
                                Shapes.number(0.1, 100, Unit.AMPS),
                                "fan|fan motor|fan fla|od fan|id fan|blower|cond fan|outdoor fan|indoor fan|condenser fan",
                                "ventilateur|ventilador")
                        .in(group))
                .field(of("fullLoadAmps", Shapes.number(0.1, 60, Unit.AMPS))
                        .in(group)
                        .bare(0.5))
                .field(of("fullLoadAmps", PlateShapes::each).in(group).bare(0.3))
                .field(of(
                                "horsepower",
                                Shapes.number(0.02, 100, Unit.HORSEPOWER).fractions())
                        .by(Unit.HORSEPOWER)
                        .in(group)
                        .bare(0))
                .field(of("horsepower", PlateShapes::fraction).in(group).alone(0.5))
                .field(of(
                                "quantity",
                                Shapes.number(1, 8).whole(),
                                "qty|quantity",
                                group.equals(PlateLabel.OUTDOOR) ? "fans" : "blowers",
                                group.equals(PlateLabel.OUTDOOR) ? "condenser fans" : "indoor fans")
                        .in(group));
    }

    static LabelField refrigerantAlone() {
        LabelField field = told("refrigerantAlone");
        for (String number : LabelField.words(REFRIGERANTS)) {
            field = field.by(name(number), "r" + number + " only|only r" + number);
        }
        return field;
    }

    private static String name(String number) {
        return "R-" + (number.endsWith("yf") || number.endsWith("ze") ? number : Letters.large(number));
    }

    static LabelField refrigerant() {
        LabelField field = told("refrigerant", "refrigerant|refrig|refrigerante|refr");
        for (String number : LabelField.words(REFRIGERANTS)) {
            String name = name(number);
            field = field.by(
                    name, "r" + number, "refrigerant " + number, "hfc-" + number, "hcfc-" + number, "refrig " + number);
            if (Character.isLetter(number.charAt(number.length() - 1)) && number.length() == 4) {
                field = field.by(name, number);
            }
        }
        return field.by("R-410A", "four ten a|r four ten a|r four ten")
                .by("R-22", "r twenty two")
                .by("R-32", "r thirty two")
                .by("R-454B", "four fifty four b");
    }
}
