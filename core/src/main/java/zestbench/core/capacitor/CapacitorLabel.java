package zestbench.core.capacitor;

import static zestbench.core.label.LabelField.of;
import static zestbench.core.label.LabelField.told;

import zestbench.core.family.Sections;
import zestbench.core.label.LabelGrammar;
import zestbench.core.label.LabelRead;
import zestbench.core.label.LabelReader;
import zestbench.core.label.Shapes;
import zestbench.core.label.Unit;
import zestbench.core.value.Value;

/** What a capacitor's label says, and in which words. */
public final class CapacitorLabel {
    /** Its name in the open interface. */
    public static final String KIND = "capacitor";

    static final String MICROFARADS = Sections.MICROFARADS;
    static final String LOW = "microfaradsLow";
    static final String HIGH = "microfaradsHigh";
    static final String MIN = "minCelsius";
    static final String MAX = "maxCelsius";
    static final String PARTS = "parts";
    static final String RATED = "rated";
    static final String VOLTS = "volts";
    static final String HERM = "herm";
    static final String FAN = "fan";
    static final String ONLY = "only";
    private static final String[] CAPACITANCE = {"cap|capacitance|capacity|mfd rating"};
    private static final String[] COLOURS = {"blue|violet|green|yellow|red|white|black|orange|brown|gray|purple|pink"};

    public static final LabelGrammar GRAMMAR = new LabelGrammar(KIND)
            .hasAnyOf(MICROFARADS, HERM, FAN, LOW, ONLY)
            .tells(
                    "capacitor|motor start capacitor|motor run capacitor|motor start|run capacitor",
                    "start capacitor|capacitors|condensateur|condensador|kondensator|motorkondensator|mkp",
                    "dual cap|cbb65|cbb60|cbb61|cbz65|dual|can|run cap|start cap")
            .field(of("herm", CapacitorShapes::pair, CAPACITANCE)
                    .by(Unit.MICROFARADS)
                    .bare(0)
                    .alone(0.35))
            .field(of("herm", CapacitorShapes::pairAndVolts).alone(0.3))
            .field(of(MICROFARADS, CapacitorShapes::many)
                    .by(Unit.MICROFARADS)
                    .in(PARTS)
                    .bare(0)
                    .alone(0.4))
            .field(of("herm", section(), "herm|hermetic|c-herm|c-h|h|comp|compressor"))
            .field(of("fan", section(), "fan|c-fan|c-f|f"))
            .field(of(MICROFARADS, section(), CAPACITANCE)
                    .by(Unit.MICROFARADS)
                    .in(PARTS)
                    .bare(0.05)
                    .alone(1.25))
            .field(of(MICROFARADS, section(), COLOURS).in(PARTS))
            .field(of(LOW, CapacitorShapes::range, CAPACITANCE)
                    .by(Unit.MICROFARADS)
                    .bare(0)
                    .alone(0.6))
            .field(of(VOLTS, CapacitorShapes::volts, "voltage|un|rated voltage|volts rating")
                    .by(Unit.VOLTS)
                    .in(RATED)
                    .bare(0)
                    .alone(0.7))
            .field(of("hours", Shapes.number(500, 60_000), "h|hours|hrs|std").in(RATED))
            .field(told("class")
                    .by("A", "class a|cl a|cl. a|klasse a")
                    .by("B", "class b|cl b|cl. b|klasse b|b")
                    .by("C", "class c|cl c")
                    .by("D", "class d|cl d|d")
                    .in(RATED))
            .field(of(
                            "tolerancePlusPercent",
                            CapacitorShapes::tolerance,
                            "±|tol|tolerance|tolerancia|toleranz|plus or minus|plus minus")
                    .by(Unit.PERCENT)
                    .bare(0.05))
            .field(of("hertz", Shapes.hertz(), "fn").by(Unit.HERTZ).bare(0).alone(0.8))
            .field(of(MIN, CapacitorShapes::span, "temp|temp.|temperature|range|amb")
                    .bare(0)
                    .alone(0.3))
            .field(of(MIN, CapacitorShapes::coldest, "min|min temp|temp min|temp. min")
                    .bare(0.1))
            .field(of(MAX, CapacitorShapes::hottest, "temp|temp max|max temp|temp. max|max|to")
                    .bare(0.1))
            .field(of(MIN, CapacitorShapes::climate).alone(0.1))
            .field(told("duty", "duty")
                    .by(
                            "run",
                            "run|run capacitor|marche|trabajo|de marche|de trabajo|motor run|running|betriebskondensator",
                            "motorkondensator|de marcha|permanent|permanente|regime permanent")
                    .by(
                            "start",
                            "start|start capacitor|motor start|motor start capacitor|start cap|starting|demarrage",
                            "arranque|de arranque|de demarrage|anlaufkondensator|anlasskondensator"))
            .field(told("protection")
                    .by("10000 AFC", "10000 afc|10,000 afc|10k afc|afc 10000|afc 10,000")
                    .by("P0", "p0")
                    .by("P1", "p1")
                    .by("P2", "p2|protected p2")
                    .by("S0", "s0|s0 class")
                    .by("S1", "s1")
                    .by("S2", "s2")
                    .by("S3", "s3"))
            .field(told("shape").by("round", "round|rond|redondo").by("oval", "oval|ovale|ovalado"))
            .field(of("heightInches", Shapes.number(0.5, 12, Unit.INCHES).fractions(), "tall|height|high"))
            .field(of("diameterInches", Shapes.number(0.5, 6, Unit.INCHES).fractions(), "dia|diameter|across|diam"))
            .field(of("diameterInches", CapacitorShapes::can).bare(0).alone(0.3))
            .field(
                    told("bleedResistor")
                            .by(
                                    Value.of(true),
                                    "bleed resistor|resistor|with resistor|with the resistor|with the resistor across it|bleeder"))
            .foreign(
                    "reads|read|measured|tested|starts|verlustfaktor|plastic case|for use with|stud torque",
                    "date code|15k|2w|hp|rpm")
            .fillers(
                    "common|c|common center|universal|multi section|protected|protege|intermittent duty only",
                    "oil filled|no pcb|no pcbs|condenser fan motor|motor|microfarads",
                    "want to go back to the plate")
            .physics(CapacitorSettling::against)
            .finish(CapacitorSettling::finish);

    private CapacitorLabel() {}

    /** Reads {@code text} as such a label; never fails, what it cannot read is left over. */
    public static LabelRead read(String text) {
        return LabelReader.read(GRAMMAR, text);
    }

    private static Shapes section() {
        return Shapes.number(0.5, 250, Unit.MICROFARADS).mostly(1.5, 100);
    }
}
