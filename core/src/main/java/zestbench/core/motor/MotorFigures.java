package zestbench.core.motor;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import zestbench.core.label.Grammar;
import zestbench.core.value.Value;

/** Speeds, amps and what else a motor's label says in figures, each beside its name, or told by what it can be. */
final class MotorFigures extends MotorReader {
    private static final Set<String> AMPS = Set.of("fla", "amps", "amp", "a", "flc", "rla");
    private static final Set<String> SPEEDS = Set.of("spd", "speed", "speeds", "sp");

    MotorFigures(Grammar grammar) {
        super(grammar);
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
}
