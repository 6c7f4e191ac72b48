package zestbench.core.call;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import zestbench.core.family.MatchAnswer;
import zestbench.core.family.MatchAnswer.Match;
import zestbench.core.family.MatchRequest.StockLine;
import zestbench.core.family.Spec;
import zestbench.core.judgement.Finding;
import zestbench.core.label.LabelRead;
import zestbench.core.quantity.InputProblem;
import zestbench.core.quantity.IsoDate;
import zestbench.core.tape.CallState;
import zestbench.core.tape.Entry;
import zestbench.core.tape.PartEntry;
import zestbench.core.tape.PartState;
import zestbench.core.tape.PartsTogether;

/** How a replacement is chosen, ordered, and put back. */
public sealed interface OnMatch extends Command {
    /** Chooses an offer. @param offer ids of its pieces @param returnDate of a stopgap; null on what stays */
    record Choose(String part, List<String> offer, @Nullable String returnDate) implements OnMatch {
        @Override
        public Decision decide(CallState state, Surroundings around) {
            PartState at = state.part(part);
            requireUnchosen(at);
            PartMatch matching = new PartMatch(state, part, around.rules());
            MatchAnswer answer = matching.onTruck(around.stock().here());
            Match match = Stream.concat(
                            answer.matches().stream(),
                            matching.elsewhere(around.stock().elsewhere()).matches().stream())
                    .filter(m -> m.offer().equals(offer))
                    .findFirst()
                    .orElseThrow(() -> new Refusal("That offer is no longer on the truck: match again."));
            Map<String, Spec> standing =
                    state.together().standing(at).stream().collect(Collectors.toMap(StockLine::id, StockLine::spec));
            List<Entry.Piece> pieces = new ArrayList<>();
            List<String> taken = new ArrayList<>();
            for (String id : offer) {
                Spec there = standing.get(id);
                if (there == null) {
                    taken.add(id);
                }
                pieces.add(there == null ? new Entry.Piece(id, around.stock().spec(id)) : new Entry.Piece(null, there));
            }
            List<Entry> out = new ArrayList<>();
            out.add(chosen(part, match, pieces, returnDate, around));
            out.addAll(writtenUp(at, answer.findings(), around));
            for (int i = 0; i < offer.size(); i++) {
                if (offer.get(i).equals(PartsTogether.STAYING)) {
                    out.addAll(
                            state.together().readingsOfStaying(at, pieces.get(i).spec(), i));
                }
            }
            return Decision.of(out).taking(taken);
        }

        @Override
        public String stockFor() {
            return part;
        }
    }

    /** Chooses a part bought on the way. @param text of its label */
    record ChooseTyped(String part, String text, @Nullable String returnDate) implements OnMatch {
        @Override
        public Decision decide(CallState state, Surroundings around) {
            PartState at = state.part(part);
            requireUnchosen(at);
            LabelRead label = PartMatch.read(at.family(), text);
            MatchAnswer answer = new PartMatch(state, part, around.rules()).typed(label);
            List<Entry.Piece> pieces = List.of(new Entry.Piece(null, new Spec(label.fields())));
            List<Entry> out = new ArrayList<>();
            out.add(chosen(part, answer.matches().get(0), pieces, returnDate, around));
            out.addAll(writtenUp(at, answer.findings(), around));
            return Decision.of(out);
        }
    }

    /** Takes the choice back; its pieces go back to where they were taken. */
    record PutBack(String part) implements OnMatch {
        @Override
        public Decision decide(CallState state, Surroundings around) {
            PartState at = state.part(part);
            PartEntry.Chosen chosen = at.chosen();
            if (chosen == null || at.closed() != null) {
                throw new Refusal(chosen == null ? "Nothing is chosen." : "The part is closed: reopen it first.");
            }
            return Decision.of(new PartEntry.PutBack(part, chosen.title()))
                    .givingBack(chosen.pieces().stream()
                            .map(Entry.Piece::stock)
                            .filter(Objects::nonNull)
                            .toList());
        }
    }

    /** Keeps an order; from then the call waits for it. */
    record Order(PartEntry.Ordered order) implements OnMatch {
        @Override
        public Decision decide(CallState state, Surroundings around) {
            requireOrderable(state.part(order.part()));
            return Decision.of(order);
        }

        /** Throws where nothing can be ordered for a part now. */
        public static void requireOrderable(PartState part) {
            PartEntry.Ordered before = part.ordered();
            if (before != null) {
                throw new Refusal("This part is ordered already: order " + before.order() + ".");
            }
            if (part.chosen() != null || part.closed() != null) {
                throw new Refusal("A replacement is chosen for this part: put it back first.");
            }
        }
    }

    /** The ordered part is here, or will not come. */
    record EndOrder(String part, boolean isHere) implements OnMatch {
        @Override
        public Decision decide(CallState state, Surroundings around) {
            PartEntry.Ordered ordered = state.part(part).ordered();
            if (ordered == null) {
                throw new Refusal("Nothing is ordered for this part.");
            }
            return Decision.of(new PartEntry.OrderEnded(part, ordered.order(), isHere));
        }
    }

    private static void requireUnchosen(PartState part) {
        InputProblem.require(part.chosen() == null, "part", part.added().title(), "put the earlier choice back first");
    }

    private static Entry chosen(
            String part, Match match, List<Entry.Piece> pieces, @Nullable String returnDate, Surroundings around) {
        if (!match.grade().fits()) {
            throw new Refusal(match.title() + " is " + match.grade().word() + " and cannot be chosen.");
        }
        return new PartEntry.Chosen(
                part,
                match.title(),
                match.grade(),
                pieces,
                match.assignment(),
                match.criteria(),
                match.changes(),
                match.grade().needsReturnDate() ? dayOut(returnDate) : null,
                around.rulesNumber());
    }

    /** The day a stopgap comes out. */
    static String dayOut(@Nullable String text) {
        InputProblem.require(
                IsoDate.is(text),
                "returnDate",
                String.valueOf(text),
                "a stopgap needs the day it comes out, such as 2026-12-01");
        return String.valueOf(text);
    }

    /** What did not go together before the match stays on the record for the next person. */
    private static List<Entry> writtenUp(PartState part, List<Finding> findings, Surroundings around) {
        List<Entry> out = new ArrayList<>();
        for (Finding finding : findings) {
            if (finding.isWriteUp()) {
                out.add(OnLeaving.written(
                        around.freshWriteUp(out.size()),
                        part.added().place(),
                        finding.text(),
                        "",
                        Entry.Urgency.SOON,
                        null));
            }
        }
        return out;
    }
}
