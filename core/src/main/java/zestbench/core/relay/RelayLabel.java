package zestbench.core.relay;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import zestbench.core.label.Grammar;
import zestbench.core.label.LabelRead;
import zestbench.core.value.Value;

/** The grammar of relay labels: contact form, coil, contact amps and volts, base. */
public final class RelayLabel {
    /** Its name in the open interface. */
    public static final String KIND = "relay";

    private static final Map<String, String> FORMS = Map.ofEntries(
            Map.entry("spdt", "SPDT"),
            Map.entry("dpdt", "DPDT"),
            Map.entry("spst", "SPNO"),
            Map.entry("spno", "SPNO"),
            Map.entry("spnc", "SPNC"),
            Map.entry("dpst", "DPNO"),
            Map.entry("dpno", "DPNO"),
            Map.entry("dpnc", "DPNC"),
            Map.entry("tpdt", "3PDT"));
    private static final Set<String> JOINS = Set.of("+", "-", "/", "&", "and");
    private static final Set<String> NAMES = Set.of("relay", "rly");
    private static final Set<String> AMPS = Set.of("a", "amp", "amps");
    private static final Map<String, String> DUTIES = Map.of(
            "resistive",
            "RESISTIVE",
            "res",
            "RESISTIVE",
            "motor",
            "MOTOR",
            "inductive",
            "MOTOR",
            "fla",
            "MOTOR",
            "pilot",
            "PILOT");

    private final Grammar grammar;

    private RelayLabel(String text) {
        this.grammar = new Grammar(text);
    }

    /** Reads {@code text} as a relay's label; never fails, what it cannot read is left over. */
    public static LabelRead read(String text) {
        return new RelayLabel(text).run();
    }

    /** Whether the text speaks of a relay: by name or by contact form, and of no start device. */
    public static boolean resembles(String text) {
        Grammar grammar = new Grammar(text);
        boolean isNamed = false;
        for (int i = 0; i < grammar.size(); i++) {
            String word = grammar.at(i).isNumber() ? "" : grammar.at(i).word();
            if (Set.of("potential", "start", "contactor", "fuse", "hp", "rpm", "mca", "ptc")
                    .contains(word)) {
                return false;
            }
            isNamed |= NAMES.contains(word) || FORMS.containsKey(word);
        }
        return isNamed && !read(text).fields().fields().isEmpty();
    }

    private LabelRead run() {
        for (int i = 0; i < grammar.size(); i++) {
            if (grammar.free(i)
                    && !grammar.isNumber(i)
                    && FORMS.containsKey(grammar.at(i).word())
                    && !grammar.has("contacts")) {
                form(i);
            } else if (grammar.isOneOf(i, NAMES)) {
                grammar.skip(i, i + 1);
            } else if (grammar.is(i, "hz") && grammar.isNumber(i - 1)) {
                boolean isBoth = grammar.is(i - 2, "/") && grammar.isNumber(i - 3);
                grammar.read(
                        "coilHertz",
                        isBoth
                                ? Value.numbers(
                                        grammar.at(i - 3).number(),
                                        grammar.at(i - 1).number())
                                : Value.numbers(grammar.at(i - 1).number()),
                        isBoth ? i - 3 : i - 1,
                        i + 1);
            } else if (grammar.isOneOf(i, Set.of("pin", "pins", "blade", "blades", "din")) && !grammar.has("base")) {
                boolean isCounted = grammar.isNumber(i - 1);
                grammar.read(
                        "base", Value.of(grammar.printed(isCounted ? i - 1 : i, i + 1)), isCounted ? i - 1 : i, i + 1);
            }
        }
        directCurrent();
        coil();
        contacts();
        boolean isNothing = RelayFamily.ATTRIBUTES.stream().noneMatch(a -> grammar.has(a.name()));
        return grammar.done(isNothing ? null : KIND);
    }

    /** {@code SPDT}, or several that sit in one relay: {@code SPNO+SPNC}. */
    private void form(int at) {
        StringBuilder forms =
                new StringBuilder(FORMS.getOrDefault(grammar.at(at).word(), ""));
        int to = at + 1;
        while (grammar.isOneOf(to, JOINS) && grammar.isOneOf(to + 1, FORMS.keySet())) {
            forms.append('+').append(FORMS.getOrDefault(grammar.at(to + 1).word(), ""));
            to += 2;
        }
        grammar.read("contacts", Value.of(forms.toString()), at, to);
    }

    private void directCurrent() {
        for (int i = 0; i < grammar.size(); i++) {
            if (grammar.is(i, "dc") && (grammar.is(i - 1, "v") || grammar.isNumber(i - 1))) {
                grammar.read("coilDirectCurrent", Value.of(true), i, i + 1);
                return;
            }
        }
    }

    private void coil() {
        for (int i = 0; i < grammar.size() && !grammar.has("coilVolts"); i++) {
            if (!grammar.is(i, "coil")) {
                continue;
            }
            int from = grammar.is(i + 1, ":") || grammar.is(i + 1, "=") ? i + 2 : i + 1;
            boolean isBehind = grammar.isNumber(from);
            int number = isBehind ? from : grammar.is(i - 1, "v") ? i - 2 : i - 1;
            if (!grammar.isNumber(number)) {
                continue;
            }
            List<Value> volts =
                    new ArrayList<>(List.of(Value.of(grammar.at(number).number())));
            int to = number + 1;
            if (isBehind && grammar.is(to, "/") && grammar.isNumber(to + 1)) {
                volts.add(Value.of(grammar.at(to + 1).number()));
                to += 2;
            }
            int end = isBehind ? grammar.is(to, "v") ? to + 1 : to : i + 1;
            grammar.read("coilVolts", new Value.Items(volts), isBehind ? i : number, end);
        }
    }

    /** {@code 12 A 277 V RES}, {@code CONTACTS 10 FLA 240V}. */
    private void contacts() {
        for (int i = 0; i < grammar.size() && !grammar.has("contactAmps"); i++) {
            boolean isUnit = grammar.isOneOf(i, AMPS) || grammar.is(i, "fla");
            if (isUnit && grammar.isNumber(i - 1)) {
                if (grammar.is(i, "fla")) {
                    grammar.set("duty", Value.of("MOTOR"));
                    grammar.cite("duty", i, i + 1, 0.95);
                }
                grammar.read("contactAmps", Value.of(grammar.at(i - 1).number()), i - 1, i + 1);
            }
        }
        for (int i = 0; i < grammar.size(); i++) {
            if (grammar.isNumber(i) && grammar.is(i + 1, "v") && !grammar.has("contactVolts")) {
                boolean isCoil = !grammar.has("coilVolts") && grammar.at(i).number() <= 48;
                if (isCoil) {
                    grammar.read("coilVolts", Value.numbers(grammar.at(i).number()), i, i + 2);
                } else {
                    grammar.read("contactVolts", Value.of(grammar.at(i).number()), i, i + 2);
                }
            } else if (grammar.free(i)
                    && !grammar.isNumber(i)
                    && DUTIES.containsKey(grammar.at(i).word())
                    && !grammar.has("duty")) {
                int to = grammar.is(i + 1, "duty") ? i + 2 : i + 1;
                grammar.read("duty", Value.of(DUTIES.getOrDefault(grammar.at(i).word(), "")), i, to);
            }
        }
    }
}
