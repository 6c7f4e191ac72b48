package zestbench.core.motor;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import zestbench.core.label.Grammar;
import zestbench.core.value.Value;

/** The figures of a motor's label, each beside its name or its unit, or told by what they can be. */
final class MotorFigures {
    private static final Map<String, Double> SPOKEN_PARTS = Map.of(
            "half",
            0.5,
            "third",
            1.0 / 3,
            "quarter",
            0.25,
            "quarters",
            0.25,
            "fifth",
            0.2,
            "sixth",
            1.0 / 6,
            "eighth",
            0.125,
            "tenth",
            0.1,
            "twelfth",
            1.0 / 12);
    private static final Map<String, Double> FRACTION_SIGNS =
            Map.of("½", 0.5, "¼", 0.25, "¾", 0.75, "⅓", 1.0 / 3, "⅕", 0.2, "⅙", 1.0 / 6, "⅛", 0.125);
    private static final Set<String> POWER = Set.of("hp", "horsepower", "horse", "h");
    private static final Set<String> CAPACITOR = Set.of("cap", "capacitor", "capac", "capacitance");
    private static final Set<String> AMPS = Set.of("fla", "amps", "amp", "a", "flc", "rla");
    private static final Set<String> SPEEDS = Set.of("spd", "speed", "speeds", "sp");
    private static final double SAME_WINDING = 1.25;
    private static final double LEAST_VOLTS = 100;
    private static final double MOST_VOLTS = 600;
    private static final double LEAST_CAPACITOR_VOLTS = 220;
    private static final double LEAST_RPM = 300;
    private static final double MOST_RPM = 3_600;
    private static final double MOST_HORSEPOWER = 20;

    private final Grammar grammar;

    MotorFigures(Grammar grammar) {
        this.grammar = grammar;
    }

    /** {@code 1/4 HP}, {@code HP 1/4}, {@code 1-1/2 HP}, {@code .25 HP}, {@code one quarter horse}, {@code 0.18 kW}. */
    void horsepower() {
        for (int i = 0; i < grammar.size() && !grammar.has("horsepower"); i++) {
            if (isWord(i, POWER)) {
                Span before = powerEndingAt(i);
                Span behind = before == null ? powerFrom(past(i + 1)) : null;
                Span found = before != null ? before : behind;
                if (found != null && found.value() > 0 && found.value() <= MOST_HORSEPOWER) {
                    grammar.read(
                            "horsepower",
                            Value.of(found.value()),
                            Math.min(found.from(), i),
                            Math.max(found.to(), i + 1));
                }
            } else if (grammar.is(i, "kw") && isPlain(i - 1)) {
                double horsepower =
                        HorsepowerSteps.ofKilowatts(grammar.at(i - 1).number());
                grammar.read("horsepower", Value.of(horsepower), i - 1, i + 1);
            }
        }
    }

    /** Tokens [from, to) and what they come to. */
    private record Span(double value, int from, int to) {}

    private @Nullable Span powerEndingAt(int end) {
        for (int from = Math.max(0, end - 5); from < end; from++) {
            Span span = powerFrom(from);
            if (span != null && span.to() == end) {
                return span;
            }
        }
        return null;
    }

    /** {@code ½} or the word for it; null where there is neither. */
    private @Nullable Double part(int i) {
        if (!grammar.free(i) || grammar.isNumber(i)) {
            return null;
        }
        Double sign = FRACTION_SIGNS.get(grammar.at(i).word());
        return sign != null ? sign : SPOKEN_PARTS.get(grammar.at(i).word());
    }

    /** A number, a fraction, or both together. */
    private @Nullable Span powerFrom(int i) {
        Double part = part(i);
        if (part != null) {
            return new Span(part, i, i + 1);
        }
        if (!isPlain(i)) {
            return null;
        }
        double first = grammar.at(i).number();
        if (grammar.is(i + 1, "/") && isPlain(i + 2) && grammar.at(i + 2).number() > first) {
            return new Span(first / grammar.at(i + 2).number(), i, i + 3);
        }
        Double behind = part(i + 1);
        if (behind != null) {
            boolean isSign = FRACTION_SIGNS.containsKey(grammar.at(i + 1).word());
            return new Span(isSign ? first + behind : first * behind, i, i + 2);
        }
        int rest = grammar.is(i + 1, "-") ? i + 2 : i + 1;
        if (isPlain(rest)
                && grammar.is(rest + 1, "/")
                && isPlain(rest + 2)
                && grammar.at(rest + 2).number() > grammar.at(rest).number()) {
            return new Span(
                    first + grammar.at(rest).number() / grammar.at(rest + 2).number(), i, rest + 3);
        }
        return new Span(first, i, i + 1);
    }

    /** {@code CAP 5 MFD 370V}, {@code 5uF/370}, {@code CAP 5/370}. It comes before the volts, which are not the motor's. */
    void capacitor() {
        for (int i = 0; i < grammar.size(); i++) {
            if (grammar.is(i, "µf") && isPlain(i - 1)) {
                take("capacitorMicrofarads", i - 1, capacitorWordBefore(i - 1), i + 1);
                capacitorVolts(i + 1);
                return;
            }
            if (isWord(i, CAPACITOR) && isPlain(past(i + 1))) {
                int number = past(i + 1);
                int end = grammar.is(number + 1, "µf") ? number + 2 : number + 1;
                take("capacitorMicrofarads", number, i, end);
                capacitorVolts(end);
                return;
            }
        }
    }

    private int capacitorWordBefore(int number) {
        int at = number - 1;
        while (grammar.is(at, ":") || grammar.is(at, ".") || grammar.is(at, "=")) {
            at--;
        }
        return isWord(at, CAPACITOR) ? at : number;
    }

    private void capacitorVolts(int from) {
        int at = from;
        while (grammar.is(at, "/") || grammar.is(at, ",") || grammar.is(at, "-") || grammar.is(at, "@")) {
            at++;
        }
        if (isPlain(at)
                && grammar.at(at).number() >= LEAST_CAPACITOR_VOLTS
                && grammar.at(at).number() <= MOST_VOLTS) {
            boolean isJoined = at > from || grammar.is(at + 1, "v");
            if (isJoined && !grammar.is(at + 1, "-") && !grammar.is(at + 1, "/")) {
                take("capacitorVolts", at, from, grammar.is(at + 1, "v") ? at + 2 : at + 1);
            }
        }
    }

    /** Volts with what is run together with them: {@code 208-230/1/60}, {@code 230/460 V}, {@code VOLTS 115}. */
    void supply() {
        for (int i = 0; i < grammar.size() && !grammar.has("volts"); i++) {
            int end = row(i);
            if (end > i && startsVolts(i, end)) {
                volts(i, end);
            }
        }
        for (int i = 0; i < grammar.size(); i++) {
            boolean isPhase = isWord(i, Set.of("ph", "phase", "ø", "φ"));
            if (isPhase && isPhaseNumber(i - 1)) {
                take("phase", i - 1, i - 1, i + 1);
            } else if (isPhase && isPhaseNumber(past(i + 1))) {
                take("phase", past(i + 1), i, past(i + 1) + 1);
            } else if (isWord(i, Set.of("three", "single")) && grammar.is(i + 1, "phase")) {
                grammar.read("phase", Value.of(grammar.is(i, "three") ? 3 : 1), i, i + 2);
            }
            hertz(i);
        }
    }

    /** The end of numbers from {@code i} on that are joined by dashes and strokes. */
    private int row(int i) {
        if (!isPlain(i) || (i > 0 && (grammar.is(i - 1, "/") || grammar.is(i - 1, "-")))) {
            return i;
        }
        int end = i + 1;
        while ((grammar.is(end, "-") || grammar.is(end, "/")) && isPlain(end + 1)) {
            end += 2;
        }
        return end;
    }

    private boolean startsVolts(int from, int end) {
        if (!isVolts(from)) {
            return false;
        }
        boolean isNamed = grammar.is(end, "v")
                || grammar.is(from - 1, "v")
                || (grammar.is(from - 1, ":") && grammar.is(from - 2, "v"));
        boolean isSupplyRow = end - from >= 5 && isPhaseNumber(end - 3) && isHertz(end - 1);
        boolean isPair = end - from >= 3 && isVolts(from + 2) && isUsualVolts(from) && isUsualVolts(from + 2);
        return isNamed || isSupplyRow || isPair;
    }

    private void volts(int from, int end) {
        List<List<Double>> groups = new ArrayList<>();
        int at = from;
        while (at < end && isVolts(at)) {
            double volts = grammar.at(at).number();
            boolean isNear = at > from
                    && volts / grammar.at(at - 2).number() < SAME_WINDING
                    && grammar.at(at - 2).number() / volts < SAME_WINDING;
            if (groups.isEmpty() || !isNear) {
                groups.add(new ArrayList<>());
            }
            groups.get(groups.size() - 1).add(volts);
            at += 2;
        }
        int last = at - 1;
        int to = grammar.is(last, "v") ? last + 1 : last;
        int start = grammar.is(from - 1, "v")
                ? from - 1
                : from - 2 >= 0 && grammar.is(from - 1, ":") && grammar.is(from - 2, "v") ? from - 2 : from;
        boolean isRow = at + 2 <= end && isPhaseNumber(at) && isHertz(at + 2);
        boolean isPhaseOnly = !isRow && at < end && at + 1 == end && isPhaseNumber(at);
        if (isRow) {
            take("phase", at, at, at + 1);
            grammar.skip(at + 1, at + 2);
            grammar.read(
                    "hertz",
                    Value.numbers(grammar.at(at + 2).number()),
                    at + 2,
                    grammar.is(at + 3, "hz") ? at + 4 : at + 3);
        } else if (isPhaseOnly) {
            take("phase", at, at, at + 1);
        }
        grammar.read("volts", groups.size() == 1 ? numbers(groups.get(0)) : nested(groups), start, to);
        if (grammar.is(to, "ac")) {
            grammar.skip(to, to + 1);
        }
    }

    private static Value numbers(List<Double> list) {
        return Value.numbers(list.stream().mapToDouble(Double::doubleValue).toArray());
    }

    private static Value nested(List<List<Double>> groups) {
        return new Value.Items(groups.stream().map(MotorFigures::numbers).toList());
    }

    private void hertz(int i) {
        if (!grammar.is(i, "hz") || grammar.has("hertz")) {
            return;
        }
        int from = i;
        List<Double> all = new ArrayList<>();
        while (isHertz(from - 1)) {
            all.add(0, grammar.at(from - 1).number());
            from--;
            if ((grammar.is(from - 1, "/") || grammar.is(from - 1, "-")) && isHertz(from - 2)) {
                from--;
            } else {
                break;
            }
        }
        int behind = past(i + 1);
        if (!all.isEmpty()) {
            grammar.read("hertz", numbers(all), from, i + 1);
        } else if (isHertz(behind)) {
            grammar.read("hertz", Value.numbers(grammar.at(behind).number()), i, behind + 1);
        }
    }

    /** {@code 1075 RPM}, {@code RPM 1075/900/825}, {@code 1075/3 SPD}, {@code 6 POLE}. */
    void speeds() {
        for (int i = 0; i < grammar.size(); i++) {
            if (isWord(i, SPEEDS) && grammar.isNumber(countBefore(i))) {
                int count = countBefore(i);
                take("speeds", count, count, i + 1);
                if (grammar.is(count - 1, "/") && isRpm(count - 2) && !grammar.has("rpm")) {
                    grammar.skip(count - 1, count);
                    rpm(count - 2, count - 1, count - 2, count - 1);
                }
            } else if (isWord(i, SPEEDS) && isCount(past(i + 1)) && !grammar.has("speeds")) {
                take("speeds", past(i + 1), i, past(i + 1) + 1);
            } else if (isWord(i, Set.of("pole", "poles")) && isCount(countAt(i - 1))) {
                take("poles", countAt(i - 1), countAt(i - 1), i + 1);
            } else if (isWord(i, Set.of("poles", "pole")) && isCount(past(i + 1))) {
                take("poles", past(i + 1), i, past(i + 1) + 1);
            }
        }
        for (int i = 0; i < grammar.size() && !grammar.has("rpm"); i++) {
            if (!isWord(i, Set.of("rpm"))) {
                continue;
            }
            int from = i;
            while (isRpm(from - 1)) {
                from--;
                if ((grammar.is(from - 1, "/") || grammar.is(from - 1, "-") || grammar.is(from - 1, ","))
                        && isRpm(from - 2)) {
                    from--;
                } else {
                    break;
                }
            }
            int number = past(i + 1);
            if (from < i) {
                rpm(from, i, from, i + 1);
            } else if (isRpm(number)) {
                int end = number + 1;
                while ((grammar.is(end, "/") || grammar.is(end, "-") || grammar.is(end, ",")) && isRpm(end + 1)) {
                    end += 2;
                }
                rpm(number, end, i, end);
            }
        }
    }

    private int countBefore(int speedWord) {
        int at = countAt(speedWord - 1);
        return isCount(at) ? at : -1;
    }

    private int countAt(int i) {
        return grammar.is(i, "-") ? i - 1 : i;
    }

    private void rpm(int from, int to, int takeFrom, int takeTo) {
        List<Double> all = new ArrayList<>();
        for (int i = from; i < to; i++) {
            if (grammar.isNumber(i)) {
                all.add(grammar.at(i).number());
            }
        }
        all.sort(Comparator.reverseOrder());
        grammar.read("rpm", numbers(all), takeFrom, takeTo);
        if (all.size() > 1 && !grammar.has("speeds")) {
            grammar.set("speeds", Value.of(all.size()));
            grammar.cite("speeds", from, to, 0.9);
        }
    }

    /** {@code FLA 3.2/1.6}, {@code 1.9 A}, {@code LRA 9.8}. */
    void amps() {
        for (int i = 0; i < grammar.size(); i++) {
            if (isWord(i, Set.of("lra")) && isPlain(past(i + 1))) {
                take("lockedRotorAmps", past(i + 1), i, past(i + 1) + 1);
            } else if (isWord(i, Set.of("lra")) && isPlain(i - 1)) {
                take("lockedRotorAmps", i - 1, i - 1, i + 1);
            }
        }
        for (int i = 0; i < grammar.size() && !grammar.has("fullLoadAmps"); i++) {
            if (!isWord(i, AMPS)) {
                continue;
            }
            int number = past(i + 1);
            boolean isName = !grammar.is(i, "a") || !isPlain(i - 1);
            int end = isName ? ampsRow(number) : number;
            if (end > number) {
                int close = isWord(end, Set.of("a", "amp", "amps")) ? end + 1 : end;
                ampsRead(number, end, i, close);
            } else if (isPlain(i - 1)) {
                int from = i - 1;
                while ((grammar.is(from - 1, "/") || grammar.is(from - 1, "-")) && isPlain(from - 2)) {
                    from -= 2;
                }
                ampsRead(from, i, from, i + 1);
            }
        }
    }

    private int ampsRow(int from) {
        if (!isPlain(from)) {
            return from;
        }
        int end = from + 1;
        while ((grammar.is(end, "/") || grammar.is(end, "-")) && isPlain(end + 1)) {
            end += 2;
        }
        return end;
    }

    private void ampsRead(int from, int to, int takeFrom, int takeTo) {
        List<Double> all = new ArrayList<>();
        for (int i = from; i < to; i++) {
            if (grammar.isNumber(i)) {
                all.add(grammar.at(i).number());
            }
        }
        grammar.read("fullLoadAmps", numbers(all), takeFrom, takeTo);
    }

    /** Shaft, body and blade, before their inches can be taken for anything else. */
    void shaft() {
        for (int i = 0; i < grammar.size(); i++) {
            if (isWord(i, Set.of("shaft")) && !grammar.is(i + 1, "end")) {
                int at = past(i + 1);
                at = isWord(at, Set.of("dia", "diameter", "size")) ? past(at + 1) : at;
                Span diameter = inchesFrom(at);
                if (diameter != null && diameter.value() <= 2) {
                    grammar.read("shaftDiameterInches", Value.of(diameter.value()), i, inchEnd(diameter.to()));
                    int cross = inchEnd(diameter.to());
                    Span length = grammar.is(cross, "x") ? inchesFrom(cross + 1) : null;
                    if (length != null) {
                        grammar.skip(cross, cross + 1);
                        grammar.read(
                                "shaftLengthInches", Value.of(length.value()), length.from(), inchEnd(length.to()));
                    }
                }
            } else if (isWord(i, Set.of("dia", "diameter", "body"))) {
                int at = isWord(i + 1, Set.of("dia", "diameter")) ? i + 2 : i + 1;
                Span behind = inchesFrom(past(at));
                int back = grammar.is(i - 1, "\"") || isWord(i - 1, Set.of("in", "inch", "inches")) ? i - 1 : i;
                Span before = isPlain(back - 1) ? new Span(grammar.at(back - 1).number(), back - 1, i) : null;
                Span found = behind != null ? behind : before;
                if (found != null && found.value() >= 3 && found.value() <= 12) {
                    grammar.read(
                            "bodyDiameterInches",
                            Value.of(found.value()),
                            Math.min(found.from(), i),
                            Math.max(inchEnd(found.to()), at));
                }
            }
        }
    }

    private @Nullable Span inchesFrom(int i) {
        return isPlain(i) ? powerFrom(i) : null;
    }

    private int inchEnd(int i) {
        return grammar.is(i, "\"") || isWord(i, Set.of("in", "inch", "inches")) ? i + 1 : i;
    }

    /** Ambient and service factor. */
    void named() {
        for (int i = 0; i < grammar.size(); i++) {
            if (isWord(i, Set.of("amb", "ambient"))) {
                int at = past(i + 1);
                if (isPlain(at)) {
                    take("ambientCelsius", at, i, isCelsius(at + 1) ? at + 2 : at + 1);
                } else if (isCelsius(i - 1) && isPlain(i - 2)) {
                    take("ambientCelsius", i - 2, i - 2, i + 1);
                }
            } else if (isWord(i, Set.of("sf", "factor"))) {
                int from = grammar.is(i, "factor") && isWord(i - 1, Set.of("service", "serv")) ? i - 1 : i;
                if (isPlain(past(i + 1)) && grammar.at(past(i + 1)).number() < 2) {
                    take("serviceFactor", past(i + 1), from, past(i + 1) + 1);
                } else if (isPlain(from - 1) && grammar.at(from - 1).number() < 2) {
                    take("serviceFactor", from - 1, from - 1, i + 1);
                }
            }
        }
    }

    private boolean isCelsius(int i) {
        return grammar.is(i, "°c") || grammar.is(i, "c");
    }

    /** What is left without a name: {@code 1/4 1075 208-230}. */
    void withoutNames() {
        for (int i = 0; i < grammar.size(); i++) {
            if (!grammar.has("horsepower") && isPlain(i) && grammar.is(i + 1, "/") && isPlain(i + 2)) {
                double value = grammar.at(i).number() / grammar.at(i + 2).number();
                if (value < 1
                        && HorsepowerSteps.isStep(value)
                        && grammar.at(i + 2).number() <= 20) {
                    grammar.read("horsepower", Value.of(value), i, i + 3);
                    continue;
                }
            }
            if (!grammar.has("volts") && isPlain(i) && isUsualVolts(i) && !isRpm(i)) {
                grammar.read("volts", Value.numbers(grammar.at(i).number()), i, i + 1);
            } else if (!grammar.has("rpm") && isRpm(i) && !grammar.at(i).glued() && grammar.has("horsepower")) {
                rpm(i, i + 1, i, i + 1);
            }
        }
    }

    private void take(String field, int number, int from, int to) {
        grammar.read(field, Value.of(grammar.at(number).number()), from, to);
    }

    /** Past the signs between a name and its figure. */
    private int past(int i) {
        int at = i;
        while (grammar.is(at, ":") || grammar.is(at, ".") || grammar.is(at, "=") || grammar.is(at, "#")) {
            at++;
        }
        return at;
    }

    private boolean isWord(int i, Set<String> words) {
        return grammar.free(i)
                && !grammar.isNumber(i)
                && words.contains(grammar.at(i).word());
    }

    private boolean isPlain(int i) {
        return grammar.isNumber(i) && !grammar.at(i).glued();
    }

    private boolean isVolts(int i) {
        return isPlain(i)
                && grammar.at(i).number() >= LEAST_VOLTS
                && grammar.at(i).number() <= MOST_VOLTS;
    }

    private boolean isUsualVolts(int i) {
        return isPlain(i) && VoltSteps.isUsual(grammar.at(i).number());
    }

    /** A plain 1 or 3; "1.0" is a figure of something else. */
    private boolean isPhaseNumber(int i) {
        return isPlain(i)
                && (grammar.at(i).word().equals("1") || grammar.at(i).word().equals("3"));
    }

    private boolean isHertz(int i) {
        return isPlain(i) && (grammar.at(i).number() == 50 || grammar.at(i).number() == 60);
    }

    private boolean isRpm(int i) {
        return grammar.isNumber(i)
                && grammar.at(i).number() >= LEAST_RPM
                && grammar.at(i).number() <= MOST_RPM
                && !(isUsualVolts(i) && grammar.has("rpm"));
    }

    private boolean isCount(int i) {
        return isPlain(i)
                && grammar.at(i).number() >= 1
                && grammar.at(i).number() <= 12
                && grammar.at(i).number() == Math.floor(grammar.at(i).number());
    }
}
