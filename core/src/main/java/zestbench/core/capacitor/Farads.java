package zestbench.core.capacitor;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import zestbench.core.label.Grammar;
import zestbench.core.value.Value;

/** The part of the grammar that finds capacitance: one value, two sections, many sections, or a range. */
final class Farads {
    private static final double LARGEST_RUN = 200;
    private static final double SMALLEST = 0.5;
    private static final double LARGEST = 10_000;
    /** Tokens of a row of values; a can has six sections at most. */
    private static final int LONGEST_ROW = 32;

    private record Found(
            double microfarads, int token, @Nullable String terminal) {}

    private final Grammar grammar;
    private final List<Found> values = new ArrayList<>();
    private boolean range;
    private int from = -1;
    private int to = -1;
    private @Nullable Boolean saysStart;

    Farads(Grammar grammar) {
        this.grammar = grammar;
    }

    int firstToken() {
        return from;
    }

    int lastToken() {
        return to;
    }

    boolean isJoined() {
        return values.size() > 1;
    }

    /** {@code HERM 45 FAN 5}: values that stand behind a stud's name without a unit of their own. */
    void named() {
        for (int i = 0; i + 1 < grammar.size(); i++) {
            boolean bare = isStudName(i)
                    && grammar.isNumber(i + 1)
                    && !grammar.at(i + 1).glued()
                    && !grammar.is(i + 2, "µf")
                    && !grammar.is(i + 2, "v")
                    && !joins(i + 2);
            if (bare && plausible(i + 1, i + 2)) {
                take(i + 1, i + 2, i + 2);
            }
        }
    }

    private boolean isStudName(int i) {
        String word = grammar.at(i).word();
        return grammar.free(i) && !grammar.at(i).isNumber() && (word.equals("fan") || CapacitorLabel.isHermetic(word));
    }

    /** Values that touch a unit: {@code 55+7.5 µF}, {@code 45 µF + 5 µF}, {@code MFD 45/5}, {@code HERM 45 µF}. */
    void withUnit() {
        for (int i = 0; i < grammar.size(); i++) {
            if (!grammar.is(i, "µf")) {
                continue;
            }
            int first = startOfRow(i);
            if (first < i && isPossible(first, i)) {
                take(first, i, i + 1);
            } else if (values.isEmpty() && grammar.isNumber(i + 1) && !isDate(i + 1) && isPossible(i + 1, i + 2)) {
                int end = endOfRow(i + 1);
                take(i + 1, end, end);
                grammar.skip(i, i + 1);
            }
        }
    }

    /** {@code 55+7.5} and {@code 55/7.5} without a unit. */
    void joinedWithoutUnit() {
        for (int i = 0; i + 2 < grammar.size() && values.isEmpty() && !range; i++) {
            int end = grammar.isNumber(i) ? endOfRow(i) : i;
            if (end - i >= 3 && !grammar.at(i).glued() && !isDate(i) && plausible(i, end)) {
                take(i, end, end);
            }
        }
    }

    /** One bare figure beside a voltage. */
    void singleWithoutUnit() {
        for (int i = 0; i < grammar.size() && values.isEmpty() && !range; i++) {
            if (grammar.isNumber(i)
                    && !grammar.at(i).glued()
                    && plausible(i, i + 1)
                    && (grammar.has("volts") || grammar.size() <= 2)) {
                take(i, i + 1, i + 1);
                grammar.doubt("sections[0].microfarads", "no unit printed beside it; taken as µF", null);
            }
        }
    }

    /** The sections found, the larger of two on HERM; null where there are none. */
    Value.@Nullable Items sections() {
        if (values.isEmpty()) {
            return null;
        }
        boolean dual = values.size() == 2 && values.stream().noneMatch(v -> v.terminal() != null);
        List<Value> rows = new ArrayList<>();
        for (int i = 0; i < values.size(); i++) {
            Map<String, Value> row = new LinkedHashMap<>();
            Found value = values.get(i);
            String terminal = dual ? terminalBySize(i) : value.terminal();
            if (terminal != null) {
                row.put("terminal", Value.of(terminal));
            } else if (values.size() > 2) {
                row.put("name", Value.of(String.valueOf((char) ('1' + i))));
            }
            row.put("microfarads", Value.of(value.microfarads()));
            rows.add(new Value.Fields(row));
        }
        return new Value.Items(rows);
    }

    private String terminalBySize(int i) {
        double own = values.get(i).microfarads();
        double other = values.get(1 - i).microfarads();
        if (i == 0 && own < other) {
            grammar.doubt(
                    "sections[0].terminal",
                    "the smaller value is printed first; taken as FAN, compare with the studs",
                    Value.of("FAN"));
        }
        return own > other || (own == other && i == 0) ? "HERM" : "FAN";
    }

    private void take(int first, int rowEnd, int end) {
        List<Integer> numbers = new ArrayList<>();
        for (int i = first; i < rowEnd; i++) {
            if (grammar.isNumber(i)) {
                numbers.add(i);
            }
        }
        double low = grammar.at(numbers.get(0)).number();
        double high = grammar.at(numbers.get(numbers.size() - 1)).number();
        from = from < 0 ? first : Math.min(from, first);
        to = Math.max(to, end);
        boolean dash = grammar.is(first + 1, "-") || saysStart();
        if (numbers.size() == 2 && dash && CapacitorLabel.isStartRange(low, high)) {
            range = true;
            grammar.set("microfaradsHigh", Value.of(high));
            grammar.cite("microfaradsHigh", numbers.get(1), numbers.get(1) + 1, 0.98);
            grammar.read("microfaradsLow", Value.of(low), first, end);
            return;
        }
        for (int token : numbers) {
            int index = values.size();
            values.add(new Found(grammar.at(token).number(), token, terminalBefore(token)));
            grammar.take("sections[" + index + "].microfarads", token, token + 1);
        }
        grammar.skip(first, end);
    }

    private boolean saysStart() {
        if (saysStart == null) {
            saysStart = hasStart();
        }
        return saysStart;
    }

    private boolean hasStart() {
        for (int i = 0; i < grammar.size(); i++) {
            if (!grammar.at(i).isNumber() && grammar.at(i).word().equals("start")) {
                return true;
            }
        }
        return false;
    }

    private @Nullable String terminalBefore(int number) {
        for (int i : new int[] {number - 1, number - 2, number + 2}) {
            if (!grammar.free(i) || grammar.at(i).isNumber()) {
                continue;
            }
            String word = grammar.at(i).word();
            String terminal = word.equals("fan") ? "FAN" : CapacitorLabel.isHermetic(word) ? "HERM" : null;
            if (terminal != null) {
                grammar.skip(i, i + 1);
                return terminal;
            }
        }
        return null;
    }

    private int startOfRow(int unit) {
        int first = unit;
        int i = unit - 1;
        while (grammar.isNumber(i) && unit - i < LONGEST_ROW) {
            first = i;
            if (joins(i - 1) && grammar.isNumber(i - 2)) {
                i -= 2;
            } else {
                break;
            }
        }
        return first;
    }

    private int endOfRow(int number) {
        int end = number + 1;
        while (joins(end) && grammar.isNumber(end + 1) && end - number < LONGEST_ROW) {
            end += 2;
        }
        return end;
    }

    private boolean joins(int i) {
        return grammar.is(i, "+") || grammar.is(i, "/") || grammar.is(i, "-");
    }

    private boolean isPossible(int first, int end) {
        for (int i = first; i < end; i++) {
            if (grammar.isNumber(i)
                    && !(grammar.at(i).number() > 0 && grammar.at(i).number() <= LARGEST)) {
                return false;
            }
        }
        return true;
    }

    private boolean plausible(int first, int end) {
        for (int i = first; i < end; i += 2) {
            double x = grammar.at(i).number();
            if (x < SMALLEST || x > LARGEST_RUN) {
                return false;
            }
        }
        return true;
    }

    /** {@code MFD 04/2016} on a unit's plate is a date. */
    private boolean isDate(int i) {
        return (grammar.is(i + 1, "/") || grammar.is(i + 1, "-"))
                && grammar.isNumber(i + 2)
                && grammar.at(i + 2).number() >= 1980
                && grammar.at(i + 2).number() <= 2060;
    }
}
