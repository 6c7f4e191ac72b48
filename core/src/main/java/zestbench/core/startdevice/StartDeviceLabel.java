package zestbench.core.startdevice;

import java.util.Map;
import java.util.Set;
import zestbench.core.label.Grammar;
import zestbench.core.label.LabelRead;
import zestbench.core.value.Value;

/** The grammar of start devices: kind, band of volts, band of tons. */
public final class StartDeviceLabel {
    /** Its name in the open interface. */
    public static final String KIND = "start-device";

    private static final Set<String> TONS = Set.of("ton", "tons");
    private static final double LEAST_VOLTS = 100;

    private final Grammar grammar;

    private StartDeviceLabel(String text) {
        this.grammar = new Grammar(text);
    }

    /** Reads {@code text} as a start device's label; never fails, what it cannot read is left over. */
    public static LabelRead read(String text) {
        return new StartDeviceLabel(text).run();
    }

    /** Whether the text speaks of a start device. */
    public static boolean resembles(String text) {
        Grammar grammar = new Grammar(text);
        for (int i = 0; i < grammar.size(); i++) {
            if (Set.of("mca", "rla", "fla", "coil", "µf").contains(grammar.at(i).word())) {
                return false;
            }
        }
        Map<String, Value> fields = read(text).fields().fields();
        return fields.containsKey("type");
    }

    private LabelRead run() {
        for (int i = 0; i < grammar.size(); i++) {
            int next = grammar.is(i + 1, "-") ? i + 2 : i + 1;
            if (grammar.is(i, "ptc") || grammar.is(i, "thermistor")) {
                type("PTC", i, i + 1);
            } else if (grammar.is(i, "potential") && grammar.is(next, "relay")) {
                type("POTENTIAL_RELAY", i, next + 1);
            } else if (grammar.is(i, "solid") && grammar.is(next, "state")) {
                type("SOLID_STATE", i, next + 1);
            } else if (grammar.is(i, "kit")) {
                grammar.read("kit", Value.of(true), i, i + 1);
            } else if (grammar.is(i, "start") && grammar.is(next, "device")) {
                grammar.skip(i, next + 1);
            }
        }
        relayVolts();
        for (int i = 0; i < grammar.size(); i++) {
            if (grammar.free(i)
                    && !grammar.isNumber(i)
                    && TONS.contains(grammar.at(i).word())) {
                band(i, "tonsLow", "tonsHigh");
            } else if (grammar.is(i, "v")
                    && grammar.free(i)
                    && grammar.isNumber(i - 1)
                    && grammar.at(i - 1).number() >= LEAST_VOLTS) {
                band(i, "voltsLow", "voltsHigh");
            }
        }
        boolean isNothing = StartDeviceFamily.ATTRIBUTES.stream().noneMatch(a -> grammar.has(a.name()));
        return grammar.done(isNothing ? null : KIND);
    }

    /** {@code PICK UP 180-195 V}, {@code COIL 332V}: volts of a potential relay, which are not the line's. */
    private void relayVolts() {
        for (int i = 0; i < grammar.size(); i++) {
            int next = grammar.is(i + 1, "-") ? i + 2 : i + 1;
            if (grammar.is(i, "pick") && grammar.is(next, "up")) {
                figure("pickUpVolts", i, next + 1);
            } else if (grammar.is(i, "pickup")) {
                figure("pickUpVolts", i, i + 1);
            } else if (grammar.is(i, "drop") && grammar.is(next, "out")) {
                figure("dropOutVolts", i, next + 1);
            } else if (grammar.is(i, "dropout")) {
                figure("dropOutVolts", i, i + 1);
            } else if (grammar.isOneOf(i, Set.of("coil", "cont", "continuous"))) {
                figure("continuousVolts", i, i + 1);
            }
        }
    }

    /** The figure behind a name; of a range its upper end. */
    private void figure(String field, int from, int at) {
        int number = grammar.is(at, ":") || grammar.is(at, "=") ? at + 1 : at;
        if (!grammar.isNumber(number) || grammar.has(field)) {
            return;
        }
        boolean isRange = grammar.is(number + 1, "-") && grammar.isNumber(number + 2);
        int last = isRange ? number + 2 : number;
        int end = grammar.is(last + 1, "v") ? last + 2 : last + 1;
        grammar.read(field, Value.of(grammar.at(last).number()), from, end);
    }

    private void type(String type, int from, int to) {
        if (!grammar.has("type")) {
            grammar.read("type", Value.of(type), from, to);
        }
    }

    /** {@code 1-3 ton}, {@code 208/277 V}, or one figure for both ends. */
    private void band(int unit, String low, String high) {
        if (!grammar.isNumber(unit - 1) || grammar.has(low)) {
            return;
        }
        boolean isBand = (grammar.is(unit - 2, "-") || grammar.is(unit - 2, "/") || grammar.is(unit - 2, "to"))
                && grammar.isNumber(unit - 3);
        int from = isBand ? unit - 3 : unit - 1;
        double a = grammar.at(from).number();
        double b = grammar.at(unit - 1).number();
        grammar.read(low, Value.of(Math.min(a, b)), from, unit + 1);
        grammar.set(high, Value.of(Math.max(a, b)));
        grammar.cite(high, from, unit + 1, 0.97);
    }
}
