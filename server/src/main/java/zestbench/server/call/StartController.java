package zestbench.server.call;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import zestbench.core.amps.RunningAmps;
import zestbench.core.amps.StartTest;
import zestbench.core.bench.ArrivalViews.WiresView;
import zestbench.core.call.MeantMotor;
import zestbench.core.call.OnMotor;
import zestbench.core.circuit.Conductor;
import zestbench.core.quantity.InputProblem;
import zestbench.server.call.CallViews.CallView;
import zestbench.server.call.CallViews.Preview;
import zestbench.server.change.ChangesNothing;
import zestbench.server.person.Sender;

/** Starts of motors over HTTP. */
@RestController
class StartController {
    private final CallTeller teller;

    StartController(CallTeller teller) {
        this.teller = teller;
    }

    /**
     * A start.
     *
     * @param amps the most that was held @param volts the least meanwhile @param before volts at rest
     * @param stays whether the amps stayed for over half a second
     * @param gauge of its wire; left out where nobody knows it @param metal left out for copper @param feet one way
     */
    record StartGiven(
            @Nullable Long placeId,
            @Nullable String part,
            RunningAmps.@Nullable Place place,

            @NotNull(message = "give the most amps that were held")
            Double amps,

            @NotNull(message = "give the least volts while it started")
            Double volts,

            @NotNull(message = "give the volts before the start")
            Double before,

            @Nullable Boolean stays,
            @Nullable Double seconds,

            @Nullable @Size(max = 10) String gauge,
            Conductor.@Nullable Metal metal,
            @Nullable Double feet) {
        OnMotor.CatchStart command() {
            InputProblem.require(
                    stays != null || seconds != null,
                    "stays",
                    null,
                    "say whether the amps stayed, or for how many seconds");
            return new OnMotor.CatchStart(
                    new MeantMotor.Which(placeId, part, place),
                    new StartTest.Caught(amps, volts, before, Boolean.TRUE.equals(stays), seconds),
                    gauge,
                    metal,
                    feet);
        }
    }

    @ChangesNothing
    @PostMapping("/api/calls/{id}/starts/preview")
    Preview startPreview(@PathVariable long id, @Valid @RequestBody StartGiven given) {
        OnMotor.CatchStart start = given.command();
        return Preview.of(teller.preview(id, start, start::judge));
    }

    @PostMapping("/api/calls/{id}/starts")
    CallView start(@PathVariable long id, @Valid @RequestBody StartGiven given, Sender sender) {
        return teller.after(id, sender, given.command());
    }

    /** Wires whose resistance is known. */
    @GetMapping("/api/wires")
    WiresView wires() {
        return WiresView.ALL;
    }
}
