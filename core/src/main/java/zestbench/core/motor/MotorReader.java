package zestbench.core.motor;

import java.util.List;
import java.util.Set;
import zestbench.core.label.Grammar;
import zestbench.core.value.Value;

/** What every reader of a motor's label asks of its tokens. */
abstract class MotorReader {
    private static final double LEAST_VOLTS = 100;
    static final double MOST_VOLTS = 600;
    private static final double LEAST_RPM = 300;
    private static final double MOST_RPM = 3_600;

    final Grammar grammar;

    MotorReader(Grammar grammar) {
        this.grammar = grammar;
    }

    final void take(String field, int number, int from, int to) {
        grammar.read(field, Value.of(grammar.at(number).number()), from, to);
    }

    /** Past the signs between a name and its figure. */
    final int past(int i) {
        int at = i;
        while (grammar.is(at, ":") || grammar.is(at, ".") || grammar.is(at, "=") || grammar.is(at, "#")) {
            at++;
        }
        return at;
    }

    final boolean isWord(int i, Set<String> words) {
        return grammar.free(i)
                && !grammar.isNumber(i)
                && words.contains(grammar.at(i).word());
    }

    final boolean isPlain(int i) {
        return grammar.isNumber(i) && !grammar.at(i).glued();
    }

    final boolean isVolts(int i) {
        return isPlain(i)
                && grammar.at(i).number() >= LEAST_VOLTS
                && grammar.at(i).number() <= MOST_VOLTS;
    }

    final boolean isUsualVolts(int i) {
        return isPlain(i) && VoltSteps.isUsual(grammar.at(i).number());
    }

    /** A plain 1 or 3; "1.0" is a figure of something else. */
    final boolean isPhaseNumber(int i) {
        return isPlain(i)
                && (grammar.at(i).word().equals("1") || grammar.at(i).word().equals("3"));
    }

    final boolean isHertz(int i) {
        return isPlain(i) && (grammar.at(i).number() == 50 || grammar.at(i).number() == 60);
    }

    final boolean isRpm(int i) {
        return grammar.isNumber(i)
                && grammar.at(i).number() >= LEAST_RPM
                && grammar.at(i).number() <= MOST_RPM
                && !(isUsualVolts(i) && grammar.has("rpm"));
    }

    final boolean isCount(int i) {
        return isPlain(i)
                && grammar.at(i).number() >= 1
                && grammar.at(i).number() <= 12
                && grammar.at(i).number() == Math.floor(grammar.at(i).number());
    }

    final boolean isCelsius(int i) {
        return grammar.is(i, "°c") || grammar.is(i, "c");
    }

    static Value numbers(List<Double> list) {
        return Value.numbers(list.stream().mapToDouble(Double::doubleValue).toArray());
    }
}
