package zestbench.core.compressor;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import zestbench.core.family.Comparison;
import zestbench.core.family.EachOf;
import zestbench.core.family.FieldRule;
import zestbench.core.family.FieldRule.Unsaid;
import zestbench.core.family.FlammableRefrigerant;
import zestbench.core.family.SpecPair;
import zestbench.core.judgement.Grade;
import zestbench.core.judgement.Mark;
import zestbench.core.quantity.Figures;

/** What another compressor has to be, by its label. */
final class CompressorRules {
    /** Of the largest motor in MCA. [NEC 440.33] */
    private static final double OF_LARGEST = 1.25;
    /** Of its capacity, as a share: so far off the coils still go with it. [practice] */
    private static final double CAPACITY_APART = 0.05;

    private static final Mark CIRCUIT = Mark.standard("NEC 440.33");

    static final List<Consumer<? super SpecPair>> ALL = List.of(
            new EachOf(
                    "volts",
                    "V",
                    Mark.standard("NEMA MG 1, 12.44"),
                    "same volts",
                    "made for these volts too",
                    "made for other volts",
                    "For which volts is {silent} made?"),
            FieldRule.equal("phase", "", Mark.PHYSICS, "same phase", "another phase")
                    .unsaid(Unsaid.UNDECIDED_OF_EITHER, "Is {silent} single-phase or three-phase?"),
            new EachOf(
                    "hertz",
                    "Hz",
                    Mark.PHYSICS,
                    "same frequency",
                    "made for it too",
                    "speed and load go with the frequency",
                    ""),
            FieldRule.equal("refrigerant", "", Mark.PRACTICE, "same refrigerant", "made for another refrigerant")
                    .unsaid(Unsaid.UNDECIDED_OF_EITHER, "For which refrigerant is {silent} made?"),
            CompressorRules::capacity,
            CompressorRules::ratedLoad,
            CompressorRules::lockedRotor,
            FieldRule.equal("type", "", Mark.PRACTICE, "same kind", "another kind")
                    .fitting(
                            "Another kind, {new}: feet, pipes and crankcase heat differ; by the maker's cross-reference alone.")
                    .unsaid(Unsaid.SHOWN, "Which kind is {silent}: reciprocating, scroll, rotary?"),
            FieldRule.equal("oil", "", Mark.PRACTICE, "same oil", "another oil")
                    .fitting("Another oil, {new}: what is left of the old one has to come out of the circuit.")
                    .unsaid(Unsaid.SHOWN, "Which oil has {silent}?"),
            CompressorRules::capacitor,
            p -> FlammableRefrigerant.rule(p, "compressor"));

    private CompressorRules() {}

    private static void capacity(SpecPair p) {
        Optional<Double> old = p.needed.number("nominalBtuPerHour");
        Optional<Double> now = p.offered.number("nominalBtuPerHour");
        String wanted = Comparison.worded(old, "BTU/h");
        String given = Comparison.worded(now, "BTU/h");
        if (old.isEmpty() || now.isEmpty()) {
            p.ask("What capacity has " + (old.isEmpty() ? "the old one" : "the new one") + ", at the same conditions?");
            p.add(
                    "nominalBtuPerHour",
                    wanted,
                    given,
                    Grade.UNDECIDED,
                    Mark.PRACTICE,
                    "the capacity has to be known of both");
            return;
        }
        double share = now.get() / old.get() - 1;
        boolean isSame = Math.abs(share) < Figures.SAME;
        boolean isNear = Math.abs(share) <= CAPACITY_APART + Figures.SAME;
        p.add(
                "nominalBtuPerHour",
                wanted,
                given,
                isSame ? Grade.LIKE_FOR_LIKE : isNear ? Grade.SUITABLE : Grade.REFUSED,
                Mark.PRACTICE,
                isSame ? "same capacity" : isNear ? "within 5 %" : "coils and metering are made for the old capacity");
    }

    /** More amps than the old one's want wire, fuses and contactor looked at anew. */
    private static void ratedLoad(SpecPair p) {
        Optional<Double> old = p.needed.number("ratedLoadAmps");
        Optional<Double> now = p.offered.number("ratedLoadAmps");
        String wanted = Comparison.worded(old, "A");
        String given = Comparison.worded(now, "A");
        if (old.isEmpty() || now.isEmpty()) {
            p.ask("What RLA has " + (old.isEmpty() ? "the old one" : "the new one") + "?");
            p.add("ratedLoadAmps", wanted, given, Grade.UNDECIDED, CIRCUIT, "wire and contactor go by RLA");
            return;
        }
        double more = now.get() - old.get();
        if (more <= Figures.SAME) {
            boolean isSame = more >= -Figures.SAME;
            p.add(
                    "ratedLoadAmps",
                    wanted,
                    given,
                    isSame ? Grade.LIKE_FOR_LIKE : Grade.SUITABLE,
                    CIRCUIT,
                    isSame ? "same RLA" : "draws less than the circuit is made for");
            return;
        }
        Optional<Double> circuit = p.circuit.plate().number("minimumCircuitAmps");
        if (circuit.isPresent()) {
            double needs = Figures.tidy(circuit.get() + OF_LARGEST * more);
            p.change(
                    "Its circuit has to carry " + Figures.plain(needs) + " A instead of " + Figures.plain(circuit.get())
                            + ": wire, fuses and contactor by that, and a new plate beside the old.");
            p.add(
                    "ratedLoadAmps",
                    wanted,
                    given,
                    Grade.NEEDS_CHANGE,
                    CIRCUIT,
                    "MCA {} + 1.25 × ({} − {}) = {} A",
                    circuit.get(),
                    now.get(),
                    old.get(),
                    needs);
        } else {
            p.change("Wire, fuses and contactor by its RLA of " + given + ", which is more than the old one's.");
            p.add(
                    "ratedLoadAmps",
                    wanted,
                    given,
                    Grade.NEEDS_CHANGE,
                    CIRCUIT,
                    "draws more than the circuit is made for");
        }
    }

    private static void lockedRotor(SpecPair p) {
        Optional<Double> old = p.needed.number("lockedRotorAmps");
        Optional<Double> now = p.offered.number("lockedRotorAmps");
        String wanted = Comparison.worded(old, "A");
        String given = Comparison.worded(now, "A");
        if (old.isEmpty() || now.isEmpty()) {
            if (old.isPresent() || now.isPresent()) {
                p.silent(
                        "lockedRotorAmps",
                        wanted,
                        given,
                        "What LRA has " + (old.isEmpty() ? "the old one" : "the new one") + "?");
            }
            return;
        }
        Double breaks = p.circuit.beside().contactorLockedRotorAmps();
        boolean isMore = now.get() > old.get() + Figures.SAME;
        boolean isOver = breaks == null ? isMore : now.get() > breaks + Figures.SAME;
        if (isOver) {
            p.change(
                    breaks == null
                            ? "Its contactor has to break " + given
                                    + " of locked rotor; the line dips more at each start."
                            : "A contactor that breaks " + given + " of locked rotor: the one that is in breaks "
                                    + Figures.plain(breaks) + " A.");
        }
        p.add(
                "lockedRotorAmps",
                wanted,
                given,
                isOver ? Grade.NEEDS_CHANGE : now.equals(old) ? Grade.LIKE_FOR_LIKE : Grade.SUITABLE,
                Mark.PRACTICE,
                isOver
                        ? breaks == null ? "more than the contactor was chosen for" : "more than its contactor breaks"
                        : isMore
                                ? "more than the old one's, and its contactor breaks it"
                                : "no more than the old one's");
    }

    /** Another compressor, another run capacitor. */
    private static void capacitor(SpecPair p) {
        Optional<Double> now = p.offered.number("capacitorMicrofarads");
        Optional<Double> old = p.needed.number("capacitorMicrofarads");
        if (now.isEmpty() && p.offered.number("phase").filter(ph -> ph == 1).isPresent()) {
            p.ask("Which run capacitor does the new one want? Its own label or sheet says.");
        } else if (now.isPresent() && !now.equals(old)) {
            p.change("Its own run capacitor: " + Figures.plain(now.get()) + " µF"
                    + p.offered
                            .number("capacitorVolts")
                            .map(v -> " " + Figures.plain(v) + " V")
                            .orElse("") + ".");
        }
    }
}
