package zestbench.core.tape;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import zestbench.core.judgement.Finding;
import zestbench.core.judgement.Judged;
import zestbench.core.options.CustomerOption;
import zestbench.core.proof.ProofPoint;
import zestbench.core.proof.UnitProof;
import zestbench.core.proof.Wander;
import zestbench.core.quantity.Figures;
import zestbench.core.quantity.InputProblem;

/** What happened while the unit was proved and left. */
public sealed interface LeaveEntry extends Entry {
    /** The unit was started and runs, so that its proof can be read. */
    record UnitStarted() implements LeaveEntry, Lasting, Live {
        @Override
        public TapeText told() {
            return LeaveText.of(this);
        }

        @Override
        public void change(CallState call, Line line) {
            call.leave().start(line.atMillis());
        }
    }

    /** A line of the list before power was ticked or unticked. */
    record UnitTicked(String key, String text, boolean on) implements LeaveEntry, Lasting, Dark {
        @Override
        public TapeText told() {
            return LeaveText.of(this);
        }

        @Override
        public void change(CallState call, Line line) {
            call.leave().tick(key, on);
        }
    }

    /** A running unit was read at one point. @param value in the point's unit @param circuit as 2; null of the first, and of the air */
    record ProofRead(
            ProofPoint point, double value, @Nullable String circuit) implements LeaveEntry, Strikable, Live {
        public ProofRead {
            InputProblem.require(
                    circuit == null || circuit.matches("[2-9]"), "circuit", circuit, "give 2 to 9, or leave it out");
        }

        public ProofRead(ProofPoint point, double value) {
            this(point, value, null);
        }

        @Override
        public TapeText told() {
            return LeaveText.of(this);
        }

        @Override
        public void change(CallState call, Line line) {
            call.leave().read(line, point, value, circuit);
        }
    }

    /**
     * A figure of the running unit does not stand still.
     *
     * @param judged its ends, held against its limits
     * @param circuit as 2; null where it is of the first
     */
    record FigureWandered(
            Wander wander,
            Judged judged,
            List<Finding> findings,
            @Nullable String circuit) implements LeaveEntry, Strikable, Live {
        /** As {@code Superheat, circuit 2}. */
        public String title() {
            return wander.figure().title() + (circuit == null ? "" : ", circuit " + circuit);
        }

        @Override
        public TapeText told() {
            List<String> why = new ArrayList<>(List.of(judged.reckoning().text()));
            findings.forEach(f -> why.add(f.text()));
            return new TapeText(
                    Figures.plain(wander.low()) + "–" + Figures.plain(wander.high()),
                    wander.figure().quantity().unit(),
                    title() + " wanders",
                    "over " + Figures.plain(wander.minutes()) + " min",
                    judged.word(),
                    judged.verdict(),
                    why,
                    judged.reckoning().mark());
        }

        @Override
        public void change(CallState call, Line line) {
            call.leave().wander(line);
        }
    }

    /** What another circuit of the same unit amounted to. @param circuit as 2 */
    record CircuitProved(
            String circuit,
            Map<ProofPoint, Double> readings,
            List<Judged> verdicts,
            List<UnitProof.Shown> shown,
            List<Finding> findings) {
        /** The circuit that the air of the whole unit is told with. */
        public static final String FIRST = "1";

        public UnitProof.Answer answer() {
            return new UnitProof.Answer(verdicts, shown, findings);
        }
    }

    /**
     * The proof of the unit was kept.
     *
     * @param circuits the other circuits, where the unit has several; null where it has one
     * @param isSettled whether the unit had run long enough
     * @param isBenchmark whether it is from now on what this unit can do at its best
     * @param why it is no better; null where nothing is out
     */
    record ProofKept(
            Map<ProofPoint, Double> readings,
            List<Judged> verdicts,
            List<UnitProof.Shown> shown,
            List<Finding> findings,
            boolean isSettled,
            boolean isBenchmark,
            @Nullable String why,
            @Nullable List<CircuitProved> circuits)
            implements LeaveEntry, Strikable, Live {
        @Override
        public TapeText told() {
            return LeaveText.of(this);
        }

        @Override
        public void change(CallState call, Line line) {
            call.leave().keep(line);
        }

        public ProofKept(
                Map<ProofPoint, Double> readings,
                List<Judged> verdicts,
                List<UnitProof.Shown> shown,
                List<Finding> findings,
                boolean isSettled,
                boolean isBenchmark) {
            this(readings, verdicts, shown, findings, isSettled, isBenchmark, null, null);
        }

        /** The circuits beside the first. */
        public List<CircuitProved> others() {
            return circuits == null ? List.of() : circuits;
        }

        /** Each of its circuits, the first with the air of the whole unit. */
        public List<CircuitProved> each() {
            List<CircuitProved> out = new ArrayList<>();
            out.add(new CircuitProved(CircuitProved.FIRST, readings, verdicts, shown, findings));
            out.addAll(others());
            return out;
        }

        /** What is to be said of all of its circuits. */
        public List<Finding> everyFinding() {
            List<Finding> out = new ArrayList<>(findings);
            others().forEach(circuit -> out.addAll(circuit.findings()));
            return out;
        }

        /** What it amounts to. */
        public UnitProof.Answer answer() {
            return new UnitProof.Answer(verdicts, shown, findings);
        }
    }

    /**
     * Something was seen and not done.
     *
     * @param id under which any later visit can end it
     * @param place in the unit; empty where it is of the whole
     * @param of the part whose finding it is, with whose replacement it ends; null where it is of none
     * @param until the day to look again, as 2026-11-27; null where none was named
     */
    record WrittenUp(
            String id,
            String place,
            String what,
            String why,
            Entry.Urgency urgency,
            @Nullable String of,
            @Nullable String until)
            implements LeaveEntry, Strikable, Dark {
        @Override
        public TapeText told() {
            return LeaveText.of(this);
        }

        @Override
        public void change(CallState call, Line line) {
            call.leave().writeUp(id, line);
        }

        public WrittenUp(String id, String place, String what, String why, Entry.Urgency urgency) {
            this(id, place, what, why, urgency, null, null);
        }
    }

    /** What was written up, on this visit or an earlier one, is done or no longer so. */
    record WriteUpEnded(String id, String what, String how) implements LeaveEntry, Strikable, Dark {
        @Override
        public TapeText told() {
            return LeaveText.of(this);
        }

        @Override
        public void change(CallState call, Line line) {
            call.leave().endWriteUp(id);
        }
    }

    /** What the customer can choose from, in place of what was offered before. */
    record OptionsOffered(List<CustomerOption> options) implements LeaveEntry, Lasting, Dark {
        @Override
        public TapeText told() {
            return LeaveText.of(this);
        }

        @Override
        public void change(CallState call, Line line) {
            call.leave().offer(options);
        }
    }

    /** What the customer chose. @param key of the option; empty where the choice was taken back */
    record OptionTaken(String key, String words) implements LeaveEntry, Lasting, Dark {
        @Override
        public TapeText told() {
            return LeaveText.of(this);
        }

        @Override
        public void change(CallState call, Line line) {
            call.leave().take(key);
        }
    }

    /** The customer wants none of what was offered. @param why in their words; empty where they gave none */
    record OptionsDeclined(String why) implements LeaveEntry, Lasting, Dark {
        @Override
        public TapeText told() {
            return LeaveText.of(this);
        }

        @Override
        public void change(CallState call, Line line) {
            call.leave().decline();
        }
    }
}
