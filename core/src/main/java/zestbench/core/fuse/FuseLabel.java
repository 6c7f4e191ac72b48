package zestbench.core.fuse;

import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import zestbench.core.label.Grammar;
import zestbench.core.label.LabelRead;
import zestbench.core.quantity.Letters;
import zestbench.core.value.Value;

/** The grammar of fuse labels: amps, volts, class, delay, what it breaks, body. */
public final class FuseLabel {
    /** Its name in the open interface. */
    public static final String KIND = "fuse";

    private static final Set<String> LETTERS = Set.of("h", "j", "t", "g", "m", "s", "cc");
    private static final Set<String> AMPS = Set.of("a", "amp", "amps", "ampere", "amperes");
    private static final Set<String> OTHERS = Set.of(
            "mca", "mop", "rla", "compressor", "model", "pole", "poles", "coil", "fla", "hp", "rpm", "va", "primary");
    private static final Pattern BODY = Pattern.compile(
            "(\\d{1,2}(?:[- ]\\d{1,2}/\\d{1,2})?|\\d{1,2}/\\d{1,2})\\s*(?:\"|in)?\\s*x\\s*(\\d{1,2}(?:[- ]\\d{1,2}/\\d{1,2})?|\\d{1,2}/\\d{1,2})");
    private static final double MOST_AMPS = 6_000;
    private static final double THOUSAND = 1_000;

    private final String text;
    private final Grammar grammar;

    private FuseLabel(String text) {
        this.text = text;
        this.grammar = new Grammar(text);
    }

    /** Reads {@code text} as a fuse's label; never fails, what it cannot read is left over. */
    public static LabelRead read(String text) {
        return new FuseLabel(text).run();
    }

    /** Whether the text speaks of a fuse: by name, or of a class with amps. */
    public static boolean resembles(String text) {
        Grammar grammar = new Grammar(text);
        boolean isNamed = false;
        for (int i = 0; i < grammar.size(); i++) {
            String word = grammar.at(i).isNumber() ? "" : grammar.at(i).word();
            if (OTHERS.contains(word)) {
                return false;
            }
            isNamed |= word.equals("fuse");
        }
        Map<String, Value> fields = read(text).fields().fields();
        return fields.containsKey("amps") && (isNamed || fields.containsKey("fuseClass"));
    }

    private LabelRead run() {
        body();
        for (int i = 0; i < grammar.size(); i++) {
            fuseClass(i);
            delay(i);
        }
        for (int i = 0; i < grammar.size(); i++) {
            interrupting(i);
            volts(i);
        }
        amps();
        boolean isNothing = FuseAttributes.ALL.stream().noneMatch(a -> grammar.has(a.name()));
        if (!isNothing && !grammar.has("timeDelay")) {
            grammar.doubt("timeDelay", "not printed or not read; motor circuits want a time delay", null);
        }
        return grammar.done(isNothing ? null : KIND);
    }

    /** {@code CLASS RK5}, {@code RK-1}, {@code K5}, {@code CC}, {@code CLASS J}. */
    private void fuseClass(int i) {
        if (grammar.has("fuseClass")) {
            return;
        }
        int at = grammar.is(i, "class") || grammar.is(i, "cl") ? i + 1 : i;
        boolean isNamed = at > i;
        int number = grammar.is(at + 1, "-") ? at + 2 : at + 1;
        if ((grammar.is(at, "rk") || grammar.is(at, "k")) && grammar.isNumber(number)) {
            String name =
                    Letters.large(grammar.at(at).word()) + grammar.at(number).word();
            if (Set.of("RK1", "RK5", "K5").contains(name)) {
                grammar.read("fuseClass", Value.of(name), i, number + 1);
            }
        } else if (grammar.isOneOf(at, LETTERS) && (isNamed || grammar.is(at, "cc"))) {
            grammar.read("fuseClass", Value.of(Letters.large(grammar.at(at).word())), i, at + 1);
        } else if (grammar.is(i, "midget")) {
            grammar.read("fuseClass", Value.of("M"), i, i + 1);
        }
    }

    /** {@code TIME-DELAY}, {@code TD}, {@code DUAL ELEMENT}, {@code FAST ACTING}, {@code NON TIME DELAY}. */
    private void delay(int i) {
        if (grammar.has("timeDelay")) {
            return;
        }
        int next = grammar.is(i + 1, "-") ? i + 2 : i + 1;
        boolean isDelay = (grammar.is(i, "time") && grammar.is(next, "delay"))
                || (grammar.is(i, "dual") && grammar.is(next, "element"))
                || (grammar.isOneOf(i, Set.of("slow", "slo")) && grammar.isOneOf(next, Set.of("blow", "blo")));
        if (isDelay || grammar.is(i, "td")) {
            int before = grammar.is(i - 1, "-") ? i - 2 : i - 1;
            boolean isNot = grammar.isOneOf(before, Set.of("non", "no", "not"));
            grammar.read("timeDelay", Value.of(!isNot), isNot ? before : i, isDelay ? next + 1 : i + 1);
        } else if (grammar.is(i, "fast")) {
            grammar.read(
                    "timeDelay",
                    Value.of(false),
                    i,
                    grammar.isOneOf(next, Set.of("acting", "blow")) ? next + 1 : i + 1);
        }
    }

    /** {@code 200 KA IR}, {@code 200,000 AIC}. */
    private void interrupting(int i) {
        if (grammar.has("interruptingKiloamps") || !grammar.isNumber(i)) {
            return;
        }
        if (grammar.isOneOf(i + 1, Set.of("ka", "kaic", "kair"))) {
            int to = grammar.isOneOf(i + 2, Set.of("ir", "aic", "ic")) ? i + 3 : i + 2;
            grammar.read("interruptingKiloamps", Value.of(grammar.at(i).number()), i, to);
        } else if (grammar.isOneOf(i + 1, Set.of("aic", "air"))) {
            grammar.read("interruptingKiloamps", Value.of(grammar.at(i).number() / THOUSAND), i, i + 2);
        }
    }

    private void volts(int i) {
        if (grammar.isNumber(i) && grammar.is(i + 1, "v") && !grammar.has("volts")) {
            grammar.read("volts", Value.of(grammar.at(i).number()), i, i + 2);
        }
    }

    /** Amps by their unit, else the figure behind "fuse", else the first that is a standard rating. */
    private void amps() {
        for (int i = 0; i < grammar.size() && !grammar.has("amps"); i++) {
            if (grammar.isOneOf(i, AMPS) && isAmps(i - 1)) {
                grammar.read("amps", Value.of(grammar.at(i - 1).number()), i - 1, i + 1);
            }
        }
        for (int i = 0; i < grammar.size() && !grammar.has("amps"); i++) {
            if (grammar.is(i, "fuse") && isAmps(i + 1)) {
                grammar.read("amps", Value.of(grammar.at(i + 1).number()), i, i + 2);
            }
        }
        for (int i = 0; i < grammar.size() && !grammar.has("amps"); i++) {
            boolean isVolts = !grammar.has("volts") && grammar.isOneOf(i, Set.of("250", "300", "600"));
            if (isAmps(i) && FuseSizes.isStandard(grammar.at(i).number()) && grammar.has("fuseClass") && !isVolts) {
                grammar.read("amps", Value.of(grammar.at(i).number()), i, i + 1);
            }
        }
        for (int i = 0; i < grammar.size(); i++) {
            if (grammar.is(i, "fuse") || grammar.is(i, "fuses")) {
                grammar.skip(i, i + 1);
            }
        }
        for (int i = 0; i < grammar.size() && !grammar.has("volts") && grammar.has("amps"); i++) {
            boolean isUsual = grammar.isNumber(i)
                    && Set.of(250.0, 300.0, 600.0).contains(grammar.at(i).number());
            if (isUsual) {
                grammar.read("volts", Value.of(grammar.at(i).number()), i, i + 1);
            }
        }
    }

    private boolean isAmps(int i) {
        return grammar.isNumber(i)
                && grammar.at(i).number() > 0
                && grammar.at(i).number() <= MOST_AMPS
                && !grammar.is(i + 1, "v");
    }

    /** {@code 9/16 x 2}. */
    private void body() {
        Matcher matcher = BODY.matcher(Letters.small(text).replace('×', 'x'));
        if (!matcher.find()) {
            return;
        }
        int from = -1;
        int to = -1;
        for (int i = 0; i < grammar.size(); i++) {
            if (grammar.at(i).start() >= matcher.start() && grammar.at(i).end() <= matcher.end()) {
                from = from < 0 ? i : from;
                to = i + 1;
            }
        }
        if (from >= 0) {
            grammar.read("bodyDiameterInches", Value.of(inches(matcher.group(1))), from, to);
            grammar.set("bodyLengthInches", Value.of(inches(matcher.group(2))));
            grammar.cite("bodyLengthInches", from, to, 0.97);
        }
    }

    private static double inches(String text) {
        double sum = 0;
        for (String piece : text.split("[- ]")) {
            String[] halves = piece.split("/");
            sum += halves.length == 2
                    ? Double.parseDouble(halves[0]) / Math.max(1, Double.parseDouble(halves[1]))
                    : Double.parseDouble(piece);
        }
        return sum;
    }
}
