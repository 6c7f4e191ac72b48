package zestbench.core.tape;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import zestbench.core.family.Spec;
import zestbench.core.judgement.Finding;
import zestbench.core.judgement.Judged;
import zestbench.core.plate.Plates;
import zestbench.core.proof.ProofPoint;
import zestbench.core.quantity.Letters;
import zestbench.core.quantity.Reading;
import zestbench.core.safety.Deadness;
import zestbench.core.supply.SupplyPoint;
import zestbench.core.wiring.Wire;

/** What happened to the unit or the call as a whole. */
public sealed interface UnitEntry extends Entry {
    /** A pair of terminals was read to prove it dead. @param place SUPPLY or a part */
    record DeadRead(String place, String pair, double volts) implements UnitEntry, Strikable, Dark {
        @Override
        public TapeText told() {
            return TapeText.of(this);
        }

        @Override
        public void change(CallState call, Line line) {
            call.safe().read(place, pair, volts, line.atMillis());
            call.leave().readDead(volts);
        }
    }

    /** A line was struck; it stays visible. Where this is struck in its turn, that line stands again. */
    record Struck(long line, String reason) implements UnitEntry, Strikable, Dark {
        @Override
        public TapeText told() {
            return TapeText.of(this);
        }

        @Override
        public void change(CallState call, Line line) {
            // seen to before any line is added up
        }

        /** Numbers of the lines of {@code tape} that are struck. */
        static Set<Long> on(List<Line> tape) {
            Set<Long> struck = new LinkedHashSet<>();
            // a later strike may be that of an earlier one
            for (int i = tape.size() - 1; i >= 0; i--) {
                Line line = tape.get(i);
                if (line.entry() instanceof Struck strike && !struck.contains(line.number())) {
                    struck.add(strike.line());
                }
            }
            return struck;
        }

        @Override
        public Undo undo() {
            return Undo.STRIKE;
        }
    }

    /** A question was answered in a tap. @param answer its key; empty where the answer was taken back */
    record Answered(String question, String answer) implements UnitEntry, Strikable, Dark {
        @Override
        public TapeText told() {
            return TapeText.of(this);
        }

        @Override
        public void change(CallState call, Line line) {
            call.answer(question, answer);
        }
    }

    /** A plate of the unit was read or corrected. @param text as typed, its serial masked @param spec likewise */
    record PlateRead(Plates.Which which, String text, Spec spec) implements UnitEntry, Lasting, Dark {
        @Override
        public TapeText told() {
            return TapeText.of(this);
        }

        @Override
        public void change(CallState call, Line line) {
            call.plate(this);
        }
    }

    /** Volts of the supply or of the control circuit were read. @param judged its subject is the pair or point */
    record SupplyRead(SupplyPoint point, Judged judged, List<Finding> findings, String meter)
            implements UnitEntry, Strikable {
        @Override
        public TapeText told() {
            return TapeText.of(this);
        }

        @Override
        public void change(CallState call, Line line) {
            call.supply().take(point, judged.subject(), line);
        }

        @Override
        public boolean showsPower(CallState call) {
            return judged.reading().value() >= (point.isControl() ? Deadness.CONTROL_VOLTS : Deadness.DEAD_VOLTS);
        }
    }

    /** Whether the unit has a part of the usual control circuit. @param link as float switch */
    record LinkFound(String link, boolean isThere) implements UnitEntry, Strikable, Dark {
        @Override
        public TapeText told() {
            return TapeText.words(
                    isThere ? "Has a " + link : "Has no " + link, "in its control circuit", "", List.of());
        }

        @Override
        public void change(CallState call, Line line) {
            call.supply().link(link, isThere);
        }
    }

    /** The meter was proved on a source known to be live. */
    record MeterProved(double volts) implements UnitEntry, Strikable, Dark {
        @Override
        public TapeText told() {
            return TapeText.of(this);
        }

        @Override
        public void change(CallState call, Line line) {
            call.safe().proved(line.atMillis());
        }
    }

    /** A step of making safe was done or undone. */
    record SafeTicked(String key, String text, boolean on) implements UnitEntry, Lasting, Dark {
        @Override
        public TapeText told() {
            return TapeText.of(this);
        }

        @Override
        public void change(CallState call, Line line) {
            call.safe().tick(key, on);
        }
    }

    /** The power was put back on. */
    record PowerOn() implements UnitEntry, Lasting, Live {
        @Override
        public TapeText told() {
            return TapeText.of(this);
        }

        @Override
        public void change(CallState call, Line line) {
            // that the power is on is all it says
        }
    }

    /** The wires at a place, as they were found. */
    record PlaceWires(String place, List<Wire> wires) implements UnitEntry, Lasting, Dark {
        @Override
        public TapeText told() {
            return TapeText.of(this);
        }

        @Override
        public void change(CallState call, Line line) {
            call.placeWires(place, wires);
        }
    }

    /** A photo of a place as it was found. */
    record PlacePhoto(String place, String photo) implements UnitEntry, Lasting, Dark {
        @Override
        public TapeText told() {
            return TapeText.of(this);
        }

        @Override
        public void change(CallState call, Line line) {
            call.placePhoto(place, photo);
        }
    }

    /** Words for the record. */
    record Noted(String text) implements UnitEntry, Strikable, Dark {
        @Override
        public TapeText told() {
            return TapeText.of(this);
        }

        @Override
        public void change(CallState call, Line line) {
            call.note(text);
        }
    }

    /** A jumper was put across something: a test, never a repair. @param across such as float switch */
    record JumperPut(String id, String across, String why) implements UnitEntry, Strikable, Dark {
        @Override
        public TapeText told() {
            return TapeText.of(this);
        }

        @Override
        public void change(CallState call, Line line) {
            call.jumpers().put(id, line);
        }
    }

    /** A jumper was taken out. */
    record JumperOut(String id, String across) implements UnitEntry, Strikable, Dark {
        @Override
        public TapeText told() {
            return TapeText.of(this);
        }

        @Override
        public void change(CallState call, Line line) {
            call.jumpers().remove(id);
        }
    }

    /** A jumper stays in when everybody leaves, by decision of whoever says why. @param writeUp by which the unit has it */
    record JumperLeft(String id, String writeUp, String across, String why) implements UnitEntry, Strikable, Dark {
        @Override
        public TapeText told() {
            return TapeText.of(this);
        }

        @Override
        public void change(CallState call, Line line) {
            call.jumpers().leave(id, writeUp);
        }
    }

    /** The call waits. @param until the day on which to look again, as 2026-11-27 @param note such as by whom */
    record CallWaits(WaitsFor what, String until, String note) implements UnitEntry, Strikable, Dark {
        @Override
        public TapeText told() {
            return TapeText.of(this);
        }

        @Override
        public void change(CallState call, Line line) {
            call.waits(line);
        }
    }

    /** The call waits no longer. */
    record CallGoesOn() implements UnitEntry, Strikable, Dark {
        @Override
        public TapeText told() {
            return TapeText.of(this);
        }

        @Override
        public void change(CallState call, Line line) {
            call.waits(null);
        }
    }

    /**
     * Work was done for which no part goes in.
     *
     * @param place where; empty where that is plain
     * @param before of what shows its effect, in that point's unit; null where it was not read
     * @param after the same afterwards
     * @param returnDate the day a temporary fix is done properly, as 2026-11-27; null where it stays
     */
    record WorkDone(
            Work work,
            String place,
            String detail,
            @Nullable Double before,
            @Nullable Double after,
            @Nullable String returnDate)
            implements UnitEntry, Strikable, Dark {
        @Override
        public TapeText told() {
            return TapeText.of(this);
        }

        @Override
        public void change(CallState call, Line line) {
            call.work(line);
        }

        /** What its effect was, as 365 → 318 psig; empty where nothing was read. */
        public String shown() {
            ProofPoint shows = work.shows();
            if (shows == null || (before == null && after == null)) {
                return "";
            }
            String was =
                    before == null ? "?" : Reading.of(shows.quantity(), before).shown();
            String is =
                    after == null ? "?" : Reading.of(shows.quantity(), after).shown();
            return Letters.small(shows.title()) + " " + was + " → " + is + " "
                    + shows.quantity().unit();
        }
    }

    /** The visit ended. */
    record CallEnded(Entry.End end, String note) implements UnitEntry, Lasting, Dark {
        @Override
        public TapeText told() {
            return TapeText.of(this);
        }

        @Override
        public void change(CallState call, Line line) {
            call.end(this);
        }

        @Override
        public Undo undo() {
            return Undo.REOPEN_CALL;
        }
    }

    /** The visit goes on. */
    record CallReopened() implements UnitEntry, Lasting, Dark {
        @Override
        public TapeText told() {
            return TapeText.of(this);
        }

        @Override
        public void change(CallState call, Line line) {
            call.end(null);
        }
    }
}
