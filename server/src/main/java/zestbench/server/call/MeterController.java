package zestbench.server.call;

import jakarta.validation.constraints.Size;
import java.time.Clock;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import zestbench.core.proof.Settling;
import zestbench.core.quantity.InputProblem;
import zestbench.core.tape.PartEntry;
import zestbench.core.tape.PartState;
import zestbench.server.meter.Clip;
import zestbench.server.meter.MeterLink;
import zestbench.server.tape.Calls;
import zestbench.server.unit.Unit;

/** What the meter's window says, beside a reading that is to be taken. */
@RestController
class MeterController {
    private final Calls calls;
    private final MeterLink meter;
    private final Clock clock;

    MeterController(Calls calls, MeterLink meter, Clock clock) {
        this.calls = calls;
        this.meter = meter;
        this.clock = clock;
    }

    /**
     * Streams the meter's readings.
     *
     * @param place SAFE, SUPPLY, PROOF or the name of a place; left out where a part is given
     * @param subject the pair, section or point the leads sit on
     * @param sign of the unit that is read
     * @param isNew whether the part's replacement is read
     */
    @GetMapping(value = "/api/calls/{id}/meter", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter stream(
            @PathVariable long id,
            @RequestParam(required = false) @Nullable String part,
            @RequestParam(defaultValue = "") @Size(max = 80) String place,
            @RequestParam(defaultValue = "") @Size(max = 40) String subject,
            @RequestParam(defaultValue = "V") @Size(max = 8) String sign,
            @RequestParam(defaultValue = "false") boolean isNew) {
        InputProblem.require(!subject.isBlank(), "subject", subject, "say what the leads sit on, such as HERM");
        Calls.Open call = calls.open(id);
        Unit unit = call.row().unit();
        PartState state = part == null ? null : call.part(part);
        long since = call.state().leave().settling().map(Settling::sinceMillis).orElse(0L);
        return meter.follow(new Clip(
                unit == null ? "" : unit.site(),
                unit == null ? "" : unit.name(),
                state == null ? place : state.added().place(),
                subject,
                sign,
                state != null && isNew ? nominal(state, subject) : null,
                since == 0 ? 0 : Math.max(0, clock.millis() - since)));
    }

    /** What a section of the new part is rated; the simulation has nothing else to go by. */
    private static @Nullable Double nominal(PartState part, String subject) {
        PartEntry.Chosen chosen = part.chosen();
        return chosen == null
                ? null
                : chosen.pieces().stream()
                        .flatMap(piece -> part.family().rated(piece.spec(), subject).stream())
                        .findFirst()
                        .orElse(null);
    }
}
