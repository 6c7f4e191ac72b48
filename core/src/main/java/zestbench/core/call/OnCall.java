package zestbench.core.call;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import zestbench.core.Families;
import zestbench.core.family.Trait;
import zestbench.core.judgement.Demand;
import zestbench.core.plate.UnitPlaces;
import zestbench.core.quantity.InputProblem;
import zestbench.core.safety.Deadness;
import zestbench.core.safety.SafePeriod;
import zestbench.core.suspect.Question;
import zestbench.core.tape.CallState;
import zestbench.core.tape.Entry;
import zestbench.core.tape.Line;
import zestbench.core.tape.PartEntry;
import zestbench.core.tape.PartState;
import zestbench.core.tape.Stop;
import zestbench.core.tape.UnitEntry;

/** What is done on the call as a whole. */
public sealed interface OnCall extends Command {
    /** What a call begins with: that heat is called for, where the complaint says so. */
    static List<Entry> opening(String complaint) {
        List<Entry> out = new ArrayList<>();
        Question.answersIn(complaint).forEach((question, answer) -> out.add(new UnitEntry.Answered(question, answer)));
        return out;
    }

    /**
     * Takes a part into question.
     *
     * @param kind of the part
     * @param placeId a place of the unit; null where it is said in words
     * @param place in words; null where a place of the unit is meant
     * @param serves what hangs on it; null or empty where that is not known
     */
    record AddPart(
            String kind,
            @Nullable Long placeId,
            @Nullable String place,
            @Nullable String serves) implements OnCall {
        @Override
        public Decision decide(CallState state, Surroundings around) {
            String title = Families.named(kind).title();
            if (placeId != null && around.places() != null) {
                UnitPlace at = around.place(placeId, "placeId");
                String called = at.title().equals(at.name()) ? at.name() : title;
                return added(around, called, at.name(), at.serves());
            }
            String at = place == null ? "" : place.strip();
            InputProblem.require(!at.isEmpty(), "place", at, "say where it sits, such as outdoor unit");
            return added(around, title, at, serves == null ? "" : serves.strip());
        }

        private Decision added(Surroundings around, String called, String at, String hangsOnIt) {
            return Decision.of(new PartEntry.PartAdded(around.freshPart(), kind, called, at, hangsOnIt));
        }

        @Override
        public Set<Need> needs() {
            return Set.of(Need.UNIT);
        }
    }

    /** Takes another of a kind into question, with the label of {@code like}: at the unit's next such place, or beside it. */
    record AddAnother(String like) implements OnCall {
        @Override
        public Decision decide(CallState state, Surroundings around) {
            PartState first = state.part(like);
            String kind = first.added().kind();
            List<String> taken = new ArrayList<>();
            for (PartState part : state.parts()) {
                if (part.added().kind().equals(kind)) {
                    taken.add(part.added().place());
                }
            }
            UnitPlace next = around.knownPlaces().stream()
                    .filter(p -> p.kind().equals(kind) && !taken.contains(p.name()))
                    .filter(p -> stem(p.name()).equals(stem(first.added().place())))
                    .findFirst()
                    .orElse(null);
            String at = next == null ? numbered(first.added().place(), taken) : next.name();
            boolean isCalledByPlace = first.added().title().equals(first.added().place());
            String serves = next == null ? first.added().serves() : next.serves();
            String id = around.freshPart();
            List<Entry> out = new ArrayList<>();
            out.add(new PartEntry.PartAdded(
                    id, kind, isCalledByPlace ? at : Families.named(kind).title(), at, serves));
            if (!first.spec().isEmpty()) {
                out.add(new PartEntry.LabelRead(id, first.text(), first.spec(), first.doubts()));
            }
            return Decision.of(out);
        }

        private static String stem(String place) {
            return place.replaceAll(" \\d+$", "");
        }

        private static String numbered(String place, List<String> taken) {
            int number = 2;
            while (taken.contains(stem(place) + " " + number)) {
                number++;
            }
            return stem(place) + " " + number;
        }

        @Override
        public Set<Need> needs() {
            return Set.of(Need.UNIT);
        }
    }

    /**
     * Takes the run capacitor into question that a chosen motor wants: the one in its place on the unit, or one that serves
     * this motor alone, where the unit has none.
     */
    record AddCapacitor(String motor) implements OnCall {
        @Override
        public Decision decide(CallState state, Surroundings around) {
            PartState at = state.part(motor);
            InputProblem.require(at.chosen() != null, "motor", at.added().title(), "choose the motor first");
            InputProblem.require(
                    state.together().capacitorOf(at).isEmpty(),
                    "motor",
                    at.added().title(),
                    "its capacitor is in question already");
            String place = at.added().place();
            String capacitor = Families.with(Trait.SERVES_A_MOTOR).kind();
            return around.knownPlaces().stream()
                    .filter(p -> p.kind().equals(capacitor) && UnitPlaces.isServedBy(place, p.serves()))
                    .findFirst()
                    .map(p -> new AddPart(capacitor, p.id(), null, null))
                    .orElseGet(() -> new AddPart(capacitor, null, place, place))
                    .decide(state, around);
        }

        @Override
        public Set<Need> needs() {
            return Set.of(Need.UNIT);
        }
    }

    /** Keeps words for the record. */
    record Note(String text) implements OnCall {
        @Override
        public Decision decide(CallState state, Surroundings around) {
            return Decision.of(new UnitEntry.Noted(text.strip()));
        }
    }

    /** Reads a pair that is to be dead. @param place SUPPLY or a part @param volts 0 to 1,000 */
    record ReadDead(String place, String pair, double volts) implements OnCall {
        @Override
        public Decision decide(CallState state, Surroundings around) {
            InputProblem.require(
                    volts >= 0 && volts <= Deadness.MOST_VOLTS,
                    "volts",
                    volts,
                    "give the volts that were read, 0 to 1,000");
            boolean isAsked = state.deadness().pairs().stream()
                    .anyMatch(p -> p.place().equals(place) && p.name().equals(pair));
            InputProblem.require(isAsked, "pair", pair, "that pair is not asked for on this call");
            return Decision.of(new UnitEntry.DeadRead(place, pair, volts));
        }
    }

    /** Reads 0 V on every pair of a place that is not read dead yet, each as a line of its own; the meter is proved before. */
    record ReadAllDead(String place) implements OnCall {
        @Override
        public Decision decide(CallState state, Surroundings around) {
            boolean isProved =
                    state.safeSteps().stream().anyMatch(step -> step.key().equals(SafePeriod.PROVED) && step.isDone());
            if (!isProved) {
                throw new Refusal("Prove the meter on a live source first: a dead meter reads 0 on everything.");
            }
            List<Entry> out = new ArrayList<>();
            for (Deadness.Pair pair : state.deadness().pairs()) {
                if (pair.place().equals(place) && !pair.isDead()) {
                    out.add(new UnitEntry.DeadRead(place, pair.name(), 0));
                }
            }
            InputProblem.require(!out.isEmpty(), "place", place, "no pair is left to read dead there");
            return Decision.of(out);
        }
    }

    /** Strikes a line, which stays visible. */
    record Strike(long number, String reason) implements OnCall {
        @Override
        public Decision decide(CallState state, Surroundings around) {
            Line line = state.tape().stream()
                    .filter(l -> l.number() == number)
                    .findFirst()
                    .orElseThrow(
                            () -> new Refusal(Refusal.Why.NOT_HERE, "There is no line " + number + " on this tape."));
            if (state.isStruck(number)) {
                throw new Refusal("Line " + number + " is struck already.");
            }
            InputProblem.require(
                    line.entry().canBeStruck(), "line", number, "only readings, labels and notes can be struck");
            return Decision.of(new UnitEntry.Struck(number, reason));
        }
    }

    /** Goes on past a STOP that stands. @param part it stands on; null where it stands on the unit */
    record GoPastStop(@Nullable String part, Demand demand, String reason) implements OnCall {
        @Override
        public Decision decide(CallState state, Surroundings around) {
            boolean isStanding = Stop.of(state).stream()
                    .anyMatch(stop -> stop.demand() == demand && Objects.equals(stop.part(), part));
            if (!isStanding) {
                throw new Refusal("No such STOP stands there: " + demand.words() + ".");
            }
            return Decision.of(new PartEntry.Overridden(part, demand, reason.strip()));
        }
    }

    /** Closes or cancels the call. */
    record End(Entry.End end, String note) implements OnCall {
        @Override
        public Decision decide(CallState state, Surroundings around) {
            if (around.status() == CallStatus.QUICK_CHECK) {
                throw new Refusal("A quick check is no call: there is nothing to close.");
            }
            UnitEntry.JumperPut jumper = state.jumpers().first();
            if (jumper != null) {
                throw new Refusal("A jumper is in across the " + jumper.across()
                        + ": take it out, or say why it stays, which writes it up on the unit.");
            }
            return Decision.of(new UnitEntry.CallEnded(end, note.strip()))
                    .becoming(end == Entry.End.CLOSED ? CallStatus.CLOSED : CallStatus.CANCELLED);
        }
    }

    /** Takes up a call that was over. */
    record Reopen() implements OnCall {
        @Override
        public Decision decide(CallState state, Surroundings around) {
            if (!around.status().isOver()) {
                throw new Refusal("This call is open already.");
            }
            return Decision.of(new UnitEntry.CallReopened()).becoming(CallStatus.OPEN);
        }

        @Override
        public boolean isDoneAfterTheEnd() {
            return true;
        }
    }
}
