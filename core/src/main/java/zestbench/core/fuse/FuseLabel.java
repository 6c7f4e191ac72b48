package zestbench.core.fuse;

import static zestbench.core.label.LabelField.of;
import static zestbench.core.label.LabelField.told;

import java.util.List;
import org.jspecify.annotations.Nullable;
import zestbench.core.label.Figure;
import zestbench.core.label.LabelGrammar;
import zestbench.core.label.LabelRead;
import zestbench.core.label.LabelReader;
import zestbench.core.label.Shape;
import zestbench.core.label.Shapes;
import zestbench.core.label.Unit;
import zestbench.core.value.Value;

/** What a fuse's label says, and in which words. */
public final class FuseLabel {
    /** Its name in the open interface. */
    public static final String KIND = "fuse";

    private static final double MILLIMETRES_PER_INCH = 25.4;
    /** A body that is thicker is given in millimetres. */
    private static final double THICKEST_INCHES = 3.5;

    private static final double TOP_KILOAMPS = 300;

    public static final LabelGrammar GRAMMAR = new LabelGrammar(KIND)
            .hasAnyOf("fuseClass|amps")
            .tells("fuse|fuses|fusible|sicherung|plug fuse|glass|blade fuse|one-time fuse|current limiting")
            .field(of("amps", amps(), "amps|amp|ampere|rating").bare(0.1).alone(0.9))
            .field(of("volts", volts(), "volts|volt").bare(0.1).alone(1.0))
            .field(told("fuseClass", "class|classe|clase|klasse")
                    .by("RK1", "rk1|class rk1|rk 1")
                    .by("RK5", "rk5|class rk5|rk 5|r k five|class r k five")
                    .by("K5", "k5|class k5|k 5")
                    .by("H", "class h|clase h|classe h")
                    .by("J", "class j|clase j|classe j")
                    .by("T", "class t|clase t|classe t")
                    .by("CC", "class cc|cc")
                    .by("G", "class g")
                    .by("M", "class m|midget")
                    .by("S", "class s"))
            .field(
                    told("timeDelay")
                            .by(
                                    Value.of(true),
                                    "time delay|td|dual element|dual elem|slow blow|slo blo|time lag|temporise|retardo de tiempo",
                                    "retardo|delay|slow|slow acting|trage|t")
                            .by(
                                    Value.of(false),
                                    "fast acting|fast|quick acting|one time|one-time|non time delay|no time delay|non delay|flink|f|rapide|rapido"))
            .field(of("interruptingKiloamps", Shapes.number(1, TOP_KILOAMPS, Unit.KILOAMPS), interrupting()))
            .field(of(
                            "interruptingKiloamps",
                            Shapes.number(1, TOP_KILOAMPS, Unit.KILOAMPS).withUnit())
                    .bare(0.1))
            .field(of(
                    "interruptingKiloamps",
                    Shapes.number(1, TOP_KILOAMPS).also(Unit.AMPS, 0.001).unitless(0.001),
                    interrupting()))
            .field(of("bodyDiameterInches", FuseLabel::body).bare(0).alone(0))
            .foreign("sccr|kit contains|contains|lot")
            .fillers(
                    "or less|non renewable|renewable|blown|kit|control board",
                    "element|type s|gg|l|h|s|cartridge|ferrule|knife blade");

    private FuseLabel() {}

    /** Reads {@code text} as such a label; never fails, what it cannot read is left over. */
    public static LabelRead read(String text) {
        return LabelReader.read(GRAMMAR, text);
    }

    private static String[] interrupting() {
        return new String[] {
            "ir",
            "i.r.",
            "aic",
            "a.i.r.",
            "a.i.c.",
            "interrupting rating",
            "int rating",
            "int. rating",
            "interrupting",
            "ir ka",
            "interrupt rating",
            "pouvoir de coupure",
            "cap. interruptiva",
            "capacidad interruptiva",
            "breaking capacity"
        };
    }

    private static Shapes amps() {
        return Shapes.number(0.1, 600, Unit.AMPS)
                .usual(
                        1, 2, 3, 5, 6, 7, 7.5, 8, 10, 12, 15, 20, 25, 30, 35, 40, 45, 50, 60, 70, 80, 90, 100, 110, 125,
                        150, 175, 200, 225, 250, 300, 350, 400, 450, 500, 600, 6.3);
    }

    private static Shapes volts() {
        return Shapes.number(24, 1000, Unit.VOLTS).usual(32, 125, 250, 300, 480, 500, 600);
    }

    /** Diameter by length, in inches or in millimetres. */
    private static Shape.@Nullable Fit body(String path, Figure figure, @Nullable Unit unit) {
        List<Figure> sides = figure.split('x');
        boolean isLength = unit == null || unit == Unit.INCHES || unit == Unit.MILLIMETRES;
        Double across = sides.get(0).single();
        Double along = sides.size() == 2 ? sides.get(1).single() : null;
        if (!isLength || across == null || along == null || across >= along) {
            return null;
        }
        boolean isMetric = unit == Unit.MILLIMETRES || (unit == null && across > THICKEST_INCHES);
        double each = isMetric ? 1 / MILLIMETRES_PER_INCH : 1;
        return new Shape.Fit(
                List.of(
                        new Shape.Told(path, Value.of(across * each)),
                        new Shape.Told("bodyLengthInches", Value.of(along * each))),
                0);
    }
}
