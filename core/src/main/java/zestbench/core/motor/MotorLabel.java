package zestbench.core.motor;

import static zestbench.core.label.LabelField.of;
import static zestbench.core.label.LabelField.told;

import zestbench.core.label.LabelGrammar;
import zestbench.core.label.LabelRead;
import zestbench.core.label.LabelReader;
import zestbench.core.label.Shapes;
import zestbench.core.label.Unit;
import zestbench.core.quantity.Letters;
import zestbench.core.value.Value;

/** What a motor's label says, and in which words. */
public final class MotorLabel {
    /** Its name in the open interface. */
    public static final String KIND = "motor";

    private static final String STEPS = "steps";
    private static final String[] CAPACITOR = {
        "cap|capacitor|cap req'd|cap required|capacitor required|cr|cond|cond./cap|condensateur",
        "condensador|kondensator|takes a|run cap"
    };

    public static final LabelGrammar GRAMMAR = new LabelGrammar(KIND)
            .hasAnyOf("horsepower|rpm|amps|speeds|rotation")
            .tells(
                    "motor|mtr|fan motor|condenser fan motor|blower motor|blower|condenser fan|cond fan|moteur",
                    "fan|ventilador|ventilator|refrigeration fan motor|direct drive|motor co|ec-ventilator")
            .field(told("type", "type")
                    .by("PSC", "psc|permanent split capacitor|permanent split")
                    .by("SHADED_POLE", "shaded pole|shaded")
                    .by("SPLIT_PHASE", "split phase")
                    .by("CONSTANT_TORQUE", "constant torque|x13")
                    .by("CONSTANT_AIRFLOW", "constant airflow|constant cfm|variable speed"))
            .field(of("horsepower", MotorShapes::power, "p2|power|output|puissance|potencia|leistung")
                    .by(Unit.HORSEPOWER)
                    .bare(0)
                    .alone(0.55))
            .field(of("volts", volts(), "u|voltage|tension|voltaje|spannung|line")
                    .by(Unit.VOLTS)
                    .bare(0.05)
                    .alone(0.6))
            .field(of("volts", MotorShapes::supply).by(Unit.VOLTS).bare(0.05).alone(0.1))
            .field(of("phase", Shapes.number(1, 3, Unit.PHASES).usual(1, 3).whole(), "fases|phases")
                    .by(Unit.PHASES)
                    .bare(0))
            .field(told("phase")
                    .by(Value.of(1), "single phase|1~|one phase|monophase")
                    .by(Value.of(3), "three phase|3~|triphase|trifasico"))
            .field(of("hertz", Shapes.hertz()).by(Unit.HERTZ).bare(0).alone(0.9))
            .field(of(
                            "amps",
                            Shapes.list(0.05, 300, Unit.AMPS),
                            "fla|f.l. amps|full load amps|full load|courant|corriente|strom|current|full load current")
                    .by(Unit.AMPS)
                    .in(STEPS)
                    .bare(0.05))
            .field(of("lockedRotorAmps", Shapes.number(1, 1000, Unit.AMPS), "lra|locked rotor amps|locked rotor"))
            .field(of(
                            "rpm",
                            Shapes.list(200, 3600, Unit.REVOLUTIONS).whole().mostly(400, 3600),
                            "n|tr/min|max|vitesse|velocidad|drehzahl|speed")
                    .by(Unit.REVOLUTIONS)
                    .in(STEPS)
                    .bare(0))
            .field(of(
                            "rpm",
                            Shapes.list(500, 3600)
                                    .whole()
                                    .usual(
                                            825, 850, 1050, 1075, 1100, 1140, 1550, 1625, 1650, 1725, 1740, 1745, 1750,
                                            1760, 3450))
                    .in(STEPS)
                    .alone(0.5))
            .field(of("rpm", MotorShapes::speedAndTaps).in(STEPS).bare(0))
            .field(of("speeds", Shapes.number(1, 6, Unit.SPEEDS).whole(), "speeds")
                    .bare(0))
            .field(of("poles", Shapes.number(2, 12, Unit.POLES).usual(2, 4, 6, 8), "poles")
                    .bare(0))
            .field(of("frame", MotorShapes.KNOWN_FRAME).alone(0.3))
            .field(of("frame", MotorShapes.FRAME, "fr|frame|frm|frame size|carcasa|bati"))
            .field(told("rotation", "rotation|rot|rot.|giro|drehrichtung|sens")
                    .by("CW", "cw|clockwise|c w|horaire|sens horaire|rechts|horario|sentido horario")
                    .by(
                            "CCW",
                            "ccw|counterclockwise|counter clockwise|c c w|counter-clockwise|antihoraire|links|antihorario",
                            "sens antihoraire|anticlockwise|sentido antihorario")
                    .by("REVERSIBLE", "cw/ccw|ccw/cw|reversible|rev|reversable|rvs"))
            .field(told("rotationView")
                    .by(
                            "LEAD_END",
                            "le|lead end|facing lead end|cote fils|l e|facing leads|from leads|at leads|looking at leads")
                    .by(
                            "SHAFT_END",
                            "se|shaft end|opp lead end|opposite lead end|ole|facing shaft end|s e|drive end|de",
                            "facing shaft"))
            .field(of(
                            "capacitorMicrofarads",
                            Shapes.number(1, 150, Unit.MICROFARADS).mostly(1.5, 80),
                            CAPACITOR)
                    .by(Unit.MICROFARADS)
                    .bare(0))
            .field(of("capacitorMicrofarads", MotorShapes::capacitor, CAPACITOR)
                    .alone(0.35)
                    .bare(0.3))
            .field(of("capacitorVolts", Shapes.number(165, 500, Unit.VOLTS).usual(250, 370, 400, 440, 450), "cap volts")
                    .bare(0.4)
                    .alone(1.3))
            .field(of(
                    "shaftDiameterInches",
                    Shapes.number(0.1, 3, Unit.INCHES).fractions(),
                    "shaft|shaft dia|shaft diameter|bore"))
            .field(of("shaftDiameterInches", MotorShapes::shaft, "shaft|shaft size"))
            .field(of("shaftLengthInches", Shapes.number(0.5, 20, Unit.INCHES).fractions(), "shaft length|long"))
            .field(of(
                    "bodyDiameterInches",
                    Shapes.number(2, 15, Unit.INCHES).fractions(),
                    "dia|diameter|body|body dia|dia."))
            .field(of("bladeDiameterInches", Shapes.number(4, 60, Unit.INCHES).fractions(), "blade|blade dia"))
            .field(of("ambientCelsius", MotorShapes::ambient, "amb|ambient|amb.|max amb|tb|ta|temp|ambiente")
                    .bare(0.2))
            .field(told("enclosure", "encl|enclosure|enc")
                    .by("OPEN", "open|open air over")
                    .by("TEAO", "teao|totally enclosed air over")
                    .by(
                            "TENV",
                            "tenv|totally enclosed non-vent|totally enclosed non ventilated",
                            "totally enclosed non-ventilated")
                    .by("TEFC", "tefc|totally enclosed fan cooled")
                    .by("ODP", "odp|open drip proof|drip proof"))
            .field(insulation())
            .field(of(
                    "serviceFactor", Shapes.number(0.8, 2), "sf|service factor|serv fact|serv factor|s.f.|svc factor"))
            .field(told("thermallyProtected")
                    .by(
                            Value.of(true),
                            "thermally protected|thermal protection|auto thermal prot|thermally prot",
                            "auto thermally protected|thermal protected|auto protected|tp|t.p.")
                    .by(Value.of(false), "not thermally protected|no thermal protection|without thermal protection"))
            .field(told("drive").by("DIRECT", "direct drive").by("BELT", "belt drive|belt"))
            .field(told("mount")
                    .by("belly band", "belly band|band mount")
                    .by("studs", "stud mount|studs")
                    .by("resilient base", "resilient base")
                    .by("rigid base", "rigid base")
                    .by("ring", "ring mount"))
            .field(told("bearing", "bearing|brg|bearings|brgs")
                    .by("SLEEVE", "sleeve|sleeve bearing|slv|slv brg")
                    .by("BALL", "ball|ball bearing|ball brg"))
            .field(told("shaftPosition")
                    .by("up", "shaft up")
                    .by("down", "shaft down")
                    .by("any", "all angle|shaft up or down|any position")
                    .by("horizontal", "horizontal"))
            .field(MotorLeads.field())
            .foreign(
                    "code|kva code|kvar|max kvar|nema nom. eff.|eff|nom eff|pf|cos ø|cos|wt|de|ode|oil sae",
                    "mtr ref|ref|impedance|rise|spec|duty|time")
            .fillers(
                    "air over|impedance protected|with module|company",
                    "motor|black|blue|red|brown|white|high|med|low|hi|lo|medium|yellow|orange|purple|to capacitor",
                    "brown/white|see plug|leads|constant|cont|continuous|air|rotation|for|th|w/")
            .finish(MotorSettling::finish);

    private MotorLabel() {}

    /** Reads {@code text} as such a label; never fails, what it cannot read is left over. */
    public static LabelRead read(String text) {
        return LabelReader.read(GRAMMAR, text);
    }

    private static Shapes volts() {
        return Shapes.groups(100, 700, Unit.VOLTS)
                .usual(110, 115, 120, 200, 208, 220, 230, 240, 265, 277, 380, 400, 415, 440, 460, 480, 575);
    }

    private static zestbench.core.label.LabelField insulation() {
        zestbench.core.label.LabelField field = told("insulationClass", "ins", "insulation", "insul", "class insul");
        for (String letter : new String[] {"a", "b", "f", "h"}) {
            String large = Letters.large(letter);
            field = field.by(
                    large,
                    "ins cl " + letter,
                    "ins class " + letter,
                    "insulation class " + letter,
                    "insul class " + letter,
                    "class " + letter + " insul",
                    "class " + letter + " ins",
                    "class " + letter,
                    "cl " + letter,
                    "ins " + letter,
                    "iso " + letter,
                    "isol " + letter,
                    "isol./ins. cl " + letter,
                    "th cl " + letter);
        }
        return field;
    }
}
