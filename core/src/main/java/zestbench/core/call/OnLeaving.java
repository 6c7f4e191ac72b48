package zestbench.core.call;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import zestbench.core.judgement.Judged;
import zestbench.core.judgement.Judgement;
import zestbench.core.options.CustomerOption;
import zestbench.core.proof.Benchmark;
import zestbench.core.proof.ProofPoint;
import zestbench.core.proof.ProofSetup;
import zestbench.core.proof.UnitProof;
import zestbench.core.proof.Wander;
import zestbench.core.quantity.InputProblem;
import zestbench.core.quantity.Limits;
import zestbench.core.tape.BeforePower;
import zestbench.core.tape.CallState;
import zestbench.core.tape.Entry;
import zestbench.core.tape.LeaveEntry;
import zestbench.core.tape.LeaveState;
import zestbench.core.tape.UnitHistory.OpenWriteUp;

/** How a call ends: the proof of the unit, write-ups, options. */
public sealed interface OnLeaving extends Command {
    /** Ticks a line of the list before power. */
    record TickBeforePower(String key, boolean on) implements OnLeaving {
        @Override
        public Decision decide(CallState state, Surroundings around) {
            String text = BeforePower.textOf(state, key);
            InputProblem.require(!text.isEmpty(), "key", key, "no such line to tick");
            return BeforePower.done(state).contains(key) == on
                    ? Decision.NOTHING
                    : Decision.of(new LeaveEntry.UnitTicked(key, text, on));
        }
    }

    /** Starts the unit, so that its readings count. */
    record StartUnit() implements OnLeaving {
        @Override
        public Decision decide(CallState state, Surroundings around) {
            long open = BeforePower.of(state).stream()
                    .filter(c -> !BeforePower.done(state).contains(c.key()))
                    .count();
            if (open > 0) {
                throw new Refusal("Not yet: " + open + " of the lines before power " + (open == 1 ? "is" : "are")
                        + " not ticked off. A line that does not apply is ticked once that is seen.");
            }
            for (OpenWriteUp each : around.writeUps()) {
                LeaveEntry.WrittenUp tag = each.writeUp();
                if (tag.urgency() == Entry.Urgency.TAGGED_OUT && tag.place().isBlank()) {
                    throw new Refusal("The unit is tagged out by " + each.who() + ": " + tag.what()
                            + ". See to that and end it under write-ups first.");
                }
            }
            return Decision.of(new LeaveEntry.UnitStarted());
        }

        @Override
        public Set<Need> needs() {
            return Set.of(Need.WRITE_UPS);
        }
    }

    /** Reads the running unit at one point. @param value in the point's unit @param circuit from 1 on; null where it has one */
    record ReadProof(
            ProofPoint point, double value, @Nullable Integer circuit) implements OnLeaving {
        private static final int MOST_CIRCUITS = 6;

        @Override
        public Decision decide(CallState state, Surroundings around) {
            if (!state.leave().isRunning()) {
                throw new Refusal("The unit does not run: start it first, its readings count from then.");
            }
            int of = circuit == null ? 1 : circuit;
            InputProblem.require(of >= 1 && of <= MOST_CIRCUITS, "circuit", of, "give 1 to " + MOST_CIRCUITS);
            InputProblem.require(
                    of == 1 || point.isOfCircuit(),
                    "circuit",
                    of,
                    "the air is of the whole unit: leave the circuit out");
            return Decision.of(
                    new LeaveEntry.ProofRead(point, point.checked(value), of == 1 ? null : String.valueOf(of)));
        }
    }

    /** Says that a figure of the running unit does not stand still. @param circuit from 1 on; null where it has one */
    record SayWandering(Wander wander, @Nullable Integer circuit) implements OnLeaving {
        @Override
        public Decision decide(CallState state, Surroundings around) {
            if (!state.leave().isRunning()) {
                throw new Refusal("The unit does not run: start it first, its readings count from then.");
            }
            String of = circuit == null || circuit == 1 ? null : String.valueOf(circuit);
            InputProblem.require(
                    of == null || state.leave().others().containsKey(of),
                    "circuit",
                    circuit,
                    "nothing of this circuit was read: read its pressures and lines first");
            ProofSetup setup = around.proof(state.plates());
            Limits limits = (of == null
                            ? state.runningUnit().proved(setup)
                            : state.runningUnit().proved(setup, of))
                    .verdicts().stream()
                            .filter(v -> v.subject().equals(wander.figure().name()))
                            .map(Judged::limits)
                            .filter(Objects::nonNull)
                            .findFirst()
                            .orElse(null);
            Judgement judgement = wander.judge(limits);
            return Decision.of(
                    new LeaveEntry.FigureWandered(wander, judgement.verdicts().get(0), judgement.findings(), of));
        }

        @Override
        public Set<Need> needs() {
            return Set.of(Need.PROOF);
        }
    }

    /** What the circuits beside the first amount to. */
    private static List<LeaveEntry.CircuitProved> others(CallState state, ProofSetup setup) {
        return state.leave().others().keySet().stream()
                .map(circuit -> {
                    UnitProof.Answer answer = state.runningUnit().proved(setup, circuit);
                    return new LeaveEntry.CircuitProved(
                            circuit,
                            state.leave().readings(circuit),
                            answer.verdicts(),
                            answer.shown(),
                            answer.findings());
                })
                .toList();
    }

    /**
     * Keeps the proof.
     *
     * @param isBenchmark whether it becomes what this unit can do at its best
     * @param why it can do no better; only where something is out
     */
    record KeepProof(boolean isBenchmark, String why) implements OnLeaving {
        @Override
        public Decision decide(CallState state, Surroundings around) {
            LeaveState leave = state.leave();
            ProofSetup setup = around.proof(state.plates());
            Map<ProofPoint, Double> readings = leave.readings();
            UnitProof.Answer answer = state.runningUnit().proved(setup);
            if (answer.verdicts().isEmpty() && answer.shown().isEmpty()) {
                throw new Refusal("Nothing to keep yet: read return and supply air, or a pressure and its line.");
            }
            boolean isSettled = leave.isSettled(setup);
            Benchmark.Standing standing = Benchmark.standing(readings, answer, isSettled);
            if (isBenchmark && standing == Benchmark.Standing.NO) {
                throw new Refusal(
                        "The best of a unit is a settled proof with the outdoor air read and something judged; this one is not.");
            }
            boolean isPoor = isBenchmark && standing == Benchmark.Standing.POOR;
            InputProblem.require(!isPoor || !why.isBlank(), "why", why, "something is out: say why this is its best");
            return Decision.of(new LeaveEntry.ProofKept(
                    readings,
                    answer.verdicts(),
                    answer.shown(),
                    answer.findings(),
                    isSettled,
                    isBenchmark,
                    isPoor ? why.strip() : null,
                    leave.others().isEmpty() ? null : others(state, setup)));
        }

        @Override
        public Set<Need> needs() {
            return Set.of(Need.PROOF);
        }
    }

    /** Writes up what was seen and is not done. @param part it is about, with whose replacement it ends; null where it is about none @param until the day to look again; null where none is named */
    record WriteUp(
            String place,
            String what,
            String why,
            Entry.Urgency urgency,
            @Nullable String part,
            @Nullable String until) implements OnLeaving {
        @Override
        public Decision decide(CallState state, Surroundings around) {
            String where = part == null || !place.isBlank()
                    ? place
                    : state.part(part).added().place();
            return Decision.of(new LeaveEntry.WrittenUp(
                    around.freshWriteUp(0), where.strip(), what.strip(), why.strip(), urgency, part, until));
        }
    }

    /** Ends a write-up of this or an earlier visit. */
    record EndWriteUp(String id, String how) implements OnLeaving {
        @Override
        public Decision decide(CallState state, Surroundings around) {
            OpenWriteUp open = around.writeUps().stream()
                    .filter(w -> w.writeUp().id().equals(id))
                    .findFirst()
                    .orElseThrow(() -> new Refusal("That write-up is not open on this unit."));
            return Decision.of(new LeaveEntry.WriteUpEnded(id, open.writeUp().what(), how.strip()));
        }

        @Override
        public Set<Need> needs() {
            return Set.of(Need.WRITE_UPS);
        }
    }

    /** Offers the customer what can be done, in place of what was offered before. */
    record Offer(List<CustomerOption> options) implements OnLeaving {
        @Override
        public Decision decide(CallState state, Surroundings around) {
            Map<String, CustomerOption> byKey = new LinkedHashMap<>();
            for (CustomerOption option : options) {
                InputProblem.require(
                        byKey.put(option.key(), option) == null,
                        "options",
                        option.key(),
                        "each option has a key of its own");
            }
            return Decision.of(new LeaveEntry.OptionsOffered(options));
        }
    }

    /** Keeps what the customer chose. @param key of the option; empty where the choice is taken back */
    record TakeOption(String key) implements OnLeaving {
        @Override
        public Decision decide(CallState state, Surroundings around) {
            String words = state.leave().options().stream()
                    .filter(o -> o.key().equals(key))
                    .map(o -> o.tier().title() + ", " + o.words())
                    .findFirst()
                    .orElse("");
            InputProblem.require(key.isEmpty() || !words.isEmpty(), "key", key, "there is no such option");
            return Decision.of(new LeaveEntry.OptionTaken(key, words));
        }
    }

    /** Keeps that the customer wants none of the options. @param why in their words; empty where they gave none */
    record Decline(String why) implements OnLeaving {
        @Override
        public Decision decide(CallState state, Surroundings around) {
            if (state.leave().options().isEmpty()) {
                throw new Refusal("Nothing was offered on this call yet: put options together first.");
            }
            return Decision.of(new LeaveEntry.OptionsDeclined(why.strip()));
        }
    }

    /** @param of the part it is about, with whose replacement it ends; null where it is about none */
    static LeaveEntry.WrittenUp written(
            String id, String place, String what, String why, Entry.Urgency urgency, @Nullable String of) {
        return new LeaveEntry.WrittenUp(id, place.strip(), what.strip(), why.strip(), urgency, of, null);
    }
}
