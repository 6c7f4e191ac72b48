package zestbench.core.capacitor;

import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import zestbench.core.label.Grammar;
import zestbench.core.label.LabelRead;
import zestbench.core.value.Value;

/** The grammar of capacitor labels. */
public final class CapacitorLabel {
    public static final String KIND = "capacitor";

    /** Words that speak of another kind of part even where a capacitor is mentioned beside it. */
    private static final Set<String> OTHER_PARTS =
            Set.of("hp", "rpm", "fla", "rla", "lra", "mca", "mop", "mocp", "coil", "va", "kva", "primary", "fuse");

    private static final Set<String> HERMETIC = Set.of("herm", "hermetic", "comp", "compressor");
    private static final Set<Double> USUAL_VOLTS =
            Set.of(110.0, 125.0, 165.0, 220.0, 250.0, 277.0, 330.0, 370.0, 400.0, 440.0, 450.0, 475.0, 480.0, 500.0);
    private static final double LEAST_VOLTS = 100;
    private static final double SURELY_RUN_VOLTS = 370;
    private static final double START_RANGE_FROM = 20;
    private static final double START_RANGE_WIDEST = 1.6;

    private final Grammar grammar;
    private final Farads farads;
    private final Map<String, Value> byClass = new TreeMap<>();
    private double ratedVolts = 0;

    private CapacitorLabel(String text) {
        this.grammar = new Grammar(text);
        this.farads = new Farads(grammar);
    }

    /** Reads {@code text} as a capacitor's label; never fails, what it cannot read is left over. */
    public static LabelRead read(String text) {
        return new CapacitorLabel(text).run();
    }

    /** Whether the text speaks of a capacitor: µF with figures, and no word of another part. */
    public static boolean resembles(String text) {
        Grammar grammar = new Grammar(text);
        for (int i = 0; i < grammar.size(); i++) {
            if (!grammar.at(i).isNumber() && OTHER_PARTS.contains(grammar.at(i).word())) {
                return false;
            }
        }
        Value.Fields fields = read(text).fields();
        boolean value =
                fields.fields().containsKey("sections") || fields.fields().containsKey("microfaradsLow");
        return value && (hasFarads(grammar) || fields.fields().containsKey("volts"));
    }

    private static boolean hasFarads(Grammar grammar) {
        for (int i = 0; i < grammar.size(); i++) {
            if (grammar.is(i, "µf")) {
                return true;
            }
        }
        return false;
    }

    private LabelRead run() {
        protection();
        for (int i = 0; i < grammar.size(); i++) {
            climateCode(i);
            temperatures(i);
            hertz(i);
            tolerance(i);
        }
        for (int i = 0; i < grammar.size(); i++) {
            voltsWithUnit(i);
        }
        size();
        words();
        farads.named();
        farads.withUnit();
        farads.joinedWithoutUnit();
        voltsWithoutUnit();
        farads.singleWithoutUnit();
        Value.@Nullable Items sections = farads.sections();
        if (sections != null) {
            grammar.set("sections", sections);
        }
        duty();
        doubts();
        return grammar.done(KIND);
    }

    private void protection() {
        for (int i = 0; i < grammar.size(); i++) {
            if (grammar.isNumber(i) && grammar.at(i).number() == 10_000 && grammar.is(i + 1, "afc")) {
                grammar.read("protection", Value.of("10000 AFC"), i, i + 2);
            } else if (grammar.free(i)
                    && !grammar.is(i + 1, "/")
                    && grammar.at(i).word().matches("[sp][0-3]")
                    && !grammar.at(i).isNumber()) {
                grammar.read(
                        "protection",
                        Value.of(grammar.at(i).word().replace('s', 'S').replace('p', 'P')),
                        i,
                        i + 1);
            }
        }
    }

    /** 40/070/21: −40 … +70 °C, 21 days damp heat. [IEC 60068-1, from memory] */
    private void climateCode(int i) {
        if (isRow(i, "/", 3)
                && Set.of(10.0, 25.0, 40.0, 55.0).contains(grammar.at(i).number())
                && Set.of(70.0, 85.0, 100.0).contains(grammar.at(i + 2).number())
                && Set.of(4.0, 10.0, 21.0, 56.0).contains(grammar.at(i + 4).number())
                && !grammar.is(i + 5, "µf")) {
            grammar.set("minCelsius", Value.of(-grammar.at(i).number()));
            grammar.cite("minCelsius", i, i + 1, 0.95);
            grammar.read("maxCelsius", Value.of(grammar.at(i + 2).number()), i, i + 5);
        }
    }

    private void temperatures(int i) {
        if (!isCelsius(i)) {
            return;
        }
        int last = i - 1;
        if (!grammar.isNumber(last)) {
            return;
        }
        int high = grammar.is(last - 1, "+") ? last - 1 : last;
        grammar.set("maxCelsius", Value.of(grammar.at(last).number()));
        int joint = high - 1;
        if (isCelsius(joint - 1) && joinsTemperatures(joint)) {
            joint--;
        }
        int low = grammar.isNumber(joint - 1) ? joint - 1 : joint - 2;
        boolean pair = joinsTemperatures(high - 1) && grammar.isNumber(low) && grammar.is(low - 1, "-");
        if (pair) {
            grammar.read("minCelsius", Value.of(-grammar.at(low).number()), low - 1, low + 1);
            grammar.skip(low + 1, high);
        }
        grammar.take("maxCelsius", high, i + 1);
        if (grammar.is(i + 1, "c")) {
            grammar.skip(i + 1, i + 2);
        }
    }

    private boolean joinsTemperatures(int i) {
        return grammar.is(i, "/") || grammar.is(i, "-");
    }

    private boolean isCelsius(int i) {
        return grammar.is(i, "°c") || grammar.is(i, "c") || grammar.is(i, "°");
    }

    private void hertz(int i) {
        if (!grammar.is(i, "hz") || !grammar.isNumber(i - 1)) {
            return;
        }
        boolean pair = (grammar.is(i - 2, "/") || grammar.is(i - 2, "-")) && grammar.isNumber(i - 3);
        if (pair) {
            double low = Math.min(grammar.at(i - 3).number(), grammar.at(i - 1).number());
            double high = Math.max(grammar.at(i - 3).number(), grammar.at(i - 1).number());
            grammar.read("hertz", Value.numbers(low, high), i - 3, i + 1);
        } else {
            grammar.read("hertz", Value.numbers(grammar.at(i - 1).number()), i - 1, i + 1);
        }
    }

    private void tolerance(int i) {
        if (grammar.is(i, "±") && grammar.isNumber(i + 1)) {
            int end = grammar.is(i + 2, "%") ? i + 3 : i + 2;
            tolerances(grammar.at(i + 1).number(), grammar.at(i + 1).number(), i, end);
            return;
        }
        if (!grammar.is(i, "%") || !grammar.isNumber(i - 1)) {
            return;
        }
        boolean halfOfPair = (grammar.is(i - 2, "+") || grammar.is(i - 2, "-"))
                && (grammar.is(i + 1, "+") || grammar.is(i + 1, "-"))
                && grammar.isNumber(i + 2)
                && grammar.is(i + 3, "%");
        if (halfOfPair) {
            return;
        }
        int second = i - 1;
        int joint = grammar.is(second - 2, "/") ? 1 : 0;
        int first = second - 2 - joint;
        if (grammar.is(first, "%")) {
            first--;
        }
        boolean plusFirst = grammar.is(first - 1, "+") && grammar.is(second - 1, "-");
        boolean minusFirst = grammar.is(first - 1, "-") && grammar.is(second - 1, "+");
        if (grammar.isNumber(first) && (plusFirst || minusFirst)) {
            double one = grammar.at(first).number();
            double two = grammar.at(second).number();
            tolerances(plusFirst ? one : two, plusFirst ? two : one, first - 1, i + 1);
        } else if (!grammar.has("tolerancePlusPercent")) {
            int start = grammar.is(second - 1, "±") ? second - 1 : second;
            tolerances(grammar.at(second).number(), grammar.at(second).number(), start, i + 1);
        }
    }

    private void tolerances(double plus, double minus, int from, int to) {
        grammar.set("tolerancePlusPercent", Value.of(plus));
        grammar.set("toleranceMinusPercent", Value.of(minus));
        grammar.cite("toleranceMinusPercent", from, to, 0.99);
        grammar.take("tolerancePlusPercent", from, to);
    }

    private void voltsWithUnit(int i) {
        if (!grammar.is(i, "v")) {
            return;
        }
        int from = i;
        double highest = 0;
        while (grammar.isNumber(from - 1)) {
            highest = Math.max(highest, grammar.at(from - 1).number());
            from--;
            if ((grammar.is(from - 1, "/") || grammar.is(from - 1, "-")) && isVolts(from - 2)) {
                from--;
            } else {
                break;
            }
        }
        if (from == i || highest < LEAST_VOLTS) {
            voltsBehindUnit(i);
            return;
        }
        int to = i + 1;
        if (grammar.is(to, "~") || grammar.is(to, "ac")) {
            to++;
        }
        int letter = grammar.is(to, "class") || grammar.is(to, "cl") || grammar.is(to, "(") ? to + 1 : to;
        @Nullable
        String lifeClass = grammar.free(letter) && grammar.at(letter).word().matches("[abcd]")
                ? grammar.at(letter)
                        .word()
                        .replace('a', 'A')
                        .replace('b', 'B')
                        .replace('c', 'C')
                        .replace('d', 'D')
                : null;
        if (lifeClass == null) {
            ratedVolts = Math.max(highest, ratedVolts);
            grammar.read("volts", Value.of(ratedVolts), from, to);
        } else {
            int end = grammar.is(letter + 1, ")") ? letter + 2 : letter + 1;
            voltsOfClass(lifeClass, highest, from, end);
        }
    }

    /** {@code VAC 440}: the unit printed first. */
    private void voltsBehindUnit(int unit) {
        int number = grammar.is(unit + 1, ":") ? unit + 2 : unit + 1;
        if (isVolts(number)) {
            ratedVolts = Math.max(grammar.at(number).number(), ratedVolts);
            grammar.read("volts", Value.of(ratedVolts), unit, number + 1);
        }
    }

    /** The figure of class A (30,000 h) or B (10,000 h) counts, not the highest. [IEC 60252-1, from memory] */
    private void voltsOfClass(String lifeClass, double volts, int from, int to) {
        byClass.put(lifeClass, Value.of(volts));
        grammar.read("voltsByClass", new Value.Fields(byClass), from, to);
        if (lifeClass.equals("A") || lifeClass.equals("B")) {
            ratedVolts = Math.max(volts, ratedVolts);
            grammar.set("volts", Value.of(ratedVolts));
            grammar.cite("volts", from, to, 0.95);
        }
    }

    private boolean isVolts(int i) {
        return grammar.isNumber(i) && grammar.at(i).number() >= LEAST_VOLTS;
    }

    private void voltsWithoutUnit() {
        for (int i = 0; i < grammar.size() && !grammar.has("volts"); i++) {
            if (grammar.isNumber(i)
                    && !grammar.at(i).glued()
                    && USUAL_VOLTS.contains(grammar.at(i).number())) {
                boolean pair = grammar.is(i + 1, "/") && isVolts(i + 2);
                double highest = pair
                        ? Math.max(grammar.at(i).number(), grammar.at(i + 2).number())
                        : grammar.at(i).number();
                ratedVolts = highest;
                grammar.read("volts", Value.of(highest), i, pair ? i + 3 : i + 1);
            }
        }
    }

    /** {@code 2.5 x 4.75 in}: diameter and height. */
    private void size() {
        for (int i = 0; i + 2 < grammar.size(); i++) {
            if (grammar.isNumber(i) && grammar.is(i + 1, "x") && grammar.isNumber(i + 2) && isCanSize(i)) {
                int to = i + 3;
                while (grammar.is(to, "in") || grammar.is(to, "\"") || grammar.is(to, "inch")) {
                    to++;
                }
                grammar.set("diameterInches", Value.of(grammar.at(i).number()));
                grammar.cite("diameterInches", i, i + 1, 0.9);
                grammar.read("heightInches", Value.of(grammar.at(i + 2).number()), i, to);
            }
        }
    }

    private boolean isCanSize(int i) {
        return grammar.at(i).number() <= 4 && grammar.at(i + 2).number() <= 12;
    }

    private void words() {
        for (int i = 0; i < grammar.size(); i++) {
            if (!grammar.free(i) || grammar.at(i).isNumber() || grammar.at(i).glued()) {
                continue;
            }
            switch (grammar.at(i).word()) {
                case "round", "rnd" -> grammar.read("shape", Value.of("round"), i, i + 1);
                case "oval", "ovl" -> grammar.read("shape", Value.of("oval"), i, i + 1);
                case "run" -> grammar.read("duty", Value.of("run"), i, i + 1);
                case "start", "starting" -> grammar.read("duty", Value.of("start"), i, i + 1);
                case "bleed" ->
                    grammar.read("bleedResistor", Value.of(true), i, grammar.is(i + 1, "resistor") ? i + 2 : i + 1);
                case "capacitor", "cap", "motor", "dual", "single", "tol", "tolerance", "ac", "hermetically" ->
                    grammar.skip(i, i + 1);
                default -> {}
            }
        }
    }

    /** A single rated value or two sections are a run capacitor's; a range is a start capacitor's. [practice] */
    private void duty() {
        if (grammar.has("duty")) {
            return;
        }
        int from = farads.firstToken();
        if (grammar.has("microfaradsLow")) {
            grammar.set("duty", Value.of("start"));
            grammar.cite("duty", from, farads.lastToken(), 0.95);
        } else if (grammar.has("sections") && (farads.isJoined() || ratedVolts >= SURELY_RUN_VOLTS)) {
            grammar.set("duty", Value.of("run"));
            grammar.cite("duty", from, farads.lastToken(), 0.95);
        } else if (grammar.has("sections")) {
            grammar.doubt(
                    "duty", "run or start is not printed; one rated value is usual on run capacitors", Value.of("run"));
        }
    }

    private void doubts() {
        boolean value = grammar.has("sections") || grammar.has("microfaradsLow");
        if (!value) {
            return;
        }
        if (!grammar.has("tolerancePlusPercent") && !grammar.has("microfaradsLow")) {
            grammar.doubt("tolerancePlusPercent", "not printed or not read; ±6 % is usual", Value.of(6));
            grammar.doubt("toleranceMinusPercent", "not printed or not read; ±6 % is usual", Value.of(6));
        }
        if (!grammar.has("volts")) {
            grammar.doubt(
                    "volts",
                    "not read; it never follows from the line volts. 440 serves a unit made for 370 or 440",
                    grammar.has("sections") ? Value.of(440) : null);
        }
    }

    private boolean isRow(int i, String sign, int count) {
        for (int n = 0; n < count; n++) {
            if (!grammar.isNumber(i + 2 * n) || (n > 0 && !grammar.is(i + 2 * n - 1, sign))) {
                return false;
            }
        }
        return true;
    }

    static boolean isStartRange(double low, double high) {
        return low >= START_RANGE_FROM && high > low && high <= low * START_RANGE_WIDEST;
    }

    static boolean isHermetic(String word) {
        return HERMETIC.contains(word);
    }
}
