package zestbench.core.motor;

import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import zestbench.core.label.Grammar;
import zestbench.core.label.LabelRead;
import zestbench.core.quantity.Letters;
import zestbench.core.value.Value;

/** The grammar of motor labels: figures beside their names, on either side of them, and codes run together. */
public final class MotorLabel {
    /** Its name in the open interface. */
    public static final String KIND = "motor";

    /** Abbreviations with points between their letters. */
    private static final Pattern POINTED = Pattern.compile("(?<![a-z])(?:[a-z]\\.){2,5}(?![a-z]{2})");

    private static final Set<String> MOTOR_WORDS = Set.of(
            "motor",
            "mtr",
            "hp",
            "horsepower",
            "horse",
            "rpm",
            "cwle",
            "ccwle",
            "cwse",
            "ccwse",
            "teao",
            "tenv",
            "tefc",
            "psc",
            "ecm");
    private static final Set<String> OTHER_PARTS = Set.of(
            "coil", "primary", "secondary", "va", "kva", "mca", "mop", "mocp", "rla", "fuse", "contactor", "relay");

    private final Grammar grammar;

    private MotorLabel(String text) {
        this.grammar = new Grammar(text, cleaned(text));
    }

    /** Reads {@code text} as a motor's label; never fails, what it cannot read is left over. */
    public static LabelRead read(String text) {
        return new MotorLabel(text).run();
    }

    /** Whether the text speaks of a motor: a word of one with HP or rpm beside it, and no word of another part. */
    public static boolean resembles(String text) {
        Grammar grammar = new Grammar(text, cleaned(text));
        boolean hasWord = false;
        for (int i = 0; i < grammar.size(); i++) {
            String word = grammar.at(i).isNumber() ? "" : grammar.at(i).word();
            if (OTHER_PARTS.contains(word)) {
                return false;
            }
            hasWord |= MOTOR_WORDS.contains(word);
        }
        Map<String, Value> fields = read(text).fields().fields();
        boolean figures = fields.containsKey("horsepower") || fields.containsKey("rpm");
        return figures && hasWord;
    }

    /** {@code F.L.A.} becomes {@code FLA} and blanks, so that every character keeps its place. */
    private static String cleaned(String text) {
        String small = Letters.small(text);
        Matcher matcher = POINTED.matcher(small);
        StringBuilder out = new StringBuilder(text);
        while (matcher.find()) {
            String letters = matcher.group().replace(".", "");
            out.replace(
                    matcher.start(),
                    matcher.end(),
                    letters + " ".repeat(matcher.end() - matcher.start() - letters.length()));
        }
        return out.toString();
    }

    private LabelRead run() {
        MotorWords words = new MotorWords(grammar);
        MotorFigures figures = new MotorFigures(grammar);
        PowerReader power = new PowerReader(grammar);
        SupplyReader supply = new SupplyReader(grammar);
        words.frame();
        power.shaft();
        words.codes();
        power.horsepower();
        supply.capacitor();
        supply.supply();
        figures.speeds();
        figures.amps();
        figures.named();
        words.rotation();
        words.kinds();
        figures.withoutNames();
        settle();
        return grammar.done(isNothing() ? null : KIND);
    }

    private boolean isNothing() {
        return MotorAttributes.ALL.stream().noneMatch(a -> grammar.has(a.name()));
    }

    /** What follows from what was read, and what is to be asked. */
    private void settle() {
        if (isNothing()) {
            return;
        }
        if (!grammar.has("type")) {
            if (grammar.is("phase", Value.of(3))) {
                grammar.set("type", Value.of("THREE_PHASE"));
            } else if (grammar.has("capacitorMicrofarads")) {
                grammar.set("type", Value.of("PSC"));
            } else {
                grammar.doubt("type", "the kind of motor is not printed; with a capacitor beside it, it is PSC", null);
            }
        }
        if (grammar.has("rotation")
                && !grammar.is("rotation", Value.of("REVERSIBLE"))
                && !grammar.has("rotationView")) {
            grammar.doubt(
                    "rotationView",
                    "the rotation is printed without where it is seen from: facing the leads or facing the shaft, the two "
                            + "are opposite",
                    null);
        }
        if (!grammar.has("hertz") && grammar.has("volts")) {
            grammar.doubt("hertz", "not printed or not read; 60 Hz is usual with these volts", Value.numbers(60));
        }
        if (!grammar.has("phase") && grammar.has("capacitorMicrofarads")) {
            grammar.doubt("phase", "not printed or not read; a motor with a capacitor is single-phase", Value.of(1));
        }
    }
}
