package zestbench.core.motor;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import zestbench.core.label.Grammar;
import zestbench.core.value.Value;

/** The capacitor a motor wants, then the volts, phase and frequency it is made for. */
final class SupplyReader extends MotorReader {
    private static final Set<String> CAPACITOR = Set.of("cap", "capacitor", "capac", "capacitance");
    private static final double SAME_WINDING = 1.25;
    private static final double LEAST_CAPACITOR_VOLTS = 220;

    SupplyReader(Grammar grammar) {
        super(grammar);
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

    private static Value nested(List<List<Double>> groups) {
        return new Value.Items(groups.stream().map(MotorReader::numbers).toList());
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
}
