package zestbench.core.tape;

import java.util.ArrayList;
import java.util.List;
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
import zestbench.core.wiring.Wire;

/** What happened to a part in question, or to a motor that may be one. */
public sealed interface PartEntry extends Entry {
    /** A part was taken into question. @param serves what hangs on it */
    record PartAdded(String part, String kind, String title, String place, String serves)
            implements PartEntry, Lasting, Dark {
        @Override
        public TapeText told() {
            return TapeText.of(this);
        }

        @Override
        public void change(CallState call, Line line) {
            call.add(this);
        }
    }

    /**
     * A label was read, or its fields corrected.
     *
     * @param text as typed
     * @param doubts about fields of it that nobody confirmed yet; null on tapes from before they were kept
     */
    record LabelRead(
            String part, String text, Spec spec, @Nullable List<Doubt> doubts) implements PartEntry, Strikable, Dark {
        @Override
        public TapeText told() {
            return TapeText.of(this);
        }

        @Override
        public void change(CallState call, Line line) {
            call.onPart(part, at -> at.label(this));
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
            Entry.Method method,
            Judged judged,
            String shortRating,
            List<Finding> findings,
            String meter,
            long rules)
            implements PartEntry, Strikable {
        @Override
        public TapeText told() {
            return TapeText.of(this);
        }

        @Override
        public void change(CallState call, Line line) {
            call.onPart(part, at -> at.tests().measured(line, this));
        }

        @Override
        public boolean showsPower(CallState call) {
            return method == Entry.Method.UNDER_LOAD || PowerSeen.isLiveVolts(call.find(part), judged);
        }

        /** The same with one more thing to be said. */
        public Measured with(Finding finding) {
            List<Finding> all = new ArrayList<>(findings);
            all.add(finding);
            return new Measured(part, piece, method, judged, shortRating, all, meter, rules);
        }
    }

    /** A replacement was chosen. */
    record Chosen(
            String part,
            String title,
            Grade grade,
            List<Entry.Piece> pieces,
            List<Assignment> assignment,
            List<Criterion> criteria,
            List<String> changes,
            @Nullable String returnDate,
            long rules)
            implements PartEntry, Lasting, Dark {
        @Override
        public TapeText told() {
            return TapeText.of(this);
        }

        @Override
        public void change(CallState call, Line line) {
            call.onPart(part, at -> at.chosen(this));
        }

        @Override
        public Undo undo() {
            return Undo.PUT_BACK;
        }
    }

    /** The choice was taken back. */
    record PutBack(String part, String title) implements PartEntry, Lasting, Dark {
        @Override
        public TapeText told() {
            return TapeText.of(this);
        }

        @Override
        public void change(CallState call, Line line) {
            call.onPart(part, at -> at.putBack());
        }
    }

    /** The wires as they were found. */
    record WiresFound(String part, List<Wire> wires) implements PartEntry, Lasting, Dark {
        @Override
        public TapeText told() {
            return TapeText.of(this);
        }

        @Override
        public void change(CallState call, Line line) {
            call.onPart(part, at -> at.wires(wires));
        }
    }

    /** The hook-up sheet was opened, which needs a dead reading. */
    record SheetOpened(String part) implements PartEntry, Lasting, Dark {
        @Override
        public TapeText told() {
            return TapeText.of(this);
        }

        @Override
        public void change(CallState call, Line line) {
            call.onPart(part, at -> at.openSheet());
        }
    }

    /** A line of the hook-up sheet or of the checklist was ticked or unticked. */
    record Ticked(String part, Entry.Checklist list, String key, String text, boolean on)
            implements PartEntry, Lasting {
        @Override
        public TapeText told() {
            return TapeText.of(this);
        }

        @Override
        public void change(CallState call, Line line) {
            call.onPart(part, at -> at.tick(list, key, on));
        }

        @Override
        public boolean showsPower(CallState call) {
            return on && PowerSeen.isOfRunning(call.find(part), this);
        }
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
            implements PartEntry, Strikable, Live {
        @Override
        public TapeText told() {
            return TapeText.of(this);
        }

        @Override
        public void change(CallState call, Line line) {
            call.onPart(part, at -> at.tests().amps(line, this));
            call.amps(line, this);
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
            implements PartEntry, Strikable {
        @Override
        public TapeText told() {
            return TapeText.of(this);
        }

        @Override
        public void change(CallState call, Line line) {
            call.onPart(part, at -> at.tests().looked(line, this));
        }

        @Override
        public boolean showsPower(CallState call) {
            return PowerSeen.isLive(call.find(part), this);
        }
    }

    /** What the new part's own label prints of its leads and their connection. */
    record LeadsPrinted(String part, List<Wire> leads, String connection) implements PartEntry, Lasting, Dark {
        @Override
        public TapeText told() {
            return TapeText.of(this);
        }

        @Override
        public void change(CallState call, Line line) {
            call.onPart(part, at -> at.leads(this));
        }
    }

    /** A sheave was reckoned through and kept. @param words what was changed @param isRefused whether it may not go in */
    record SheaveSet(String part, String words, Judged judged, List<Finding> findings, boolean isRefused)
            implements PartEntry, Strikable, Dark {
        @Override
        public TapeText told() {
            return TapeText.of(this);
        }

        @Override
        public void change(CallState call, Line line) {
            call.onPart(part, at -> at.sheave(this));
        }
    }

    /** A photo was attached. */
    record PhotoAdded(String part, String photo) implements PartEntry, Lasting, Dark {
        @Override
        public TapeText told() {
            return TapeText.of(this);
        }

        @Override
        public void change(CallState call, Line line) {
            call.onPart(part, at -> at.photo(photo));
        }
    }

    /**
     * The part is done with.
     *
     * @param asLeft its values in short
     * @param returnDate the day a temporary one comes out; null where none has to
     * @param warrantyUntil the last day its maker answers for the one that was put in; null where that is not known
     */
    record PartClosed(
            String part,
            Entry.Outcome outcome,
            String asLeft,
            String note,
            @Nullable String returnDate,
            @Nullable String warrantyUntil)
            implements PartEntry, Lasting, Dark {
        /** The same with no warranty known. */
        public PartClosed(String part, Entry.Outcome outcome, String asLeft, String note, @Nullable String returnDate) {
            this(part, outcome, asLeft, note, returnDate, null);
        }

        @Override
        public TapeText told() {
            return TapeText.of(this);
        }

        @Override
        public void change(CallState call, Line line) {
            call.onPart(part, at -> at.close(line, this));
        }

        @Override
        public Undo undo() {
            return Undo.REOPEN_PART;
        }
    }

    /**
     * Somebody goes on past a STOP, and says why.
     *
     * @param part the part it stands on; null where it stands on the unit
     * @param demand what the STOP asked for
     */
    record Overridden(@Nullable String part, Demand demand, String reason) implements PartEntry, Lasting, Dark {
        @Override
        public TapeText told() {
            return TapeText.of(this);
        }

        @Override
        public void change(CallState call, Line line) {
            call.onPart(part, at -> at.goPast(this));
            call.goPast(this);
        }
    }

    /** The part is in question again. */
    record PartReopened(String part) implements PartEntry, Lasting, Dark {
        @Override
        public TapeText told() {
            return TapeText.of(this);
        }

        @Override
        public void change(CallState call, Line line) {
            call.onPart(part, at -> at.reopen());
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
            implements PartEntry, Strikable, Dark {
        @Override
        public TapeText told() {
            return TapeText.of(this);
        }

        @Override
        public void change(CallState call, Line line) {
            call.onPart(part, at -> at.tests().windings(line, this));
            call.windings(line, this);
        }
    }

    /** A part was ordered, so that the call waits for it. @param ready the day it can be fetched, as 2026-11-27 */
    record Ordered(
            String part, String order, String item, String title, String label, double price, String from, String ready)
            implements PartEntry, Lasting, Dark {
        @Override
        public TapeText told() {
            return LeaveText.of(this);
        }

        @Override
        public void change(CallState call, Line line) {
            call.onPart(part, at -> at.order(this));
        }
    }

    /** The ordered part is here, or will not come. */
    record OrderEnded(String part, String order, boolean isHere) implements PartEntry, Lasting, Dark {
        @Override
        public TapeText told() {
            return LeaveText.of(this);
        }

        @Override
        public void change(CallState call, Line line) {
            call.onPart(part, at -> at.endOrder());
        }
    }
}
