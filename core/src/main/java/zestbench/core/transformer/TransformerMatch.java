package zestbench.core.transformer;

import static zestbench.core.judgement.Criterion.NOT_ON_LABEL;
import static zestbench.core.judgement.Grade.LIKE_FOR_LIKE;
import static zestbench.core.judgement.Grade.REFUSED;
import static zestbench.core.judgement.Grade.STOPGAP;
import static zestbench.core.judgement.Grade.SUITABLE;
import static zestbench.core.judgement.Grade.UNDECIDED;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;
import zestbench.core.circuit.SystemVolts;
import zestbench.core.family.Comparison;
import zestbench.core.family.FieldRule;
import zestbench.core.family.MatchAnswer;
import zestbench.core.family.MatchRequest;
import zestbench.core.family.MatchRequest.Circuit;
import zestbench.core.family.MatchRequest.Witness;
import zestbench.core.family.Offers;
import zestbench.core.family.Spec;
import zestbench.core.family.SpecPair;
import zestbench.core.judgement.Finding;
import zestbench.core.judgement.Grade;
import zestbench.core.judgement.Mark;
import zestbench.core.quantity.Figures;
import zestbench.core.quantity.InputProblem;
import zestbench.core.quantity.Letters;
import zestbench.core.shop.ShopRules.SmallerTransformer;

/** How offered transformers serve in the place of an old one: load, taps for the line that was measured, secondary. */
final class TransformerMatch {

    /** The systems a line of 215 to 228 V may be of. */
    private static final List<Double> SERVES_BETWEEN = List.of(208.0, 240.0);

    private static final Mark CLASS_TWO = Mark.standard("NEC chapter 9, table 11");
    private static final Mark COILS = Mark.standard("IEC 60947-4-1");
    private static final List<Consumer<? super SpecPair>> RULES = List.of(
            TransformerMatch::voltAmps,
            FieldRule.equal(
                            "secondaryVolts",
                            "V",
                            Mark.PRACTICE,
                            "same secondary",
                            "coils and boards are made for {old}")
                    .unsaid(FieldRule.Unsaid.UNDECIDED_OF_EITHER, "Which secondary volts are printed?"),
            TransformerMatch::primary,
            TransformerMatch::hertz,
            TransformerMatch::class2,
            TransformerMatch::protection);

    private TransformerMatch() {}

    static MatchAnswer of(MatchRequest request) {
        check(request.required(), "required.");
        double old = request.required().number("voltAmps").orElse(0.0);
        MatchRequest larger = request.requiring(withLargestPower(request));
        return Offers.graded(
                larger,
                disagreements(request, old),
                new Offers.Way(
                        spec -> compare(larger, spec),
                        TransformerFamily.FAMILY::shortText,
                        spec -> Math.abs(spec.number("voltAmps").orElse(0.0) - old),
                        1));
    }

    /** What is needed with the most VA that any witness names. */
    private static Spec withLargestPower(MatchRequest request) {
        double most = request.required().number("voltAmps").orElse(0.0);
        for (Witness witness : request.witnesses()) {
            most = Math.max(most, witness.spec().number("voltAmps").orElse(0.0));
        }
        return most > 0 ? request.required().with("voltAmps", zestbench.core.value.Value.of(most)) : request.required();
    }

    /** Primary volts, lowest first: those that are named, else those of the printed leads. */
    static List<Double> taps(Spec spec) {
        List<Double> named = spec.numbers("primaryVolts");
        List<Double> out = named.isEmpty()
                ? spec.rows("leads").stream()
                        .flatMap(l -> l.number("volts").stream())
                        .filter(v -> v > 0)
                        .toList()
                : named;
        return out.stream().distinct().sorted().toList();
    }

    private static void check(Spec spec, String place) {
        spec.number("voltAmps")
                .ifPresent(va -> InputProblem.require(va > 0, place + "voltAmps", va, "give VA above 0, such as 40"));
        for (double volts : spec.numbers("primaryVolts")) {
            InputProblem.require(volts > 0, place + "primaryVolts", volts, "give volts above 0, such as 208, 240");
        }
    }

    private static Comparison compare(MatchRequest request, Spec offered) {
        check(offered, "");
        return SpecPair.by(RULES, request, offered);
    }

    /** An old one that is too small, or another than the plate or diagram asks for. */
    private static List<Finding> disagreements(MatchRequest request, double old) {
        List<Finding> out = new ArrayList<>();
        Double load = held(request.circuit(), request.required());
        if (load != null && old > 0 && load > old * TransformerLimits.HELD_SHARE + Figures.SAME) {
            out.add(Finding.caution(
                            "{} VA hang on a transformer of {} VA, more than 80 % of it. An earlier repair may have fitted one too small.",
                            load, old)
                    .of(Finding.Kind.WITNESSES_DISAGREE));
        }
        for (Witness witness : request.witnesses()) {
            witness.spec()
                    .number("voltAmps")
                    .filter(va -> Math.abs(va - old) > Figures.SAME)
                    .ifPresent(va -> out.add(Finding.caution(
                                    "{} says {} VA, the old label {} VA. The larger stands.",
                                    Letters.capital(witness.from().words()),
                                    va,
                                    old)
                            .of(Finding.Kind.WITNESSES_DISAGREE)));
        }
        return out;
    }

    private static void voltAmps(SpecPair p) {
        Optional<Double> old = p.needed.number("voltAmps");
        Optional<Double> now = p.offered.number("voltAmps");
        Double load = held(p.circuit, p.needed);
        inrush(p);
        String wanted = old.map(v -> Figures.plain(v) + " VA").orElse(NOT_ON_LABEL)
                + (load == null ? "" : ", " + Figures.plain(load) + " VA held");
        String given = Comparison.worded(now, "VA");
        if (now.isEmpty() || (old.isEmpty() && load == null)) {
            p.ask("How many VA are printed?");
            p.add("voltAmps", wanted, given, UNDECIDED, Mark.PRACTICE, "the power has to be known");
            return;
        }
        if (load == null) {
            p.ask("What hangs on it: contactor, relays, boards, valves? Add up their VA.");
        }
        double most = now.get() * TransformerLimits.HELD_SHARE;
        double held = load == null ? 0 : load;
        boolean fits = held <= most + Figures.SAME;
        boolean smaller = old.isPresent() && now.get() < old.get() - Figures.SAME;
        boolean allowed = p.rules.smallerTransformer() == SmallerTransformer.WHEN_LOAD_FITS && load != null;
        if (!fits) {
            p.add(
                    "voltAmps",
                    wanted,
                    given,
                    REFUSED,
                    Mark.PRACTICE,
                    "{} VA held are more than 80 % of it, {} VA",
                    held,
                    Figures.plain(Figures.tidy(most)));
        } else if (smaller && !allowed) {
            p.add(
                    "voltAmps",
                    wanted,
                    given,
                    REFUSED,
                    Mark.PRACTICE,
                    "smaller than the old one{}",
                    load == null ? "" : "; the shop does not go by the load sum");
        } else {
            boolean same = old.isPresent() && Math.abs(now.get() - old.get()) < Figures.SAME;
            double amps = now.get() / p.offered.number("secondaryVolts").orElse(24.0);
            p.add(
                    "voltAmps",
                    wanted,
                    given,
                    same ? LIKE_FOR_LIKE : SUITABLE,
                    Mark.PHYSICS,
                    same ? "same power" : "VA ÷ V = {} A at the secondary",
                    Figures.fixed(amps, 2));
        }
    }

    /** What is held: as given, else the sum of what hangs on it; null where neither is known. */
    private static @Nullable Double held(Circuit circuit, Spec needed) {
        if (circuit.beside().voltAmps() != null) {
            return circuit.beside().voltAmps();
        }
        List<Double> held = needed.rows("loads").stream()
                .flatMap(l -> l.number("heldVoltAmps").stream())
                .toList();
        return held.isEmpty()
                ? null
                : held.stream().mapToDouble(Double::doubleValue).sum();
    }

    private static void inrush(SpecPair p) {
        double known = p.needed.rows("loads").stream()
                .mapToDouble(l -> l.number("inrushVoltAmps").orElse(0.0))
                .max()
                .orElse(0);
        Double given = p.circuit.beside().inrushVoltAmps();
        double most = given == null ? known : given;
        if (most > p.offered.number("voltAmps").orElse(0.0)) {
            p.ask("Does it keep 20.4 V while " + Figures.plain(most) + " VA rush in? Its own sheet says.");
        }
    }

    /** The tap named for the line; another gives another secondary. [physics] */
    private static void primary(SpecPair p) {
        List<Double> taps = taps(p.offered);
        List<Double> old = taps(p.needed);
        Double line = p.circuit.lineVolts();
        if (taps.isEmpty()) {
            p.ask("Which primary volts are printed, and which lead is which?");
            p.add(
                    "primaryVolts",
                    line == null ? "?" : Figures.plain(line) + " V line",
                    NOT_ON_LABEL,
                    UNDECIDED,
                    Mark.PRACTICE,
                    "the taps have to be known");
        } else if (line == null) {
            boolean same = taps.containsAll(old) && !old.isEmpty();
            p.ask("Measure the line before a tap is chosen.");
            p.add(
                    "primaryVolts",
                    words(old),
                    words(taps),
                    same ? LIKE_FOR_LIKE : UNDECIDED,
                    Mark.PRACTICE,
                    same ? "has the old one's taps" : "which tap is used follows from the line");
        } else {
            onLine(p, line, taps, old);
        }
    }

    private static void onLine(SpecPair p, double line, List<Double> taps, List<Double> old) {
        double rated = p.offered.number("secondaryVolts").orElse(TransformerLimits.USUAL_SECONDARY_VOLTS);
        double tap = tapFor(taps, line);
        double expected = rated * line / tap;
        boolean inside = expected >= TransformerLimits.LEAST_OFFERED * rated - Figures.SAME
                && expected <= TransformerLimits.MOST_OFFERED * rated + Figures.SAME;
        boolean isBetween = SystemVolts.isBetween(line);
        boolean servesBoth = SERVES_BETWEEN.stream()
                .allMatch(system -> taps.stream().anyMatch(t -> SystemVolts.servedBy(t) == system));
        boolean isNamed = isBetween ? servesBoth : SystemVolts.servedBy(tap) == SystemVolts.nominal(line);
        if (isBetween) {
            p.ask("Is it a 208 or a 240 V system? " + Figures.plain(line)
                    + " V lies between; undecided, the higher tap is the safe one.");
        }
        Grade outcome = !inside
                ? REFUSED
                : isNamed ? taps.equals(old) ? LIKE_FOR_LIKE : SUITABLE : isBetween ? UNDECIDED : STOPGAP;
        if (p.offered.text("windings").filter("SERIES_PARALLEL"::equals).isPresent()) {
            p.ask("Two windings: in parallel for the lower volts, in series for the higher, as its label draws it.");
        }
        p.add(
                "primaryVolts",
                Figures.plain(line) + " V line",
                words(taps),
                outcome,
                inside ? Mark.PHYSICS : COILS,
                "{} V on the {} V tap gives {} V; {} to {} V serve its coils",
                line,
                tap,
                Figures.fixed(expected, 1),
                Figures.fixed(TransformerLimits.LEAST_OFFERED * rated, 1),
                Figures.fixed(TransformerLimits.MOST_OFFERED * rated, 1));
    }

    /** Of taps, lowest first, the one nearest to the line; between the systems the higher one, which gives too little rather than too much. */
    static double tapFor(List<Double> taps, double line) {
        double best = taps.get(0);
        for (double tap : taps) {
            boolean isBetter = SystemVolts.isBetween(line)
                    ? tap <= TransformerLimits.HIGHEST_BETWEEN_VOLTS
                    : Math.abs(tap - line) < Math.abs(best - line);
            best = isBetter ? tap : best;
        }
        return best;
    }

    private static String words(List<Double> volts) {
        return volts.isEmpty()
                ? NOT_ON_LABEL
                : String.join("/", volts.stream().map(Figures::plain).toList()) + " V";
    }

    private static void hertz(SpecPair p) {
        double supply = p.circuit.supplyHertz() != null ? p.circuit.supplyHertz() : SystemVolts.USUAL_HERTZ;
        List<Double> now = p.offered.numbers("hertz");
        if (now.isEmpty() && supply == SystemVolts.USUAL_HERTZ) {
            return;
        }
        boolean serves = now.contains(supply);
        p.add(
                "hertz",
                Figures.plain(supply) + " Hz",
                now.isEmpty()
                        ? NOT_ON_LABEL
                        : String.join("/", now.stream().map(Figures::plain).toList()) + " Hz",
                now.isEmpty() ? UNDECIDED : serves ? LIKE_FOR_LIKE : REFUSED,
                Mark.PHYSICS,
                serves
                        ? "made for it"
                        : supply < SystemVolts.USUAL_HERTZ
                                ? "a 60 Hz core is overfluxed on 50 Hz"
                                : "60 Hz is not on its label: a 50 Hz core stands it, its maker has to say so");
    }

    private static void class2(SpecPair p) {
        Optional<Boolean> old = p.needed.flag("class2");
        Optional<Boolean> offered = p.offered.flag("class2");
        if (old.isEmpty() && offered.filter(c -> !c).isPresent()) {
            p.ask("Was the old one Class 2? Thermostat wire is Class 2 wire.");
            p.add(
                    "class2",
                    NOT_ON_LABEL,
                    "not Class 2",
                    UNDECIDED,
                    CLASS_TWO,
                    "the wires it feeds may be Class 2 wires");
            return;
        }
        if (!old.orElse(false)) {
            return;
        }
        Optional<Boolean> now = p.offered.flag("class2");
        boolean tooLarge = p.offered.number("voltAmps").orElse(0.0) > TransformerLimits.CLASS_TWO_VOLT_AMPS;
        if (now.isEmpty()) {
            p.ask("Is it marked Class 2, as the old one is?");
        }
        p.add(
                "class2",
                "Class 2",
                now.map(c -> c ? "Class 2" : "not Class 2").orElse(NOT_ON_LABEL),
                tooLarge || now.filter(c -> !c).isPresent() ? REFUSED : now.isEmpty() ? UNDECIDED : LIKE_FOR_LIKE,
                CLASS_TWO,
                tooLarge ? "Class 2 stops at 100 VA" : "the wires it feeds are Class 2 wires");
    }

    private static void protection(SpecPair p) {
        Optional<String> old = p.needed.text("secondaryProtection");
        Optional<String> now = p.offered.text("secondaryProtection");
        if (old.isEmpty() || now.isPresent()) {
            return;
        }
        double amps = p.offered.number("voltAmps").orElse(40.0)
                / p.offered.number("secondaryVolts").orElse(24.0);
        p.change("Fuse its secondary, at most 167 % of " + Figures.fixed(amps, 2) + " A: "
                + Figures.fixed(1.67 * amps, 1) + " A.");
        p.add(
                "secondaryProtection",
                old.get(),
                NOT_ON_LABEL,
                Grade.NEEDS_CHANGE,
                Mark.fromMemory("NEC 450.3(B)"),
                "the secondary was protected, so it is again");
    }
}
