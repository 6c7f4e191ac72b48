package zestbench.core.tape;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import zestbench.core.amps.RunningAmps;
import zestbench.core.family.MatchAnswer.Assignment;
import zestbench.core.family.Spec;
import zestbench.core.judgement.Criterion;
import zestbench.core.judgement.Demand;
import zestbench.core.judgement.Finding;
import zestbench.core.judgement.Grade;
import zestbench.core.judgement.Judged;
import zestbench.core.judgement.Verdict;
import zestbench.core.label.LabelRead.Doubt;
import zestbench.core.options.CustomerOption;
import zestbench.core.plate.Plates;
import zestbench.core.proof.ProofPoint;
import zestbench.core.proof.UnitProof;
import zestbench.core.supply.SupplyPoint;
import zestbench.core.wiring.Wire;

/** One thing that happened on a call. Entries are only ever added; what they say together is worked out from all of them. */
public sealed interface Entry {
    /** In words. */
    TapeText told();

    /** Whether it can be struck: only figures, labels and notes; what moved stock is undone by its own step. */
    boolean canBeStruck();

    /** What it says of the power. */
    Power power();

    /** Whether an entry says that the power is on. One that does ends every dead reading before it. */
    enum Power {
        ON,
        /** By its figure, or what was looked at. */
        BY_WHAT_IT_SAYS,
        NOT_SAID
    }

    /** Can be struck. */
    sealed interface Strikable extends Entry {
        @Override
        default boolean canBeStruck() {
            return true;
        }
    }

    /** Cannot be struck. */
    sealed interface Lasting extends Entry {
        @Override
        default boolean canBeStruck() {
            return false;
        }
    }

    /** Is only there with the power on. */
    sealed interface Live extends Entry {
        @Override
        default Power power() {
            return Power.ON;
        }
    }

    /** May show that the power is on. */
    sealed interface MayBeLive extends Entry {
        @Override
        default Power power() {
            return Power.BY_WHAT_IT_SAYS;
        }
    }

    /** Says nothing of the power. */
    sealed interface Dark extends Entry {
        @Override
        default Power power() {
            return Power.NOT_SAID;
        }
    }

    /** The kinds of entries, each a record with the name it is kept under. */
    static List<Class<?>> kinds() {
        List<Class<?>> out = new ArrayList<>();
        for (Class<?> way : List.of(Strikable.class, Lasting.class)) {
            out.addAll(List.of(way.getPermittedSubclasses()));
        }
        return out;
    }

    /** Which part it belongs to; null where it belongs to the call. */
    default @Nullable String part() {
        return null;
    }

    /** A part was taken into question. @param serves what hangs on it */
    record PartAdded(String part, String kind, String title, String place, String serves) implements Lasting, Dark {
        @Override
        public TapeText told() {
            return TapeText.of(this);
        }
    }

    /**
     * A label was read, or its fields corrected.
     *
     * @param text as typed
     * @param doubts about fields of it that nobody confirmed yet; null on tapes from before they were kept
     */
    record LabelRead(
            String part, String text, Spec spec, @Nullable List<Doubt> doubts) implements Strikable, Dark {
        @Override
        public TapeText told() {
            return TapeText.of(this);
        }

        public LabelRead(String part, String text, Spec spec) {
            this(part, text, spec, List.of());
        }
    }

    /**
     * A reading was taken and judged.
     *
     * @param piece which of the new pieces it is of, from 0; null for the part in question
     * @param rules number of the shop's rules it was judged under
     */
    record Measured(
            String part,
            @Nullable Integer piece,
            Method method,
            Judged judged,
            String shortRating,
            List<Finding> findings,
            String meter,
            long rules)
            implements Strikable, MayBeLive {
        @Override
        public TapeText told() {
            return TapeText.of(this);
        }

        /** The same with one more thing to be said. */
        public Measured with(Finding finding) {
            List<Finding> all = new ArrayList<>(findings);
            all.add(finding);
            return new Measured(part, piece, method, judged, shortRating, all, meter, rules);
        }
    }

    /** How a reading came about. */
    enum Method {
        BENCH,
        UNDER_LOAD
    }

    /** A pair of terminals was read to prove it dead. @param place SUPPLY or a part */
    record DeadRead(String place, String pair, double volts) implements Strikable, Dark {
        @Override
        public TapeText told() {
            return TapeText.of(this);
        }
    }

    /** A replacement was chosen. */
    record Chosen(
            String part,
            String title,
            Grade grade,
            List<Piece> pieces,
            List<Assignment> assignment,
            List<Criterion> criteria,
            List<String> changes,
            @Nullable String returnDate,
            long rules)
            implements Lasting, Dark {
        @Override
        public TapeText told() {
            return TapeText.of(this);
        }
    }

    /** A physical piece that goes in. @param stock the stock line it came off; null where it was bought on the way */
    record Piece(@Nullable String stock, Spec spec) {}

    /** The choice was taken back. */
    record PutBack(String part, String title) implements Lasting, Dark {
        @Override
        public TapeText told() {
            return TapeText.of(this);
        }
    }

    /** The wires as they were found. */
    record WiresFound(String part, List<Wire> wires) implements Lasting, Dark {
        @Override
        public TapeText told() {
            return TapeText.of(this);
        }
    }

    /** The hook-up sheet was opened, which needs a dead reading. */
    record SheetOpened(String part) implements Lasting, Dark {
        @Override
        public TapeText told() {
            return TapeText.of(this);
        }
    }

    /** A line of the hook-up sheet or of the checklist was ticked or unticked. */
    record Ticked(String part, Checklist list, String key, String text, boolean on) implements Lasting, MayBeLive {
        @Override
        public TapeText told() {
            return TapeText.of(this);
        }
    }

    /** What is ticked off. */
    enum Checklist {
        SHEET,
        PROOF
    }

    /**
     * Running amps were read.
     *
     * @param part the part they belong to; null where the motor is none in question
     * @param at the place in the unit; null where only the kind of motor is known
     * @param speed the tap it ran on; null on a single speed
     * @param beside what was read with them and judged too: inrush, volts
     * @param inrush the most that was held while it started; null where it was not
     * @param isPumping whether a compressor pumps, by amps and pressures together; null where that was not asked
     */
    record AmpsRead(
            @Nullable String part,
            RunningAmps.Place place,
            Judged judged,
            List<Finding> findings,
            @Nullable String at,
            @Nullable String speed,
            @Nullable List<Judged> beside,
            @Nullable Double inrush,
            @Nullable Boolean isPumping,
            @Nullable String meter)
            implements Strikable, Live {
        @Override
        public TapeText told() {
            return TapeText.of(this);
        }

        public AmpsRead(String part, RunningAmps.Place place, Judged judged, List<Finding> findings) {
            this(part, place, judged, findings, null, null, null, null, null, null);
        }

        /** What was read with the amps. */
        public List<Judged> alongside() {
            return beside == null ? List.of() : beside;
        }

        /** Under this a later reading takes the place of an earlier one. */
        public String key() {
            return place.name() + (speed == null || speed.isEmpty() ? "" : " " + speed);
        }
    }

    /** Something was seen or felt on a part. @param words the question and its answer */
    record Looked(String part, String look, String seen, String words, Verdict verdict, String meaning)
            implements Strikable, MayBeLive {
        @Override
        public TapeText told() {
            return TapeText.of(this);
        }
    }

    /** What the new part's own label prints of its leads and their connection. */
    record LeadsPrinted(String part, List<Wire> leads, String connection) implements Lasting, Dark {
        @Override
        public TapeText told() {
            return TapeText.of(this);
        }
    }

    /** A sheave was reckoned through and kept. @param words what was changed @param isRefused whether it may not go in */
    record SheaveSet(String part, String words, Judged judged, List<Finding> findings, boolean isRefused)
            implements Strikable, Dark {
        @Override
        public TapeText told() {
            return TapeText.of(this);
        }
    }

    /** A photo was attached. */
    record PhotoAdded(String part, String photo) implements Lasting, Dark {
        @Override
        public TapeText told() {
            return TapeText.of(this);
        }
    }

    /** The part is done with. @param asLeft its values in short */
    record PartClosed(
            String part,
            Outcome outcome,
            String asLeft,
            String note,
            @Nullable String returnDate) implements Lasting, Dark {
        @Override
        public TapeText told() {
            return TapeText.of(this);
        }
    }

    /** How a part was done with. */
    enum Outcome {
        REPLACED,
        FIXED_WITHOUT_PART,
        NOT_NEEDED
    }

    /**
     * Somebody goes on past a STOP, and says why.
     *
     * @param part the part it stands on; null where it stands on the unit
     * @param demand what the STOP asked for
     */
    record Overridden(@Nullable String part, Demand demand, String reason) implements Lasting, Dark {
        @Override
        public TapeText told() {
            return TapeText.of(this);
        }
    }

    /** The part is in question again. */
    record PartReopened(String part) implements Lasting, Dark {
        @Override
        public TapeText told() {
            return TapeText.of(this);
        }
    }

    /** A line was struck; it stays visible. */
    record Struck(long line, String reason) implements Lasting, Dark {
        @Override
        public TapeText told() {
            return TapeText.of(this);
        }
    }

    /** A question was answered in a tap. @param answer its key; empty where the answer was taken back */
    record Answered(String question, String answer) implements Strikable, Dark {
        @Override
        public TapeText told() {
            return TapeText.of(this);
        }
    }

    /** A plate of the unit was read or corrected. @param text as typed, its serial masked @param spec likewise */
    record PlateRead(Plates.Which which, String text, Spec spec) implements Lasting, Dark {
        @Override
        public TapeText told() {
            return TapeText.of(this);
        }
    }

    /** Volts of the supply or of the control circuit were read. @param judged its subject is the pair or point */
    record SupplyRead(SupplyPoint point, Judged judged, List<Finding> findings, String meter)
            implements Strikable, MayBeLive {
        @Override
        public TapeText told() {
            return TapeText.of(this);
        }
    }

    /**
     * Windings were read by ohms.
     *
     * @param part the motor in question they belong to; null where there is none
     * @param kind of the place, compressor or motor
     * @param shellHot whether the shell was too hot to touch; null where it was not felt
     * @param named which terminal is which, in words; empty where that cannot be told
     * @param isCoolingDown whether it is to be cooled and read again
     */
    record WindingsRead(
            @Nullable String part,
            String place,
            String kind,
            @Nullable Boolean shellHot,
            List<Judged> verdicts,
            List<Finding> findings,
            String named,
            boolean isCoolingDown,
            String meter)
            implements Strikable, Dark {
        @Override
        public TapeText told() {
            return TapeText.of(this);
        }
    }

    /** The meter was proved on a source known to be live. */
    record MeterProved(double volts) implements Strikable, Dark {
        @Override
        public TapeText told() {
            return TapeText.of(this);
        }
    }

    /** A step of making safe was done or undone. */
    record SafeTicked(String key, String text, boolean on) implements Lasting, Dark {
        @Override
        public TapeText told() {
            return TapeText.of(this);
        }
    }

    /** The power was put back on. */
    record PowerOn() implements Lasting, Live {
        @Override
        public TapeText told() {
            return TapeText.of(this);
        }
    }

    /** The wires at a place, as they were found. */
    record PlaceWires(String place, List<Wire> wires) implements Lasting, Dark {
        @Override
        public TapeText told() {
            return TapeText.of(this);
        }
    }

    /** A photo of a place as it was found. */
    record PlacePhoto(String place, String photo) implements Lasting, Dark {
        @Override
        public TapeText told() {
            return TapeText.of(this);
        }
    }

    /** The unit was started and runs, so that its proof can be read. */
    record UnitStarted() implements Lasting, Live {
        @Override
        public TapeText told() {
            return LeaveText.of(this);
        }
    }

    /** A line of the list before power was ticked or unticked. */
    record UnitTicked(String key, String text, boolean on) implements Lasting, Dark {
        @Override
        public TapeText told() {
            return LeaveText.of(this);
        }
    }

    /** A running unit was read at one point. @param value in the point's unit */
    record ProofRead(ProofPoint point, double value) implements Strikable, Live {
        @Override
        public TapeText told() {
            return LeaveText.of(this);
        }
    }

    /**
     * The proof of the unit was kept.
     *
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
            @Nullable String why)
            implements Strikable, Live {
        @Override
        public TapeText told() {
            return LeaveText.of(this);
        }

        public ProofKept(
                Map<ProofPoint, Double> readings,
                List<Judged> verdicts,
                List<UnitProof.Shown> shown,
                List<Finding> findings,
                boolean isSettled,
                boolean isBenchmark) {
            this(readings, verdicts, shown, findings, isSettled, isBenchmark, null);
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
     */
    record WrittenUp(
            String id,
            String place,
            String what,
            String why,
            Urgency urgency,
            @Nullable String of) implements Strikable, Dark {
        @Override
        public TapeText told() {
            return LeaveText.of(this);
        }

        public WrittenUp(String id, String place, String what, String why, Urgency urgency) {
            this(id, place, what, why, urgency, null);
        }
    }

    /** How long something that was seen can wait. */
    enum Urgency {
        NOW("before it runs on"),
        SOON("this season"),
        WATCH("look again next visit");

        private final String words;

        Urgency(String words) {
            this.words = words;
        }

        /** How long what a finding says can wait. [practice] */
        public static Urgency of(Finding.Severity severity) {
            return switch (severity) {
                case STOP -> NOW;
                case CAUTION -> SOON;
                case INFO -> WATCH;
            };
        }

        public String words() {
            return words;
        }
    }

    /** What was written up, on this visit or an earlier one, is done or no longer so. */
    record WriteUpEnded(String id, String what, String how) implements Strikable, Dark {
        @Override
        public TapeText told() {
            return LeaveText.of(this);
        }
    }

    /** What the customer can choose from, in place of what was offered before. */
    record OptionsOffered(List<CustomerOption> options) implements Lasting, Dark {
        @Override
        public TapeText told() {
            return LeaveText.of(this);
        }
    }

    /** What the customer chose. @param key of the option; empty where the choice was taken back */
    record OptionTaken(String key, String words) implements Lasting, Dark {
        @Override
        public TapeText told() {
            return LeaveText.of(this);
        }
    }

    /** A part was ordered, so that the call waits for it. @param ready the day it can be fetched, as 2026-11-27 */
    record Ordered(
            String part, String order, String item, String title, String label, double price, String from, String ready)
            implements Lasting, Dark {
        @Override
        public TapeText told() {
            return LeaveText.of(this);
        }
    }

    /** The ordered part is here, or will not come. */
    record OrderEnded(String part, String order, boolean isHere) implements Lasting, Dark {
        @Override
        public TapeText told() {
            return LeaveText.of(this);
        }
    }

    /** Words for the record. */
    record Noted(String text) implements Strikable, Dark {
        @Override
        public TapeText told() {
            return TapeText.of(this);
        }
    }

    /** The visit ended. */
    record CallEnded(End end, String note) implements Lasting, Dark {
        @Override
        public TapeText told() {
            return TapeText.of(this);
        }
    }

    /** How a visit ended. */
    enum End {
        CLOSED,
        CANCELLED
    }

    /** The visit goes on. */
    record CallReopened() implements Lasting, Dark {
        @Override
        public TapeText told() {
            return TapeText.of(this);
        }
    }
}
