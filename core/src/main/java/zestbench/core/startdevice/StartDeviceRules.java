package zestbench.core.startdevice;

import static zestbench.core.judgement.Criterion.NOT_ON_LABEL;
import static zestbench.core.judgement.Grade.LIKE_FOR_LIKE;
import static zestbench.core.judgement.Grade.NEEDS_CHANGE;
import static zestbench.core.judgement.Grade.REFUSED;
import static zestbench.core.judgement.Grade.SUITABLE;
import static zestbench.core.judgement.Grade.UNDECIDED;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import zestbench.core.circuit.SystemVolts;
import zestbench.core.family.FieldRule;
import zestbench.core.family.FlammableRefrigerant;
import zestbench.core.family.Spec;
import zestbench.core.family.SpecPair;
import zestbench.core.judgement.Mark;
import zestbench.core.plate.PlateFacts;
import zestbench.core.quantity.Figures;

/** How an offered start device stands in for an old one. */
final class StartDeviceRules {
    static final List<Consumer<SpecPair>> ALL = List.of(
            StartDeviceRules::phase,
            StartDeviceRules::type,
            StartDeviceRules::volts,
            StartDeviceRules::tons,
            p -> FlammableRefrigerant.rule(p, "start device"));

    private static final List<String> RELAY_VOLTS = List.of("pickUpVolts", "dropOutVolts", "continuousVolts");
    private static final String RELAY_QUESTION =
            "Pick-up, drop-out, continuous coil volts and contacts equal to the old relay's?";

    private StartDeviceRules() {}

    static void phase(SpecPair p) {
        double phase = p.circuit.phase() != null
                ? p.circuit.phase()
                : p.circuit.plate().number("phase").orElse(1.0);
        if (phase == 3) {
            p.add(
                    "phase",
                    "3",
                    "single-phase",
                    REFUSED,
                    Mark.PRACTICE,
                    "never on a three-phase compressor or behind an inverter");
        }
    }

    static void type(SpecPair p) {
        Optional<String> old = p.needed.text("type");
        Optional<String> now = p.offered.text("type");
        String wanted = old.map(StartDeviceRules::words).orElse(NOT_ON_LABEL);
        String given = now.map(StartDeviceRules::words).orElse(NOT_ON_LABEL);
        if (old.isEmpty() || now.isEmpty()) {
            p.ask("Which kind is it: PTC, potential relay, solid state?");
            p.add("type", wanted, given, UNDECIDED, Mark.PRACTICE, "the kind has to be known");
            return;
        }
        boolean same = old.equals(now);
        boolean wasRelay = isBareRelay(p.needed);
        if (wasRelay && same) {
            relayVolts(p);
        }
        if (!same) {
            p.change(
                    isBareRelay(p.offered)
                            ? "Another kind: 5, 2 and 1 of its relay and a start capacitor, by its own drawing."
                            : "Another kind: two wires, in parallel with the run capacitor, HERM to C.");
        }
        p.add(
                "type",
                wanted,
                given,
                same ? LIKE_FOR_LIKE : wasRelay ? UNDECIDED : NEEDS_CHANGE,
                Mark.PRACTICE,
                same
                        ? "same kind"
                        : wasRelay
                                ? "a factory potential relay is replaced by its equal"
                                : "another kind, with wires of its own");
    }

    /** A relay without its capacitor in the same case: three terminals, made for one compressor. */
    static boolean isBareRelay(Spec spec) {
        return spec.text("type").filter("POTENTIAL_RELAY"::equals).isPresent()
                && !spec.flag("kit").orElse(false);
    }

    /** In place of a factory potential relay pick-up, drop-out and continuous volts are equal. [practice] */
    private static void relayVolts(SpecPair p) {
        for (String volts : RELAY_VOLTS) {
            FieldRule.equal(volts, "V", Mark.PRACTICE, "equal", "a factory potential relay is replaced by its equal")
                    .unsaid(FieldRule.Unsaid.UNDECIDED, RELAY_QUESTION)
                    .accept(p);
        }
        if (RELAY_VOLTS.stream().noneMatch(p.needed::has)) {
            p.ask(RELAY_QUESTION);
        }
    }

    /** The band covers the line; where that was not measured, the old one's band. */
    static void volts(SpecPair p) {
        Double line = p.circuit.lineVolts() != null
                ? p.circuit.lineVolts()
                : p.circuit.plate().numbers("volts").stream()
                        .max(Double::compare)
                        .orElse(null);
        Optional<Double> low = p.offered.number("voltsLow");
        Optional<Double> high = p.offered.number("voltsHigh");
        Optional<Double> from = line != null ? Optional.of(line) : p.needed.number("voltsLow");
        Optional<Double> to = line != null ? Optional.of(line) : p.needed.number("voltsHigh");
        String wanted = line != null
                ? Figures.plain(line) + " V"
                : band(p.needed, "volts", "V").orElse(NOT_ON_LABEL);
        String given = band(p.offered, "volts", "V").orElse(NOT_ON_LABEL);
        if (low.isEmpty() || high.isEmpty() || from.isEmpty() || to.isEmpty()) {
            boolean isNewSilent = low.isEmpty() || high.isEmpty();
            p.ask(isNewSilent ? "Which volts is it made for?" : "Measure the line: its band has to cover it.");
            p.add("volts", wanted, given, UNDECIDED, Mark.PRACTICE, "its volts have to be known: too few burst it");
            return;
        }
        boolean covers = low.get() * (1 - SystemVolts.NAMED_WITHIN) <= from.get()
                && high.get() * (1 + SystemVolts.NAMED_WITHIN) >= to.get();
        p.add(
                "volts",
                wanted,
                given,
                covers ? LIKE_FOR_LIKE : REFUSED,
                Mark.PRACTICE,
                covers
                        ? line != null ? "its band covers the line" : "its band covers the old one's"
                        : line != null ? "the line is outside its band" : "outside the old one's band");
    }

    /** Tons of the compressor it starts; where the plate does not tell them, the old one's band. */
    static void tons(SpecPair p) {
        int compressors = Math.max(1, p.circuit.plate().rows("compressors").size());
        double unit = PlateFacts.of(p.circuit.plate()).tons() / compressors;
        Optional<Double> low = p.offered.number("tonsLow");
        Optional<Double> high = p.offered.number("tonsHigh");
        Optional<Double> oldLow = p.needed.number("tonsLow");
        Optional<Double> oldHigh = p.needed.number("tonsHigh");
        String wanted = unit > 0
                ? Figures.plain(Figures.tidy(unit)) + " ton" + (compressors > 1 ? " each" : "")
                : band(p.needed, "tons", "ton").orElse(NOT_ON_LABEL);
        String given = band(p.offered, "tons", "ton").orElse(NOT_ON_LABEL);
        if (low.isEmpty() || high.isEmpty() || (unit <= 0 && (oldLow.isEmpty() || oldHigh.isEmpty()))) {
            p.ask("How many tons has the unit, and which are printed on it?");
            p.add("tons", wanted, given, UNDECIDED, Mark.PRACTICE, "its band has to hold the unit's size");
            return;
        }
        double from = unit > 0 ? unit : oldLow.orElse(0.0);
        double to = unit > 0 ? unit : oldHigh.orElse(0.0);
        boolean holds = low.get() <= from + Figures.SAME && high.get() >= to - Figures.SAME;
        boolean overlaps = unit <= 0 && low.get() <= to + Figures.SAME && high.get() >= from - Figures.SAME;
        boolean same = low.equals(oldLow) && high.equals(oldHigh);
        if (!holds && overlaps) {
            p.ask("How many tons has the unit? This one covers only some of what the old one did.");
        }
        p.add(
                "tons",
                wanted,
                given,
                holds ? same ? LIKE_FOR_LIKE : SUITABLE : overlaps ? UNDECIDED : REFUSED,
                Mark.PRACTICE,
                holds
                        ? "its band holds the unit's size"
                        : overlaps
                                ? "a narrower band: the unit's size decides"
                                : "its band does not hold the unit's size");
    }

    static String words(String type) {
        return type.equals("PTC")
                ? "PTC"
                : zestbench.core.quantity.Letters.small(type).replace('_', ' ');
    }

    static Optional<String> band(Spec spec, String name, String unit) {
        Optional<Double> low = spec.number(name + "Low");
        Optional<Double> high = spec.number(name + "High");
        return low.isEmpty() || high.isEmpty()
                ? Optional.empty()
                : Optional.of(Figures.plain(low.get()) + (low.equals(high) ? "" : "–" + Figures.plain(high.get())) + " "
                        + unit);
    }
}
