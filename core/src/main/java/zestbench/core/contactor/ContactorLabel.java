package zestbench.core.contactor;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import zestbench.core.label.Grammar;
import zestbench.core.label.LabelRead;
import zestbench.core.value.Value;

/** The grammar of contactor labels: poles, coil, and amps in rows by line volts. */
public final class ContactorLabel {
    /** Its name in the open interface. */
    public static final String KIND = "contactor";

    private static final Map<String, Double> COUNTS =
            Map.of("single", 1.0, "one", 1.0, "two", 2.0, "double", 2.0, "three", 3.0, "four", 4.0);
    private static final Set<String> POLES = Set.of("pole", "poles", "p");
    private static final Set<String> FULL_LOAD = Set.of("fla", "flc", "ac3", "inductive", "ind");
    private static final Set<String> RESISTIVE = Set.of("res", "resistive", "ac1");
    private static final Set<String> HOLDING = Set.of("holding", "hold", "sealed", "seal");
    private static final Set<String> OTHERS = Set.of(
            "fuse", "motor", "rpm", "hp", "transformer", "xfmr", "relay", "spdt", "dpdt", "spno", "spnc", "rla", "mca");
    private static final double MOST_COIL = 600;
    private static final double LARGEST_LOW_COIL = 48;

    /** Signs between a name and its figure, tokens of a row of figures: no label has more. */
    private static final int MOST_SIGNS = 4;

    private static final int LONGEST_COLUMN = 32;

    private final Grammar grammar;
    private final List<Row> rows = new ArrayList<>();

    /** Amps at one line voltage, as they are gathered. */
    private static final class Row {
        private @Nullable Value volts;
        private @Nullable Value fullLoad;
        private @Nullable Value lockedRotor;
        private @Nullable Value resistive;

        private Value.Fields fields() {
            Map<String, Value> out = new LinkedHashMap<>();
            put(out, "lineVolts", volts);
            put(out, "fullLoadAmps", fullLoad);
            put(out, "lockedRotorAmps", lockedRotor);
            put(out, "resistiveAmps", resistive);
            return new Value.Fields(out);
        }

        private static void put(Map<String, Value> out, String name, @Nullable Value value) {
            if (value != null) {
                out.put(name, value);
            }
        }
    }

    private ContactorLabel(String text) {
        this.grammar = new Grammar(text);
    }

    /** Reads {@code text} as a contactor's label; never fails, what it cannot read is left over. */
    public static LabelRead read(String text) {
        return new ContactorLabel(text).run();
    }

    /** Whether the text speaks of a contactor: by name, or of poles with a coil or full-load amps. */
    public static boolean resembles(String text) {
        Grammar grammar = new Grammar(text);
        boolean isNamed = false;
        for (int i = 0; i < grammar.size(); i++) {
            String word = grammar.at(i).isNumber() ? "" : grammar.at(i).word();
            if (OTHERS.contains(word)) {
                return false;
            }
            isNamed |= word.equals("contactor");
        }
        Map<String, Value> fields = read(text).fields().fields();
        boolean isBoth =
                fields.containsKey("poles") && (fields.containsKey("coilVolts") || fields.containsKey("fullLoadAmps"));
        return isNamed ? !fields.isEmpty() : isBoth;
    }

    private LabelRead run() {
        for (int i = 0; i < grammar.size(); i++) {
            poles(i);
            if (grammar.is(i, "contactor")) {
                grammar.skip(i, i + 1);
            }
        }
        coil();
        for (int i = 0; i < grammar.size(); i++) {
            hertz(i);
            voltAmps(i);
            small(i);
        }
        ratings();
        return grammar.done(isNothing() ? null : KIND);
    }

    private boolean isNothing() {
        return ContactorAttributes.ALL.stream().noneMatch(a -> grammar.has(a.name()));
    }

    private int past(int i) {
        int at = i;
        while (at - i < MOST_SIGNS
                && (grammar.is(at, ":") || grammar.is(at, "=") || grammar.is(at, ".") || grammar.is(at, "-"))) {
            at++;
        }
        return at;
    }

    /** {@code 2 POLE}, {@code 2P}, {@code single pole}, {@code 1.5 pole}, {@code with shunt}. */
    private void poles(int i) {
        if (grammar.isOneOf(i, Set.of("shunt", "shunted"))) {
            grammar.read("shunt", Value.of(true), i, i + 1);
        }
        if (!grammar.isOneOf(i, POLES) || grammar.has("poles")) {
            return;
        }
        int before = grammar.is(i - 1, "-") ? i - 2 : i - 1;
        if (grammar.isNumber(before)) {
            double count = grammar.at(before).number();
            if (count == 1.5) {
                grammar.read("poles", Value.of(1), before, i + 1);
                grammar.set("shunt", Value.of(true));
                grammar.cite("shunt", before, i + 1, 0.97);
            } else if (count >= 1 && count <= 4 && count == Math.floor(count)) {
                grammar.read("poles", Value.of(count), before, i + 1);
            }
        } else if (grammar.free(before) && COUNTS.containsKey(grammar.at(before).word())) {
            grammar.read(
                    "poles", Value.of(COUNTS.getOrDefault(grammar.at(before).word(), 1.0)), before, i + 1);
        } else if (grammar.isNumber(past(i + 1))
                && !grammar.is(i, "p")
                && grammar.at(past(i + 1)).number() <= 4) {
            grammar.read("poles", Value.of(grammar.at(past(i + 1)).number()), i, past(i + 1) + 1);
        }
    }

    /** {@code COIL 24 V 50/60 HZ}, {@code 208/240V COIL}. */
    private void coil() {
        for (int i = 0; i < grammar.size() && !grammar.has("coilVolts"); i++) {
            if (!grammar.is(i, "coil")) {
                continue;
            }
            int from = past(
                    grammar.is(i + 1, "volts") || grammar.is(i + 1, "v") || grammar.is(i + 1, "voltage")
                            ? i + 2
                            : i + 1);
            int end = row(from);
            boolean isInFront = grammar.is(i - 1, "v") && grammar.isNumber(i - 2);
            if (end > from && !grammar.is(end, "hz") && !(isInFront && !grammar.is(end, "v"))) {
                int to = grammar.is(end, "v") ? end + 1 : end;
                coil(from, end, i, to);
                return;
            }
            int back = grammar.is(i - 1, "v") ? i - 1 : grammar.is(i - 1, "dc") && grammar.is(i - 2, "v") ? i - 2 : i;
            int start = back;
            while (grammar.isNumber(start - 1)) {
                start--;
                if ((grammar.is(start - 1, "/") || grammar.is(start - 1, "-")) && grammar.isNumber(start - 2)) {
                    start--;
                } else {
                    break;
                }
            }
            if (start < back) {
                coil(start, back, start, i + 1);
            }
        }
    }

    private int row(int from) {
        int at = from;
        while (grammar.isNumber(at) && grammar.at(at).number() <= MOST_COIL) {
            at++;
            if ((grammar.is(at, "/") || grammar.is(at, "-")) && grammar.isNumber(at + 1)) {
                at++;
            } else {
                break;
            }
        }
        return at;
    }

    private void coil(int from, int to, int takeFrom, int takeTo) {
        List<Value> volts = new ArrayList<>();
        for (int i = from; i < to; i++) {
            if (grammar.isNumber(i)) {
                volts.add(Value.of(grammar.at(i).number()));
            }
        }
        for (int i = takeFrom; i < takeTo; i++) {
            if (grammar.is(i, "dc")) {
                grammar.read("coilDirectCurrent", Value.of(true), i, i + 1);
            }
        }
        grammar.read("coilVolts", new Value.Items(volts), takeFrom, takeTo);
        if (grammar.is(takeTo, "dc")) {
            grammar.read("coilDirectCurrent", Value.of(true), takeTo, takeTo + 1);
        } else if (grammar.is(takeTo, "ac")) {
            grammar.skip(takeTo, takeTo + 1);
        }
    }

    private void hertz(int i) {
        if (!grammar.is(i, "hz") || grammar.has("coilHertz")) {
            return;
        }
        int from = i;
        while (isHertz(from - 1)) {
            from--;
            if ((grammar.is(from - 1, "/") || grammar.is(from - 1, "-")) && isHertz(from - 2)) {
                from--;
            } else {
                break;
            }
        }
        if (from < i) {
            List<Value> all = new ArrayList<>();
            for (int at = from; at < i; at++) {
                if (grammar.isNumber(at)) {
                    all.add(Value.of(grammar.at(at).number()));
                }
            }
            grammar.read("coilHertz", new Value.Items(all), from, i + 1);
        }
    }

    private boolean isHertz(int i) {
        return grammar.isNumber(i)
                && (grammar.at(i).number() == 50 || grammar.at(i).number() == 60);
    }

    /** {@code 6 VA HOLDING}, {@code INRUSH 45 VA}. */
    private void voltAmps(int i) {
        if (!grammar.isOneOf(i, HOLDING) && !grammar.is(i, "inrush")) {
            return;
        }
        String field = grammar.is(i, "inrush") ? "coilInrushVoltAmps" : "coilHoldingVoltAmps";
        int behind = past(i + 1);
        if (grammar.isNumber(behind) && grammar.is(behind + 1, "va")) {
            grammar.read(field, Value.of(grammar.at(behind).number()), i, behind + 2);
        } else if (grammar.is(i - 1, "va") && grammar.isNumber(i - 2)) {
            grammar.read(field, Value.of(grammar.at(i - 2).number()), i - 2, i + 1);
        }
    }

    /** Terminals, quick-connects and auxiliary contacts. */
    private void small(int i) {
        if (grammar.is(i, "box") || (grammar.isOneOf(i, Set.of("lug", "lugs")))) {
            boolean isBox = grammar.is(i, "box");
            int to = isBox && grammar.isOneOf(i + 1, Set.of("lug", "lugs")) ? i + 2 : i + 1;
            grammar.read("terminals", Value.of(isBox ? "BOX" : "LUG"), i, to);
        } else if (grammar.isOneOf(i, Set.of("screw", "screws"))) {
            grammar.read("terminals", Value.of("SCREW"), i, i + 1);
        } else if (grammar.isOneOf(i, Set.of("qc", "quick", "quickconnects", "spades")) && grammar.isNumber(i - 1)) {
            int to = i + 1;
            while (grammar.is(to, "-") || grammar.isOneOf(to, Set.of("connect", "connects"))) {
                to++;
            }
            grammar.read("quickConnects", Value.of(grammar.at(i - 1).number()), i - 1, to);
        } else if (grammar.isOneOf(i, Set.of("aux", "auxiliary"))) {
            int number = grammar.isNumber(i + 1) ? i + 1 : i - 1;
            double count = grammar.isNumber(number) && grammar.at(number).number() <= 4
                    ? grammar.at(number).number()
                    : 1;
            int from = grammar.isNumber(number) ? Math.min(i, number) : i;
            int to = grammar.isNumber(number) ? Math.max(i, number) + 1 : i + 1;
            grammar.read("auxiliaryContacts", Value.of(count), from, to);
        }
    }

    /** Amps with the line volts they belong to, before them or behind an @; a kind of amps that comes again starts a row. */
    private void ratings() {
        smallCoil();
        if (inRows()) {
            return;
        }
        boolean isInFront = figuresStandInFront();
        for (int i = 0; i < grammar.size(); i++) {
            if (isRating(i)) {
                amps(i, isInFront);
            } else if (grammar.isNumber(i)
                    && grammar.is(i + 1, "v")
                    && grammar.at(i).number() >= 100) {
                volts(i);
            }
        }
        plainAmps();
        List<Value> out = new ArrayList<>();
        @Nullable Row least = null;
        for (Row row : rows) {
            out.add(row.fields());
            boolean isLower = least == null
                    || (row.volts instanceof Value.Num volts
                            && least.volts instanceof Value.Num low
                            && volts.number() < low.number());
            least = isLower ? row : least;
        }
        if (least != null) {
            least.fields().fields().forEach(grammar::set);
            if (out.size() > 1 || least.volts != null) {
                grammar.set("ratings", new Value.Items(out));
            }
        }
    }

    private Row current() {
        if (rows.isEmpty()) {
            rows.add(new Row());
        }
        return rows.get(rows.size() - 1);
    }

    private void volts(int i) {
        Row row = current();
        boolean isBehind = row.volts == null && row.fullLoad != null;
        boolean isJoined = grammar.is(i - 1, "@") || grammar.is(i - 1, "at");
        if (!isBehind && (row.volts != null || row.fullLoad != null)) {
            row = new Row();
            rows.add(row);
        }
        row.volts = Value.of(grammar.at(i).number());
        grammar.take("ratings[" + (rows.size() - 1) + "].lineVolts", isJoined ? i - 1 : i, i + 2);
    }

    private boolean isRating(int i) {
        return grammar.isOneOf(i, FULL_LOAD) || grammar.is(i, "lra") || grammar.isOneOf(i, RESISTIVE);
    }

    /** A label prints its figures on one side of their names: in front where the first name has one there. */
    private boolean figuresStandInFront() {
        for (int i = 0; i < grammar.size(); i++) {
            if (isRating(i)) {
                return figureInFront(i) >= 0;
            }
        }
        return false;
    }

    /** The figure right in front of a name, with or without its unit; −1 where there is none. */
    private int figureInFront(int i) {
        int unit = grammar.is(i - 1, "a") || grammar.is(i - 1, "amps") || grammar.is(i - 1, "amp") ? i - 2 : i - 1;
        return grammar.isNumber(unit) && !grammar.is(unit + 1, "v") ? unit : -1;
    }

    /** {@code 24 V} that names no coil: no line is so low. */
    private void smallCoil() {
        for (int i = 0; i < grammar.size() && !grammar.has("coilVolts"); i++) {
            if (grammar.isNumber(i) && grammar.is(i + 1, "v") && grammar.at(i).number() <= LARGEST_LOW_COIL) {
                coil(i, i + 1, i, i + 2);
            }
        }
    }

    /** {@code FLA 40/40/35 LRA 240/200/160 240/480/600V}: a column for each line voltage. */
    private boolean inRows() {
        Map<String, int[]> columns = new LinkedHashMap<>();
        for (int i = 0; i < grammar.size(); i++) {
            int behind = past(i + 1);
            int end = column(behind);
            if (isRating(i) && end > behind) {
                columns.put(field(i), new int[] {i, behind, end});
            } else if (grammar.isNumber(i) && column(i) > i && grammar.is(column(i), "v")) {
                columns.putIfAbsent("lineVolts", new int[] {i, i, column(i)});
            }
        }
        int[] volts = columns.get("lineVolts");
        int length = volts == null ? 0 : volts[2] - volts[1];
        if (columns.size() < 2 || columns.values().stream().anyMatch(c -> c[2] - c[1] != length)) {
            return false;
        }
        List<Value> out = new ArrayList<>();
        for (int at = 0; at < length; at += 2) {
            Map<String, Value> row = new LinkedHashMap<>();
            for (Map.Entry<String, int[]> each : columns.entrySet()) {
                row.put(
                        each.getKey(),
                        Value.of(grammar.at(each.getValue()[1] + at).number()));
            }
            out.add(new Value.Fields(row));
        }
        columns.forEach((name, at) -> {
            grammar.set(name, Value.of(grammar.at(at[1]).number()));
            grammar.take(name, at[0], name.equals("lineVolts") ? at[2] + 1 : at[2]);
        });
        grammar.set("ratings", new Value.Items(out));
        return true;
    }

    /** Where a row of figures joined by strokes ends; {@code from} where there are not at least two. */
    private int column(int from) {
        int at = from;
        while (at - from < LONGEST_COLUMN
                && grammar.isNumber(at)
                && grammar.is(at + 1, "/")
                && grammar.isNumber(at + 2)) {
            at += 2;
        }
        return at > from ? at + 1 : from;
    }

    private String field(int i) {
        return grammar.isOneOf(i, FULL_LOAD)
                ? "fullLoadAmps"
                : grammar.is(i, "lra") ? "lockedRotorAmps" : "resistiveAmps";
    }

    private void amps(int i, boolean isInFront) {
        boolean isFull = grammar.isOneOf(i, FULL_LOAD);
        boolean isLocked = grammar.is(i, "lra");
        int behind = past(i + 1);
        int front = figureInFront(i);
        boolean isBehind = grammar.isNumber(behind) && !grammar.is(behind + 1, "v");
        int number = isInFront && front >= 0 ? front : isBehind ? behind : front;
        if (number < 0) {
            return;
        }
        Row row = current();
        @Nullable Value known = isFull ? row.fullLoad : isLocked ? row.lockedRotor : row.resistive;
        if (known != null) {
            row = new Row();
            rows.add(row);
        }
        Value value = Value.of(grammar.at(number).number());
        String field = field(i);
        if (isFull) {
            row.fullLoad = value;
        } else if (isLocked) {
            row.lockedRotor = value;
        } else {
            row.resistive = value;
        }
        int to = Math.max(i, number) + 1;
        int end = grammar.is(to, "a") || grammar.is(to, "amps") || grammar.is(to, "amp") ? to + 1 : to;
        grammar.take("ratings[" + (rows.size() - 1) + "]." + field, Math.min(i, number), end);
        grammar.cite(field, Math.min(i, number), end, 0.97);
    }

    /** Amps that say of nothing what they are: full-load is usual, resistive is not the same. */
    private void plainAmps() {
        boolean isKnown = rows.stream().anyMatch(r -> r.fullLoad != null);
        for (int i = 0; i < grammar.size() && !isKnown; i++) {
            boolean isUnit = grammar.is(i, "a") || grammar.is(i, "amp") || grammar.is(i, "amps");
            if (isUnit && grammar.isNumber(i - 1)) {
                Value value = Value.of(grammar.at(i - 1).number());
                grammar.doubt(
                        "fullLoadAmps",
                        "amps are printed without FLA or RES: full-load amps are usual, resistive ones never stand for them",
                        value);
                grammar.skip(i - 1, i + 1);
                return;
            }
        }
    }
}
