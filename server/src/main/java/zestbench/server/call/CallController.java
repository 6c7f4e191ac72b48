package zestbench.server.call;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import zestbench.core.call.OnCall;
import zestbench.core.judgement.Demand;
import zestbench.core.tape.Entry;
import zestbench.server.board.BoardViews.CallCard;
import zestbench.server.board.BoardViews.DueView;
import zestbench.server.board.BoardViews.UnitWriteUps;
import zestbench.server.board.BoardViews.WaitingView;
import zestbench.server.board.CallBoard;
import zestbench.server.call.CallViews.CallView;
import zestbench.server.person.Sender;
import zestbench.server.record.CallInWords;
import zestbench.server.tape.Calls;
import zestbench.server.unit.Units;

/** Calls over HTTP. Every change answers with the call as it then stands. */
@RestController
class CallController {

    private final Calls calls;
    private final Units units;
    private final CallTeller teller;
    private final CallBoard board;

    CallController(Calls calls, Units units, CallTeller teller, CallBoard board) {
        this.board = board;
        this.calls = calls;
        this.units = units;
        this.teller = teller;
    }

    private static final int MOST_PAGES = 100_000;

    /**
     * @param hasMore whether there are more of the calls that are over, or that are found, on the next page
     * @param unitsWithWriteUps how many units there are of which the most urgent are listed
     */
    record CallsView(
            List<CallCard> calls,
            boolean hasMore,
            List<DueView> due,
            List<WaitingView> waiting,
            List<UnitWriteUps> writeUps,
            int unitsWithWriteUps) {}

    record NewCall(
            @NotNull(message = "choose the unit") Long unitId,

            @NotBlank(message = "say what is complained of, such as no cooling")
            @Size(max = 300, message = "give up to 300 characters")
            String complaint) {}

    record NewPart(
            @NotBlank(message = "give the kind of part") String kind,
            @Nullable Long placeId,

            @Nullable @Size(max = 80, message = "give up to 80 characters")
            String place,

            @Nullable @Size(max = 80, message = "give up to 80 characters")
            String serves) {}

    record Volts(
            @NotBlank(message = "give the place") @Size(max = 40)
            String place,

            @NotBlank(message = "give the pair") @Size(max = 40)
            String pair,

            @NotNull(message = "give the volts that were read")
            Double volts) {}

    record Reason(
            @NotNull @Size(max = 200, message = "give up to 200 characters")
            String reason) {}

    /** @param part the STOP stands on; left out where it stands on the unit */
    record GoingOn(
            @Nullable @Size(max = 60) String part,

            @NotNull(message = "say which STOP") Demand demand,

            @NotBlank(message = "say why it is right to go on") @Size(max = 300, message = "give up to 300 characters")
            String reason) {}

    record Note(
            @NotBlank(message = "write something to note") @Size(max = 1000, message = "give up to 1,000 characters")
            String text) {}

    record Ending(
            @NotNull(message = "give CLOSED or CANCELLED") Entry.End end,

            @Nullable @Size(max = 1000, message = "give up to 1,000 characters")
            String note) {}

    /**
     * @param find words that point to calls; without them those that are open, and a page of those that are over
     * @param page from 0
     */
    @GetMapping("/api/calls")
    CallsView all(
            @RequestParam(required = false, defaultValue = "") @Size(max = 200, message = "give up to 200 characters")
                    String find,
            @RequestParam(required = false, defaultValue = "0") @Min(0) @Max(MOST_PAGES) int page) {
        boolean isFirst = page == 0 && find.isBlank();
        List<CallCard> cut = find.isBlank() ? board.over(page) : board.found(find, page);
        boolean hasMore = cut.size() > CallBoard.PAGE;
        List<CallCard> shown = new ArrayList<>(isFirst ? board.open() : List.of());
        shown.addAll(hasMore ? cut.subList(0, CallBoard.PAGE) : cut);
        return isFirst
                ? new CallsView(
                        shown, hasMore, board.due(), board.waiting(), board.writeUps(), board.unitsWithWriteUps())
                : new CallsView(shown, hasMore, List.of(), List.of(), List.of(), 0);
    }

    @PostMapping("/api/calls")
    CallView start(@Valid @RequestBody NewCall given, Sender sender) {
        return view(calls.start(given.unitId(), given.complaint(), sender.who()));
    }

    @GetMapping("/api/calls/{id}")
    CallView view(@PathVariable long id) {
        return teller.of(id);
    }

    @PostMapping("/api/quick-check")
    CallView quickCheck(Sender sender) {
        return view(calls.quickCheck(sender.id()));
    }

    @PostMapping("/api/calls/{id}/parts")
    CallView addPart(@PathVariable long id, @Valid @RequestBody NewPart given, Sender sender) {
        return teller.after(
                id, sender, new OnCall.AddPart(given.kind(), given.placeId(), given.place(), given.serves()));
    }

    @PostMapping("/api/calls/{id}/parts/{part}/capacitor")
    CallView addCapacitor(@PathVariable long id, @PathVariable String part, Sender sender) {
        return teller.after(id, sender, new OnCall.AddCapacitor(part));
    }

    /** Another of the kind, with the same label, at the next such place. */
    @PostMapping("/api/calls/{id}/parts/{part}/another")
    CallView addAnother(@PathVariable long id, @PathVariable String part, Sender sender) {
        return teller.after(id, sender, new OnCall.AddAnother(part));
    }

    @PostMapping("/api/calls/{id}/dead")
    CallView dead(@PathVariable long id, @Valid @RequestBody Volts given, Sender sender) {
        return teller.after(id, sender, new OnCall.ReadDead(given.place(), given.pair(), given.volts()));
    }

    record DeadPlace(
            @NotBlank(message = "give the place") @Size(max = 40)
            String place) {}

    /** Every pair of a place that is left reads 0. */
    @PostMapping("/api/calls/{id}/dead/all")
    CallView allDead(@PathVariable long id, @Valid @RequestBody DeadPlace given, Sender sender) {
        return teller.after(id, sender, new OnCall.ReadAllDead(given.place()));
    }

    @PostMapping("/api/calls/{id}/lines/{number}/strike")
    CallView strike(@PathVariable long id, @PathVariable long number, @Valid @RequestBody Reason given, Sender sender) {
        return teller.after(id, sender, new OnCall.Strike(number, given.reason()));
    }

    /** Goes on past a STOP that stands. */
    @PostMapping("/api/calls/{id}/override")
    CallView override(@PathVariable long id, @Valid @RequestBody GoingOn given, Sender sender) {
        return teller.after(id, sender, new OnCall.GoPastStop(given.part(), given.demand(), given.reason()));
    }

    @PostMapping("/api/calls/{id}/notes")
    CallView note(@PathVariable long id, @Valid @RequestBody Note given, Sender sender) {
        return teller.after(id, sender, new OnCall.Note(given.text()));
    }

    @PostMapping("/api/calls/{id}/end")
    CallView end(@PathVariable long id, @Valid @RequestBody Ending given, Sender sender) {
        String note = given.note() == null ? "" : given.note();
        return teller.after(id, sender, new OnCall.End(given.end(), note));
    }

    @PostMapping("/api/calls/{id}/reopen")
    CallView reopen(@PathVariable long id, Sender sender) {
        return teller.after(id, sender, new OnCall.Reopen());
    }

    /** The call in words, to be pasted elsewhere. */
    @GetMapping(value = "/api/calls/{id}/summary", produces = MediaType.TEXT_PLAIN_VALUE)
    String summary(@PathVariable long id) {
        Calls.Open call = calls.open(id);
        return CallInWords.of(
                call,
                call.row().unit() == null ? null : units.get(call.row().unit().id()));
    }
}
