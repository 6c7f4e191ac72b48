package zestbench.core.fuse;

import static zestbench.core.judgement.Grade.LIKE_FOR_LIKE;
import static zestbench.core.judgement.Grade.REFUSED;
import static zestbench.core.judgement.Grade.SUITABLE;
import static zestbench.core.judgement.Grade.UNDECIDED;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
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
import zestbench.core.judgement.Mark;
import zestbench.core.quantity.Figures;
import zestbench.core.quantity.InputProblem;

/** How offered fuses serve in the place of old ones: never above what the plate allows, in the same clips. */
final class FuseMatch {
    private static final Mark WINDOW = Mark.standard("NEC 110.3(B), 440.4(B), 440.22");
    private static final Mark UL = Mark.standard("UL 248");
    private static final double SYSTEM_240 = 240;

    private static final Mark INNER = Mark.fromMemory("NEC 450.3(B), 430.52, 240.4");

    private static final List<Consumer<SpecPair>> RULES = List.of(
            FuseMatch::amps,
            FuseMatch::volts,
            FuseFitRules::fuseClass,
            FuseFitRules::body,
            FuseFitRules::delay,
            FuseFitRules::interrupting);

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
                            "The old fuse is {} A, {}. An earlier repair may have fitted a larger one.",
                            old.orElse(0.0),
                            circuit.words())
                    .of(Finding.Kind.WITNESSES_DISAGREE));
        }
        if (isUnit && isAbove(circuit.least(), old)) {
            out.add(Finding.caution(
                            "The old fuse is {} A, {}. It is of another circuit, or too small.",
                            old.orElse(0.0),
                            circuit.words())
                    .of(Finding.Kind.WITNESSES_DISAGREE));
        }
        Double line = request.circuit().lineVolts();
        if (line != null && line > FuseLimits.HIGH_240_VOLTS && SystemVolts.nominal(line) == SYSTEM_240) {
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
        return one.isPresent() && other.isPresent() && one.get() > other.get() + Figures.SAME;
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
        return isKnown && volts.filter(v -> v < SystemVolts.LEG_TO_LEG_FROM).isEmpty() ? 2 : 1;
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
            boolean same = Math.abs(now.get() - old.orElse(0.0)) < Figures.SAME;
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
            boolean same = Math.abs(now.get() - old.orElse(-1.0)) < Figures.SAME
                    || Math.abs(now.get() - circuit.most().get()) < Figures.SAME;
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
        boolean isAbove = now > old + Figures.SAME;
        boolean isFarBelow = now < FuseLimits.LEAST_OF_OLD * old - Figures.SAME;
        boolean same = Math.abs(now - old) < Figures.SAME;
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
        boolean holds = now.get() >= need.get() - Figures.SAME;
        p.add(
                "volts",
                Comparison.worded(need, "V"),
                Comparison.worded(now, "V"),
                !holds ? REFUSED : now.equals(old) ? LIKE_FOR_LIKE : SUITABLE,
                UL,
                holds ? "breaks these volts" : "a fuse of fewer volts does not break the arc");
    }
}
