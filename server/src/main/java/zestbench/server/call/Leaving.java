package zestbench.server.call;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zestbench.core.options.CustomerOption;
import zestbench.core.proof.Altitude;
import zestbench.core.proof.Benchmark;
import zestbench.core.proof.ProofPoint;
import zestbench.core.proof.ProofSetup;
import zestbench.core.proof.UnitProof;
import zestbench.core.quantity.InputProblem;
import zestbench.core.tape.BeforePower;
import zestbench.core.tape.CallState;
import zestbench.core.tape.Entry;
import zestbench.core.tape.LeaveState;
import zestbench.core.tape.PartState;
import zestbench.core.tape.UnitHistory.OpenWriteUp;
import zestbench.server.problem.Conflict;
import zestbench.server.refrigerant.Refrigerants;
import zestbench.server.shop.Shop;
import zestbench.server.truck.Truck;

/** How a call ends: the proof of the unit, write-ups, options; each step as one transaction onto the tape. */
@Service
public class Leaving {
    private final Calls calls;
    private final Histories histories;
    private final Repair repair;
    private final Refrigerants refrigerants;
    private final Shop shop;
    private final Truck truck;

    Leaving(Calls calls, Histories histories, Repair repair, Refrigerants refrigerants, Shop shop, Truck truck) {
        this.calls = calls;
        this.histories = histories;
        this.repair = repair;
        this.refrigerants = refrigerants;
        this.shop = shop;
        this.truck = truck;
    }

    /** What the proof of a call's unit goes by. */
    ProofSetup setup(CallRow call, CallState state) {
        Altitude altitude =
                call.unit() == null ? Altitude.SEA_LEVEL : call.unit().altitude();
        String refrigerant = ProofSetup.refrigerantOf(state.plates());
        return ProofSetup.of(
                state.plates(),
                refrigerants.find(refrigerant),
                altitude,
                shop.inForce().rules());
    }

    @Transactional
    public void tick(long callId, String who, String key, boolean on) {
        Calls.Open call = calls.working(callId);
        String text = BeforePower.textOf(call.state(), key);
        InputProblem.require(!text.isEmpty(), "key", key, "no such line to tick");
        if (BeforePower.done(call.state()).contains(key) != on) {
            calls.add(callId, who, new Entry.UnitTicked(key, text, on));
        }
    }

    @Transactional
    public void start(long callId, String who) {
        Calls.Open call = calls.working(callId);
        long open = BeforePower.of(call.state()).stream()
                .filter(c -> !BeforePower.done(call.state()).contains(c.key()))
                .count();
        if (open > 0) {
            throw new Conflict("Not yet: " + open + " of the lines before power " + (open == 1 ? "is" : "are")
                    + " not ticked off. A line that does not apply is ticked once that is seen.");
        }
        calls.add(callId, who, new Entry.UnitStarted());
    }

    @Transactional
    public void read(long callId, String who, ProofPoint point, double value) {
        Calls.Open call = calls.working(callId);
        if (!call.state().leave().isRunning()) {
            throw new Conflict("The unit does not run: start it first, its readings count from then.");
        }
        calls.add(callId, who, new Entry.ProofRead(point, point.checked(value)));
    }

    /**
     * Keeps the proof.
     *
     * @param isBenchmark whether it becomes what this unit can do at its best
     * @param why it can do no better; only where something is out
     */
    @Transactional
    public void keep(long callId, String who, boolean isBenchmark, String why) {
        Calls.Open call = calls.working(callId);
        LeaveState leave = call.state().leave();
        ProofSetup setup = setup(call.row(), call.state());
        Map<ProofPoint, Double> readings = leave.readings();
        UnitProof.Answer answer = UnitProof.of(readings, setup);
        if (answer.verdicts().isEmpty() && answer.shown().isEmpty()) {
            throw new Conflict("Nothing to keep yet: read return and supply air, or a pressure and its line.");
        }
        boolean isSettled = leave.isSettled(setup);
        Benchmark.Standing standing = Benchmark.standing(readings, answer, isSettled);
        if (isBenchmark && standing == Benchmark.Standing.NO) {
            throw new Conflict(
                    "The best of a unit is a settled proof with the outdoor air read and something judged; this one is not.");
        }
        boolean isPoor = isBenchmark && standing == Benchmark.Standing.POOR;
        InputProblem.require(!isPoor || !why.isBlank(), "why", why, "something is out: say why this is its best");
        calls.add(
                callId,
                who,
                new Entry.ProofKept(
                        readings,
                        answer.verdicts(),
                        answer.shown(),
                        answer.findings(),
                        isSettled,
                        isBenchmark,
                        isPoor ? why.strip() : null));
    }

    @Transactional
    public void writeUp(
            long callId,
            String who,
            String place,
            String what,
            String why,
            Entry.Urgency urgency,
            @Nullable String of) {
        Calls.Open call = calls.working(callId);
        String where =
                of == null || !place.isBlank() ? place : call.part(of).added().place();
        calls.add(callId, who, written(where, what, why, urgency, of));
    }

    /** @param of the part it is about, with whose replacement it ends; null where it is about none */
    static Entry.WrittenUp written(String place, String what, String why, Entry.Urgency urgency, @Nullable String of) {
        String id = "w" + UUID.randomUUID().toString().substring(0, 12);
        return new Entry.WrittenUp(id, place.strip(), what.strip(), why.strip(), urgency, of);
    }

    /** Ends a write-up of this or an earlier visit. */
    @Transactional
    public void endWriteUp(long callId, String who, String id, String how) {
        Calls.Open call = calls.working(callId);
        OpenWriteUp open = histories.of(call.row(), call.tape(), call.state()).openWriteUps().stream()
                .filter(w -> w.writeUp().id().equals(id))
                .findFirst()
                .orElseThrow(() -> new Conflict("That write-up is not open on this unit."));
        calls.add(callId, who, new Entry.WriteUpEnded(id, open.writeUp().what(), how.strip()));
    }

    @Transactional
    public void offer(long callId, String who, List<CustomerOption> options) {
        calls.working(callId);
        Map<String, CustomerOption> byKey = new LinkedHashMap<>();
        for (CustomerOption option : options) {
            InputProblem.require(
                    byKey.put(option.key(), option) == null,
                    "options",
                    option.key(),
                    "each option has a key of its own");
        }
        calls.add(callId, who, new Entry.OptionsOffered(options));
    }

    @Transactional
    public void take(long callId, String who, String key) {
        Calls.Open call = calls.working(callId);
        String words = call.state().leave().options().stream()
                .filter(o -> o.key().equals(key))
                .map(o -> o.tier().title() + ", " + o.words())
                .findFirst()
                .orElse("");
        InputProblem.require(key.isEmpty() || !words.isEmpty(), "key", key, "there is no such option");
        calls.add(callId, who, new Entry.OptionTaken(key, words));
    }

    /** What stays in, and what another part's new piece has to spare, costs nothing more. */
    private CustomerOption.Line priced(String title, String id) {
        if (id.equals(CallState.STAYING)) {
            return new CustomerOption.Line(title + ", stays", 1, 0);
        }
        return id.startsWith(CallState.SPARE)
                ? new CustomerOption.Line(title + ", a free section of the other new one", 1, 0)
                : truck.priced(id);
    }

    /** Options the matches for a part amount to, priced by the trucks' prices. */
    List<CustomerOption> proposed(long callId, String partId, String depot) {
        PartState part = calls.open(callId).part(partId);
        String title = part.added().title();
        return CustomerOption.of(repair.match(callId, partId, depot).matches(), id -> priced(title, id)).stream()
                .map(o -> new CustomerOption(partId + " " + o.key(), o.tier(), title + ": " + o.words(), o.parts(), 0))
                .toList();
    }
}
