package zestbench.server.call;

import java.time.Clock;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BiFunction;
import org.springframework.stereotype.Component;
import zestbench.core.bench.Before;
import zestbench.core.bench.Bench;
import zestbench.core.call.Command;
import zestbench.core.call.Surroundings;
import zestbench.core.call.UnitStory;
import zestbench.core.tape.CallState;
import zestbench.core.tape.UnitHistory;
import zestbench.server.call.CallViews.CallView;
import zestbench.server.change.Retold;
import zestbench.server.person.Sender;
import zestbench.server.record.LastTimes;
import zestbench.server.record.UnitHistories;
import zestbench.server.shop.Shop;
import zestbench.server.tape.Calls;
import zestbench.server.unit.Unit;

/** Tells a call as it stands, after a change and when a change that was carried out is asked for again. */
@Component
class CallTeller implements Retold<CallView> {
    private final Calls calls;
    private final CallChanges changes;
    private final CallSurroundings surroundings;
    private final UnitHistories histories;
    private final LastTimes lastTimes;
    private final Shop shop;
    private final Clock clock;

    CallTeller(
            Calls calls,
            CallChanges changes,
            CallSurroundings surroundings,
            UnitHistories histories,
            LastTimes lastTimes,
            Shop shop,
            Clock clock) {
        this.calls = calls;
        this.changes = changes;
        this.surroundings = surroundings;
        this.histories = histories;
        this.lastTimes = lastTimes;
        this.shop = shop;
        this.clock = clock;
    }

    @Override
    public Class<CallView> type() {
        return CallView.class;
    }

    @Override
    public String key(CallView answer) {
        return String.valueOf(answer.id());
    }

    @Override
    public CallView tell(String key) {
        return of(Long.parseLong(key));
    }

    CallView of(long callId) {
        Calls.Open call = calls.open(callId);
        UnitHistory history = histories.of(call.row(), call.tape(), call.state());
        Bench bench = Bench.of(
                call.state(),
                surroundings.of(call, history.openWriteUps()),
                new Before(
                        callId,
                        call.row().complaint(),
                        history.benchmarksBefore(callId),
                        lastTimes.of(call),
                        replaced(call, history),
                        story(call, history),
                        history.figuresBefore(callId)));
        return CallView.of(call.row(), bench, shop.inForce());
    }

    /** What is known of the unit of a call where a part of it is chosen. */
    UnitStory story(Calls.Open call) {
        return story(call, histories.of(call.row(), call.tape(), call.state()));
    }

    private UnitStory story(Calls.Open call, UnitHistory history) {
        Unit unit = call.row().unit();
        if (unit == null) {
            return UnitStory.UNKNOWN;
        }
        Unit.Warranty warranty = unit.warranty();
        return new UnitStory(
                history.putIn().size(),
                warranty.parts() == null ? null : warranty.parts().toString(),
                warranty.compressor() == null ? null : warranty.compressor().toString(),
                LocalDate.now(clock).toString());
    }

    private static Map<String, List<UnitHistory.Replaced>> replaced(Calls.Open call, UnitHistory history) {
        Map<String, List<UnitHistory.Replaced>> out = new LinkedHashMap<>();
        call.state()
                .parts()
                .forEach(part -> out.put(
                        part.id(),
                        history.replacedBefore(
                                call.row().id(),
                                part.added().place(),
                                part.added().title())));
        return out;
    }

    /** What a command would come to on a call that is worked on, without keeping it. */
    <T> T preview(long callId, Command command, BiFunction<CallState, Surroundings, T> how) {
        Calls.Open call = calls.working(callId);
        return how.apply(call.state(), surroundings.of(call, command, ""));
    }

    /** The call after {@code command} was carried out. */
    CallView after(long callId, Sender sender, Command command) {
        changes.make(callId, sender, command);
        return of(callId);
    }
}
