package zestbench.core.call;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import zestbench.core.quantity.InputProblem;
import zestbench.core.quantity.IsoDate;
import zestbench.core.tape.CallState;
import zestbench.core.tape.Entry;
import zestbench.core.tape.LeaveEntry;
import zestbench.core.tape.Line;
import zestbench.core.tape.PartEntry;
import zestbench.core.tape.PartState;
import zestbench.core.tape.ProofList;

/** How a part is done with, and what is kept of it. */
public sealed interface OnPart extends Command {
    /** Keeps a photo of a part. @param photo the name it is kept under */
    record KeepPhoto(String part, String photo) implements OnPart {
        @Override
        public Decision decide(CallState state, Surroundings around) {
            return Decision.of(new PartEntry.PhotoAdded(state.part(part).id(), photo));
        }
    }

    /** How long the maker of a new part answers for it. @param years 1 or more @param from the day it is put in, as 2026-12-01 */
    record Warranty(int years, String from) {
        private static final int MOST_YEARS = 30;

        public Warranty {
            InputProblem.require(years >= 1 && years <= MOST_YEARS, "warrantyYears", years, "give 1 to 30 years");
            InputProblem.require(IsoDate.is(from), "from", from, "give a day such as 2026-12-01");
        }

        String until() {
            return IsoDate.yearsOn(from, years);
        }
    }

    /**
     * Is done with a part.
     *
     * @param returnDate of a stopgap; null where it was said when it was chosen
     * @param warranty of the one that was put in; null where none is known
     */
    record Close(
            String part,
            Entry.Outcome outcome,
            String note,
            @Nullable String returnDate,
            @Nullable Warranty warranty) implements OnPart {
        /** The same where no warranty is known. */
        public Close(String part, Entry.Outcome outcome, String note, @Nullable String returnDate) {
            this(part, outcome, note, returnDate, null);
        }

        @Override
        public Decision decide(CallState state, Surroundings around) {
            PartState at = state.part(part);
            if (at.closed() != null) {
                throw new Refusal("The part is closed already.");
            }
            boolean isReplaced = outcome == Entry.Outcome.REPLACED;
            if (!isReplaced && at.chosen() != null) {
                throw new Refusal("A replacement is chosen: put it back first, or prove it.");
            }
            if (outcome == Entry.Outcome.TAKEN_OUT && !state.deadness().isDeadFor(part)) {
                throw new Refusal("Nothing is taken out before its circuit is read dead: make safe first.");
            }
            if (outcome == Entry.Outcome.CONDEMNED) {
                InputProblem.require(
                        !note.isBlank(), "note", note, "say why it may not run again, such as winding to ground");
                if (at.tests().readings().isEmpty() && at.tests().looks().isEmpty()) {
                    throw new Refusal("Nothing was read or seen on it yet: no part is condemned by its label.");
                }
            }
            List<String> open = isReplaced ? ProofList.open(at) : List.of();
            if (!open.isEmpty()) {
                throw new Refusal("Not proved yet: " + String.join("; ", open) + ".");
            }
            List<Entry> out = new ArrayList<>();
            out.add(new PartEntry.PartClosed(
                    part,
                    outcome,
                    asLeft(at),
                    note.strip(),
                    isReplaced ? dayOut(at) : null,
                    isReplaced && warranty != null ? warranty.until() : null));
            if (isReplaced) {
                out.addAll(endedWith(state));
            }
            if (outcome == Entry.Outcome.CONDEMNED) {
                out.add(new LeaveEntry.WrittenUp(
                        around.freshWriteUp(0),
                        at.added().place(),
                        at.added().title() + " condemned",
                        note.strip(),
                        Entry.Urgency.NOW,
                        part,
                        null));
            }
            return Decision.of(out);
        }

        private String asLeft(PartState at) {
            return switch (outcome) {
                case TAKEN_OUT -> "taken out";
                case CONDEMNED -> "condemned, not to run";
                default -> ProofList.asLeft(at);
            };
        }

        private @Nullable String dayOut(PartState at) {
            PartEntry.Chosen chosen = at.chosen();
            return chosen != null && chosen.grade().needsReturnDate()
                    ? OnMatch.dayOut(returnDate != null ? returnDate : chosen.returnDate())
                    : null;
        }

        /** What was written up of the part itself on this call is done with the part. */
        private List<Entry> endedWith(CallState state) {
            List<Entry> out = new ArrayList<>();
            for (Line line : state.leave().openWriteUps().values()) {
                if (line.entry() instanceof LeaveEntry.WrittenUp written && part.equals(written.of())) {
                    out.add(new LeaveEntry.WriteUpEnded(written.id(), written.what(), "Its part is replaced."));
                }
            }
            return out;
        }
    }

    /** Takes a part into question again. */
    record Reopen(String part) implements OnPart {
        @Override
        public Decision decide(CallState state, Surroundings around) {
            if (state.part(part).closed() == null) {
                throw new Refusal("The part is open already.");
            }
            return Decision.of(new PartEntry.PartReopened(part));
        }
    }
}
