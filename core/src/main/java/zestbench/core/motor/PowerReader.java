package zestbench.core.motor;

import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import zestbench.core.label.Grammar;
import zestbench.core.value.Value;

/** Power and inches, which both come as fractions. */
final class PowerReader extends MotorReader {
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
    private static final double MOST_HORSEPOWER = 20;

    PowerReader(Grammar grammar) {
        super(grammar);
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
}
