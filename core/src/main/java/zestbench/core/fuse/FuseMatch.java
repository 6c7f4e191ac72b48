package zestbench.core.fuse;

import static zestbench.core.judgement.Criterion.NOT_ON_LABEL;
import static zestbench.core.judgement.Grade.LIKE_FOR_LIKE;
import static zestbench.core.judgement.Grade.NEEDS_CHANGE;
import static zestbench.core.judgement.Grade.REFUSED;
import static zestbench.core.judgement.Grade.SUITABLE;
import static zestbench.core.judgement.Grade.UNDECIDED;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import zestbench.core.circuit.SystemVolts;
import zestbench.core.circuit.WireSize;
import zestbench.core.family.Comparison;
import zestbench.core.family.MatchAnswer;
import zestbench.core.family.MatchRequest;
import zestbench.core.family.MatchRequest.Circuit;
import zestbench.core.family.Offers;
import zestbench.core.family.Spec;
import zestbench.core.family.SpecPair;
import zestbench.core.judgement.Finding;
import zestbench.core.judgement.Grade;
import zestbench.core.judgement.Mark;
import zestbench.core.quantity.Figures;
import zestbench.core.quantity.InputProblem;

/** How offered fuses serve in the place of old ones: never above what the plate allows, in the same clips. */
final class FuseMatch {
    private static final Mark WINDOW = Mark.standard("NEC 110.3(B), 440.4(B), 440.22");
    private static final Mark UL = Mark.standard("UL 248");
    private static final Mark AVAILABLE = Mark.standard("NEC 110.9");
    private static final Set<String> REJECTION = Set.of("RK1", "RK5");
    private static final Set<String> OLD_CLIPS = Set.of("H", "K5");
    private static final double SAME = 1e-6;
    private static final double INCHES_WITHIN = 0.04;
    private static final double SPLIT_PHASE_FROM = 190;
    private static final double HIGH_240 = 250;
    private static final double SYSTEM_240 = 240;
    /**
     * MCA is 1.25 × the largest load and the ceiling 2.25 × it, so a fuse under this share of one that was legal lies under
     * MCA whatever the loads are. [physics, of NEC 440.33 and 440.22]
     */
    private static final double LEAST_OF_OLD = 1.25 / 2.25;

    private static final Mark INNER = Mark.fromMemory("NEC 450.3(B), 430.52, 240.4");

    private static final List<Consumer<SpecPair>> RULES = List.of(
            FuseMatch::amps,
            FuseMatch::volts,
            FuseMatch::fuseClass,
            FuseMatch::body,
            FuseMatch::delay,
            FuseMatch::interrupting);

    private FuseMatch() {}

    static MatchAnswer of(MatchRequest request) {
        check(request.required(), "required.");
        Optional<Double> old = request.required().number("amps");
        FuseCircuit circuit = FuseCircuit.of(request.circuit(), old);
        return Offers.graded(
                request,
                before(request, circuit, old),
                new Offers.Way(
                        spec -> compare(request, spec),
                        FuseFamily.FAMILY::shortText,
                        spec -> Math.abs(spec.number("amps").orElse(0.0) - old.orElse(0.0)),
                        set(request, circuit)));
    }

    private static List<Finding> before(MatchRequest request, FuseCircuit circuit, Optional<Double> old) {
        List<Finding> out = new ArrayList<>();
        boolean isUnit = circuit.kind() != FuseCircuit.Kind.INNER;
        if (isUnit && isAbove(old, circuit.most())) {
            out.add(Finding.caution(
                            "Witnesses disagree: the old fuse is {} A, {}. An earlier repair may have fitted a larger one.",
                            old.orElse(0.0),
                            circuit.words())
                    .of(Finding.Kind.WITNESSES_DISAGREE));
        }
        if (isUnit && isAbove(circuit.least(), old)) {
            out.add(Finding.caution(
                            "Witnesses disagree: the old fuse is {} A, {}. It is of another circuit, or too small.",
                            old.orElse(0.0),
                            circuit.words())
                    .of(Finding.Kind.WITNESSES_DISAGREE));
        }
        Double line = request.circuit().lineVolts();
        if (line != null && line > HIGH_240 && SystemVolts.nominal(line) == SYSTEM_240) {
            out.add(Finding.info("The line reads {} V: a 240 V system that runs high, served by 250 V fuses.", line));
        }
        if (isUnit) {
            wire(request.required(), circuit).ifPresent(out::add);
        }
        if (!Boolean.TRUE.equals(request.circuit().role().isCauseFound())) {
            out.add(FuseJudgement.OPENED);
        }
        return out;
    }

    private static boolean isAbove(Optional<Double> one, Optional<Double> other) {
        return one.isPresent() && other.isPresent() && one.get() > other.get() + SAME;
    }

    /** The wire that was found, against the circuit's ampacity. */
    private static Optional<Finding> wire(Spec required, FuseCircuit circuit) {
        boolean isSeventyFive = required.text("wireColumn").filter("75"::equals).isPresent();
        return required.number("wireGauge")
                .flatMap(gauge -> WireSize.of(gauge.intValue()))
                .flatMap(size -> circuit.least().map(mca -> size.finding(mca, isSeventyFive)));
    }

    /** The whole set goes in at once where the shop says so: as many as the unit has legs; an inner circuit has one. */
    private static int set(MatchRequest request, FuseCircuit circuit) {
        if (!request.rules().wholeFuseSet() || circuit.kind() == FuseCircuit.Kind.INNER) {
            return 1;
        }
        Optional<Integer> phase = request.circuit().knownPhase();
        Optional<Double> volts = circuitVolts(request.circuit());
        if (phase.filter(n -> n == 3).isPresent()) {
            return 3;
        }
        boolean isKnown = phase.isPresent() || volts.isPresent();
        return isKnown && volts.filter(v -> v < SPLIT_PHASE_FROM).isEmpty() ? 2 : 1;
    }

    private static void check(Spec spec, String place) {
        spec.number("amps")
                .ifPresent(a -> InputProblem.require(a > 0, place + "amps", a, "give the fuse's amps, above 0"));
    }

    private static Comparison compare(MatchRequest request, Spec offered) {
        check(offered, "");
        return SpecPair.by(RULES, request, offered);
    }

    private static void amps(SpecPair p) {
        Optional<Double> old = p.needed.number("amps");
        Optional<Double> now = p.offered.number("amps");
        FuseCircuit circuit = FuseCircuit.of(p.circuit, old);
        String wanted = circuit.wanted(old);
        String given = Comparison.worded(now, "A");
        if (p.circuit.role().protects() == null && circuit.kind() != FuseCircuit.Kind.UNIT) {
            p.ask("Which circuit does it protect: the unit's supply, a transformer, a board, a fan, a heater?");
        }
        boolean isInner = circuit.kind() == FuseCircuit.Kind.INNER;
        boolean isUnknown = old.isEmpty() && (isInner || circuit.most().isEmpty());
        if (now.isEmpty() || isUnknown) {
            p.ask("Which amps are printed, on the fuse and on the unit's plate?");
            p.add("amps", wanted, given, UNDECIDED, WINDOW, "the rating has to be known");
        } else if (isInner) {
            boolean same = Math.abs(now.get() - old.orElse(0.0)) < SAME;
            p.add(
                    "amps",
                    wanted,
                    given,
                    same ? LIKE_FOR_LIKE : REFUSED,
                    INNER,
                    same
                            ? "same rating"
                            : "an inner circuit keeps its own rating; the unit's plate says nothing of it");
        } else if (isAbove(now, circuit.most())) {
            p.add("amps", wanted, given, REFUSED, WINDOW, "above the most that is allowed; {}", circuit.words());
        } else if (circuit.kind() == FuseCircuit.Kind.UNSURE) {
            p.add(
                    "amps",
                    wanted,
                    given,
                    UNDECIDED,
                    WINDOW,
                    "the old {} A is far under the unit's ampacity, {}: whose fuse is it?",
                    old.orElse(0.0),
                    circuit.words());
        } else if (isAbove(circuit.least(), now)) {
            p.add(
                    "amps",
                    wanted,
                    given,
                    REFUSED,
                    WINDOW,
                    "below the circuit's ampacity it opens for nothing; {}",
                    circuit.words());
        } else if (circuit.most().isEmpty()) {
            withoutCeiling(p, old.orElse(0.0), now.get(), wanted);
        } else {
            if (circuit.isBreakerOnly()) {
                p.ask("The plate names a breaker only: does it allow fuses at all?");
            }
            boolean same = Math.abs(now.get() - old.orElse(-1.0)) < SAME
                    || Math.abs(now.get() - circuit.most().get()) < SAME;
            p.add(
                    "amps",
                    wanted,
                    given,
                    same ? LIKE_FOR_LIKE : SUITABLE,
                    WINDOW,
                    same ? "as before or as the plate says, inside {}" : "another size inside {}",
                    circuit.words());
        }
    }

    /** No plate: the old rating is the most; a smaller one may open for nothing, a far smaller one does. */
    private static void withoutCeiling(SpecPair p, double old, double now, String wanted) {
        p.ask("Read the unit's plate: it says the largest fuse, and the ampacity.");
        boolean isAbove = now > old + SAME;
        boolean isFarBelow = now < LEAST_OF_OLD * old - SAME;
        boolean same = Math.abs(now - old) < SAME;
        p.add(
                "amps",
                wanted,
                Figures.plain(now) + " A",
                same ? LIKE_FOR_LIKE : isAbove || isFarBelow ? REFUSED : UNDECIDED,
                Mark.PRACTICE,
                same
                        ? "same rating"
                        : isAbove
                                ? "without the plate the old rating is the most"
                                : isFarBelow
                                        ? "so far under the old one it opens for nothing"
                                        : "less than the old one: the plate's ampacity decides");
    }

    /** Volts of the circuit: measured, else the highest of the plate. */
    private static Optional<Double> circuitVolts(Circuit circuit) {
        return circuit.lineVolts() != null
                ? Optional.of(circuit.lineVolts())
                : circuit.plate().numbers("volts").stream().max(Double::compare);
    }

    private static void volts(SpecPair p) {
        Optional<Double> line = circuitVolts(p.circuit).map(SystemVolts::nominal);
        Optional<Double> old = p.needed.number("volts");
        Optional<Double> now = p.offered.number("volts");
        Optional<Double> need = line.isPresent() ? line : old;
        if (now.isEmpty() || need.isEmpty()) {
            p.ask("Which volts are printed on it?");
            p.add(
                    "volts",
                    Comparison.worded(need, "V"),
                    Comparison.worded(now, "V"),
                    UNDECIDED,
                    UL,
                    "250, 300 or 600 V");
            return;
        }
        boolean holds = now.get() >= need.get() - SAME;
        p.add(
                "volts",
                Comparison.worded(need, "V"),
                Comparison.worded(now, "V"),
                !holds ? REFUSED : now.equals(old) ? LIKE_FOR_LIKE : SUITABLE,
                UL,
                holds ? "breaks these volts" : "a fuse of fewer volts does not break the arc");
    }

    private static void fuseClass(SpecPair p) {
        Optional<String> old = p.needed.text("fuseClass");
        Optional<String> now = p.offered.text("fuseClass");
        Optional<String> asked = p.circuit.plate().text("shortCircuitFuseClass");
        String wanted = old.orElse(NOT_ON_LABEL)
                + asked.map(c -> ", the plate's class " + c).orElse("");
        String given = now.orElse(NOT_ON_LABEL);
        if (asked.isPresent() && now.isPresent() && !lets(asked.get(), now.get())) {
            p.add(
                    "fuseClass",
                    wanted,
                    given,
                    REFUSED,
                    WINDOW,
                    "the unit's short-circuit rating holds with class {} only",
                    asked.get());
            return;
        }
        if (old.isEmpty() || now.isEmpty()) {
            p.ask("Which class is printed: RK1, RK5, H, K5, J, T, CC?");
            p.add(
                    "fuseClass",
                    wanted,
                    given,
                    UNDECIDED,
                    UL,
                    "the class decides what it lets through and where it fits");
            return;
        }
        String a = old.get();
        String b = now.get();
        boolean isBetter = !a.equals(b) && isAsGood(a, b);
        Grade outcome = a.equals(b) ? LIKE_FOR_LIKE : isBetter ? SUITABLE : REFUSED;
        p.add(
                "fuseClass",
                wanted,
                given,
                outcome,
                UL,
                outcome == LIKE_FOR_LIKE
                        ? "same class"
                        : outcome == SUITABLE ? "lets less through and fits its clips" : why(a, b));
    }

    /** Whether class {@code now} fits the clips of {@code old} and lets no more through. [UL 248] */
    private static boolean isAsGood(String old, String now) {
        return old.equals(now)
                || (old.equals("RK5") && now.equals("RK1"))
                || (OLD_CLIPS.contains(old) && REJECTION.contains(now))
                || (old.equals("H") && now.equals("K5"))
                || (old.equals("M") && now.equals("CC"));
    }

    /** Whether a plate that names class {@code asked} is content with {@code now}. */
    private static boolean lets(String asked, String now) {
        return isAsGood(asked, now) || now.equals("J") || now.equals("T") || now.equals("CC");
    }

    private static String why(String old, String now) {
        if (old.equals("RK1") && now.equals("RK5")) {
            return "RK5 lets more through than RK1";
        }
        return REJECTION.contains(old) && OLD_CLIPS.contains(now)
                ? "rejection clips take only class R"
                : now.equals("M") ? "a midget never replaces CC" : "another class, other clips or more let through";
    }

    private static void body(SpecPair p) {
        Optional<Double> oldDiameter = p.needed.number("bodyDiameterInches");
        Optional<Double> diameter = p.offered.number("bodyDiameterInches");
        Optional<Double> oldLength = p.needed.number("bodyLengthInches");
        Optional<Double> length = p.offered.number("bodyLengthInches");
        if (oldDiameter.isPresent() && diameter.isPresent() && oldLength.isPresent() && length.isPresent()) {
            boolean same = Math.abs(oldDiameter.get() - diameter.get()) <= INCHES_WITHIN
                    && Math.abs(oldLength.get() - length.get()) <= INCHES_WITHIN;
            p.add(
                    "body",
                    Figures.plain(oldDiameter.get()) + " × " + Figures.plain(oldLength.get()) + " in",
                    Figures.plain(diameter.get()) + " × " + Figures.plain(length.get()) + " in",
                    same ? LIKE_FOR_LIKE : REFUSED,
                    UL,
                    same ? "same body" : "it does not sit in these clips");
            return;
        }
        boolean isTold = p.needed.has("fuseClass")
                && p.needed.has("amps")
                && p.needed.has("volts")
                && p.offered.has("fuseClass")
                && p.offered.has("amps")
                && p.offered.has("volts");
        if (isTold) {
            bodyByTable(p);
        }
    }

    /** Another body does not fit; a smaller fuse of the same class and volts fits larger clips with listed reducers. */
    private static void bodyByTable(SpecPair p) {
        String old = p.needed.text("fuseClass").orElse("");
        String now = p.offered.text("fuseClass").orElse("");
        double oldVolts = p.needed.number("volts").orElse(0.0);
        double volts = p.offered.number("volts").orElse(0.0);
        double oldAmps = p.needed.number("amps").orElse(0.0);
        double amps = p.offered.number("amps").orElse(0.0);
        String was = FuseSizes.body(old, oldVolts, oldAmps);
        String is = FuseSizes.body(now, volts, amps);
        boolean same = was.equals(is);
        boolean isSmaller = !same
                && FuseSizes.hasReducers(now)
                && FuseSizes.body(old, oldVolts, amps).equals(is)
                && FuseSizes.group(now, amps) < FuseSizes.group(old, oldAmps);
        if (isSmaller) {
            p.change("Listed fuse reducers for the larger clips.");
        }
        String inches = FuseSizes.inches(now, volts, amps);
        p.add(
                "body",
                was,
                is + (inches.isEmpty() ? "" : " (" + inches + ")"),
                same ? LIKE_FOR_LIKE : isSmaller ? NEEDS_CHANGE : REFUSED,
                UL,
                same
                        ? "same body"
                        : isSmaller
                                ? "a smaller body, only with listed reducers"
                                : "another body does not sit in these clips");
    }

    private static void delay(SpecPair p) {
        Optional<Boolean> old = p.needed.flag("timeDelay");
        Optional<Boolean> now = p.offered.flag("timeDelay");
        String wanted = old.map(FuseMatch::delayed).orElse(NOT_ON_LABEL);
        String given = now.map(FuseMatch::delayed).orElse(NOT_ON_LABEL);
        if (old.isEmpty() || now.isEmpty()) {
            p.ask("Is it a time-delay fuse? It says so, or dual element.");
            p.add("timeDelay", wanted, given, UNDECIDED, UL, "a motor starts on several times its running amps");
        } else if (old.equals(now)) {
            p.add("timeDelay", wanted, given, LIKE_FOR_LIKE, UL, "same");
        } else if (old.get()) {
            p.add(
                    "timeDelay",
                    wanted,
                    given,
                    REFUSED,
                    UL,
                    "a time delay carries 500 % for 10 s; a fast one opens at the start");
        } else {
            p.ask("Does the unit's plate allow a time-delay fuse?");
            p.add("timeDelay", wanted, given, UNDECIDED, UL, "slower than the old one: only where the plate allows it");
        }
    }

    private static String delayed(boolean isDelayed) {
        return isDelayed ? "time delay" : "fast";
    }

    private static void interrupting(SpecPair p) {
        Optional<Double> old = kiloamps(p.needed);
        Optional<Double> now = kiloamps(p.offered);
        Double available = p.circuit.beside().shortCircuitKiloamps();
        if (now.isEmpty() || (old.isEmpty() && available == null)) {
            return;
        }
        double need = Math.max(old.orElse(0.0), available == null ? 0 : available);
        boolean holds = now.get() >= need - SAME;
        p.add(
                "interruptingKiloamps",
                Figures.plain(need) + " kA",
                Comparison.worded(now, "kA"),
                !holds ? REFUSED : now.equals(old) ? LIKE_FOR_LIKE : SUITABLE,
                available == null ? UL : AVAILABLE,
                holds ? "breaks at least as much" : "it may not break the fault that is there");
    }

    private static Optional<Double> kiloamps(Spec spec) {
        Optional<Double> printed = spec.number("interruptingKiloamps");
        return printed.isPresent() ? printed : spec.text("fuseClass").flatMap(FuseSizes::kiloamps);
    }
}
