package zestbench.core.bench;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import zestbench.core.call.CallStatus;
import zestbench.core.call.Command;
import zestbench.core.call.Decider;
import zestbench.core.call.OnTest;
import zestbench.core.call.Stock;
import zestbench.core.call.Surroundings;
import zestbench.core.family.TestRequest.SectionReading;
import zestbench.core.plate.Plates;
import zestbench.core.proof.Altitude;
import zestbench.core.proof.SaturationTable;
import zestbench.core.quantity.Quantity;
import zestbench.core.quantity.Reading;
import zestbench.core.shop.ShopRules;
import zestbench.core.tape.CallState;
import zestbench.core.tape.Entry;
import zestbench.core.tape.Line;

/** A call worked on by commands alone. */
final class WorkedCall {
    private static final long MILLIS = 60_000;
    private final Surroundings around;
    private CallState state;

    /** Without a unit. */
    WorkedCall() {
        this(Plates.NONE, null);
    }

    /** On a unit with these plates. @param table of its refrigerant; null where there is none */
    WorkedCall(Plates plates, @Nullable SaturationTable table) {
        around = new Surroundings(
                CallStatus.OPEN,
                plates,
                null,
                Stock.NONE,
                List.of(),
                Altitude.SEA_LEVEL,
                table,
                ShopRules.DEFAULT,
                0,
                Map.of(),
                "fresh1234567");
        state = CallState.of(List.of(), plates);
    }

    Surroundings around() {
        return around;
    }

    CallState state() {
        return state;
    }

    WorkedCall then(String who, Command command) {
        for (Entry entry : Decider.decide(state, command, around).entries()) {
            state = Decider.evolve(
                    state,
                    new Line(state.tape().size() + 1L, MILLIS * (state.tape().size() + 1L), who, entry));
        }
        return this;
    }

    /** The first part in question. */
    String part() {
        return state.parts().iterator().next().id();
    }

    WorkedCall read(String section, double microfarads) {
        return then(
                "Tech 1",
                new OnTest.Read(
                        part(),
                        null,
                        Entry.Method.BENCH,
                        List.of(new SectionReading(section, Reading.of(Quantity.MICROFARADS, microfarads)))));
    }
}
