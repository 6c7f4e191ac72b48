package zestbench.core.transformer;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import zestbench.core.label.Grammar;
import zestbench.core.label.LabelRead;
import zestbench.core.value.Value;

/** The grammar of transformer labels: VA, primary and secondary volts, and the lead list exactly as it is printed. */
public final class TransformerLabel {
    /** Its name in the open interface. */
    public static final String KIND = "transformer";

    private static final Map<String, String> COLOURS = Map.ofEntries(
            Map.entry("white", "WHITE"),
            Map.entry("wht", "WHITE"),
            Map.entry("black", "BLACK"),
            Map.entry("blk", "BLACK"),
            Map.entry("red", "RED"),
            Map.entry("orange", "ORANGE"),
            Map.entry("org", "ORANGE"),
            Map.entry("orn", "ORANGE"),
            Map.entry("yellow", "YELLOW"),
            Map.entry("yel", "YELLOW"),
            Map.entry("blue", "BLUE"),
            Map.entry("blu", "BLUE"),
            Map.entry("brown", "BROWN"),
            Map.entry("brn", "BROWN"),
            Map.entry("purple", "PURPLE"),
            Map.entry("violet", "PURPLE"),
            Map.entry("green", "GREEN"),
            Map.entry("gray", "GREY"),
            Map.entry("grey", "GREY"),
            Map.entry("pink", "PINK"),
            Map.entry("tan", "TAN"));
    private static final Set<String> COMMON = Set.of("com", "common", "c", "neutral");
    private static final Set<String> PRIMARY = Set.of("pri", "primary", "input", "line");
    private static final Set<String> SECONDARY = Set.of("sec", "secondary", "output", "to");
    private static final Set<String> NAMES = Set.of("transformer", "xfmr", "xformer", "trafo");
    private static final Set<String> OTHERS =
            Set.of("coil", "pole", "poles", "fla", "rpm", "hp", "mca", "rla", "fuse", "spdt", "dpdt");
    private static final Set<Double> SECONDARIES = Set.of(12.0, 16.0, 18.0, 24.0, 28.0);
    private static final double LEAST_PRIMARY = 100;

    private final Grammar grammar;
    /** Volts that are printed only beside their leads. */
    private final TreeSet<Double> taps = new TreeSet<>();

    private TransformerLabel(String text) {
        this.grammar = new Grammar(text);
    }

    /** Reads {@code text} as a transformer's label; never fails, what it cannot read is left over. */
    public static LabelRead read(String text) {
        return new TransformerLabel(text).run();
    }

    /** Whether the text speaks of a transformer: by name, or of VA with volts and no coil. */
    public static boolean resembles(String text) {
        Grammar grammar = new Grammar(text);
        boolean isNamed = false;
        boolean hasOther = false;
        for (int i = 0; i < grammar.size(); i++) {
            String word = grammar.at(i).isNumber() ? "" : grammar.at(i).word();
            isNamed |= NAMES.contains(word);
            hasOther |= OTHERS.contains(word);
        }
        Map<String, Value> fields = read(text).fields().fields();
        return isNamed
                ? !fields.isEmpty()
                : !hasOther
                        && fields.containsKey("voltAmps")
                        && (fields.containsKey("primaryVolts") || fields.containsKey("secondaryVolts"));
    }

    private LabelRead run() {
        for (int i = 0; i < grammar.size(); i++) {
            voltAmps(i);
            small(i);
            hertz(i);
        }
        leads();
        sides();
        if (!grammar.has("primaryVolts") && !taps.isEmpty()) {
            grammar.set(
                    "primaryVolts",
                    new Value.Items(taps.stream().map(v -> (Value) Value.of(v)).toList()));
        }
        boolean isNothing = TransformerAttributes.ALL.stream().noneMatch(a -> grammar.has(a.name()));
        if (!isNothing && !grammar.has("leads")) {
            grammar.doubt("leads", "the lead list is not read; colours are no code between makers", null);
        }
        if (!isNothing) {
            grammar.doubt("loads", "what hangs on it decides how large it has to be: add each load with its VA", null);
        }
        return grammar.done(isNothing ? null : KIND);
    }

    private void voltAmps(int i) {
        if (grammar.is(i, "va") && grammar.isNumber(i - 1) && !grammar.has("voltAmps")) {
            grammar.read("voltAmps", Value.of(grammar.at(i - 1).number()), i - 1, i + 1);
        }
        if (grammar.isOneOf(i, NAMES)) {
            grammar.skip(i, i + 1);
        }
    }

    private void small(int i) {
        if ((grammar.is(i, "class") || grammar.is(i, "cl"))
                && grammar.isNumber(i + 1)
                && grammar.at(i + 1).number() == 2) {
            grammar.read("class2", Value.of(true), i, i + 2);
        } else if (grammar.isOneOf(i, Set.of("breaker", "fusible"))
                || (grammar.is(i, "fuse") && grammar.isOneOf(i - 1, Set.of("with", "protected", "by")))) {
            int to = grammar.is(i, "fusible") && grammar.is(i + 1, "link") ? i + 2 : i + 1;
            String name = grammar.is(i, "breaker") ? "BREAKER" : grammar.is(i, "fuse") ? "FUSE" : "FUSIBLE";
            grammar.read("secondaryProtection", Value.of(name), i, to);
        } else if (grammar.is(i, "series") && grammar.isOneOf(i + 2, Set.of("parallel"))) {
            grammar.read("windings", Value.of("SERIES_PARALLEL"), i, i + 3);
        }
    }

    private void hertz(int i) {
        if (!grammar.is(i, "hz") || grammar.has("hertz") || !grammar.isNumber(i - 1)) {
            return;
        }
        boolean isBoth = grammar.is(i - 2, "/") && grammar.isNumber(i - 3);
        Value value = isBoth
                ? Value.numbers(grammar.at(i - 3).number(), grammar.at(i - 1).number())
                : Value.numbers(grammar.at(i - 1).number());
        grammar.read("hertz", value, isBoth ? i - 3 : i - 1, i + 1);
    }

    /** {@code WHT COM, BLK 120V, RED = 208}, or the volts before the colour. */
    private void leads() {
        List<Value> out = new ArrayList<>();
        int n = grammar.size();
        for (int i = 0; i < n; i++) {
            if (!grammar.free(i)
                    || grammar.isNumber(i)
                    || !COLOURS.containsKey(grammar.at(i).word())) {
                continue;
            }
            String colour = COLOURS.getOrDefault(grammar.at(i).word(), "");
            int behind = past(i + 1);
            int to;
            int from = i;
            double volts;
            if (grammar.isOneOf(behind, COMMON)) {
                volts = 0;
                to = behind + 1;
            } else if (isPrimary(behind)) {
                volts = grammar.at(behind).number();
                to = grammar.is(behind + 1, "v") ? behind + 2 : behind + 1;
            } else {
                int before = back(i - 1);
                int number = grammar.is(before, "v") ? before - 1 : before;
                if (grammar.isOneOf(before, COMMON)) {
                    volts = 0;
                    from = before;
                } else if (isPrimary(number)) {
                    volts = grammar.at(number).number();
                    from = number;
                } else {
                    continue;
                }
                to = i + 1;
            }
            if (volts > 0) {
                taps.add(volts);
            }
            int index = out.size();
            Map<String, Value> row = new LinkedHashMap<>();
            row.put("color", Value.of(colour));
            row.put("volts", Value.of(volts));
            out.add(new Value.Fields(row));
            grammar.take("leads[" + index + "].color", from, to);
        }
        if (!out.isEmpty()) {
            grammar.set("leads", new Value.Items(out));
        }
    }

    private boolean isPrimary(int i) {
        return grammar.isNumber(i)
                && grammar.at(i).number() >= LEAST_PRIMARY
                && grammar.at(i).number() <= 600;
    }

    private int past(int i) {
        int at = i;
        while (grammar.is(at, ":") || grammar.is(at, "=") || grammar.is(at, "-") || grammar.is(at, ".")) {
            at++;
        }
        return at;
    }

    private int back(int i) {
        int at = i;
        while (grammar.is(at, ":") || grammar.is(at, "=") || grammar.is(at, "-")) {
            at--;
        }
        return at;
    }

    /** {@code PRI 120/208/240V SEC 24V}, {@code 240 x 480}, {@code 120 V to 24 V}. */
    private void sides() {
        for (int i = 0; i < grammar.size(); i++) {
            if (grammar.isOneOf(i, SECONDARY)
                    && grammar.isNumber(past(i + 1))
                    && !grammar.has("secondaryVolts")
                    && grammar.at(past(i + 1)).number() < LEAST_PRIMARY) {
                int number = past(i + 1);
                grammar.read(
                        "secondaryVolts",
                        Value.of(grammar.at(number).number()),
                        i,
                        grammar.is(number + 1, "v") ? number + 2 : number + 1);
            }
        }
        for (int i = 0; i < grammar.size() && !grammar.has("primaryVolts"); i++) {
            boolean isNamed = grammar.isOneOf(i, PRIMARY);
            int from = isNamed ? past(i + 1) : i;
            int to = row(from);
            if (to > from) {
                primary(from, to, isNamed ? i : from);
            }
        }
        for (int i = 0; i < grammar.size() && !grammar.has("secondaryVolts"); i++) {
            if (grammar.isNumber(i) && SECONDARIES.contains(grammar.at(i).number())) {
                grammar.read(
                        "secondaryVolts", Value.of(grammar.at(i).number()), i, grammar.is(i + 1, "v") ? i + 2 : i + 1);
            }
        }
    }

    private int row(int from) {
        int at = from;
        while (isPrimary(at)) {
            at++;
            boolean isJoined = grammar.is(at, "/") || grammar.is(at, ",") || grammar.is(at, "x") || grammar.is(at, "-");
            if (isJoined && isPrimary(at + 1)) {
                at++;
            } else {
                break;
            }
        }
        return at;
    }

    private void primary(int from, int to, int takeFrom) {
        List<Value> volts = new ArrayList<>();
        boolean isCrossed = false;
        for (int i = from; i < to; i++) {
            isCrossed |= grammar.is(i, "x");
            if (grammar.isNumber(i)) {
                volts.add(Value.of(grammar.at(i).number()));
            }
        }
        grammar.read("primaryVolts", new Value.Items(volts), takeFrom, grammar.is(to, "v") ? to + 1 : to);
        if (isCrossed) {
            grammar.set("windings", Value.of("SERIES_PARALLEL"));
            grammar.cite("windings", from, to, 0.95);
        }
    }
}
