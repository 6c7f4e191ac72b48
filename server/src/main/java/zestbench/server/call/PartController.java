package zestbench.server.call;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import zestbench.core.bench.MatchViews.Lying;
import zestbench.core.bench.MatchViews.MatchesView;
import zestbench.core.call.Command;
import zestbench.core.call.OnHookUp;
import zestbench.core.call.OnLabel;
import zestbench.core.call.OnMatch;
import zestbench.core.call.OnPart;
import zestbench.core.call.OnTest;
import zestbench.core.call.PartMatch;
import zestbench.core.family.Spec;
import zestbench.core.quantity.InputProblem;
import zestbench.core.tape.Entry;
import zestbench.core.tape.PartState;
import zestbench.core.tape.PartsTogether;
import zestbench.core.value.Value;
import zestbench.core.wiring.Drawing;
import zestbench.core.wiring.Sheet;
import zestbench.core.wiring.SvgWriter;
import zestbench.server.call.CallViews.CallView;
import zestbench.server.call.CallViews.Preview;
import zestbench.server.call.WiringController.Wires;
import zestbench.server.change.ChangesNothing;
import zestbench.server.person.Sender;
import zestbench.server.shop.Shop;
import zestbench.server.tape.Calls;
import zestbench.server.truck.Truck;

/** The six steps of a part over HTTP. Every change answers with the call as it then stands. */
@RestController
@RequestMapping("/api/calls/{id}/parts/{part}")
class PartController {
    private final Calls calls;
    private final CallChanges changes;
    private final CallTeller teller;
    private final Truck truck;
    private final Shop shop;
    private final Clock clock;

    PartController(Calls calls, CallChanges changes, CallTeller teller, Truck truck, Shop shop, Clock clock) {
        this.calls = calls;
        this.changes = changes;
        this.teller = teller;
        this.truck = truck;
        this.shop = shop;
        this.clock = clock;
    }

    /**
     * A label as typed.
     *
     * @param fields as read and corrected; left out, they are read from the text
     * @param checked names of fields that were compared with the label, so that no doubt is left about them
     */
    record Label(
            @NotNull(message = "give the text") @Size(max = 20000, message = "give up to 20,000 characters")
            String text,

            Value.@Nullable Fields fields,

            @Size(max = 200, message = "give up to 200 names")
            List<String> checked) {
        Label {
            checked = checked == null
                    ? List.of()
                    : checked.stream().filter(Objects::nonNull).toList();
        }

        Command command(String part) {
            return fields == null
                    ? new OnLabel.Type(part, text)
                    : new OnLabel.Correct(part, text, new Spec(fields), Set.copyOf(checked));
        }
    }

    /** Something measured on the part itself. @param fields holds it under its name; left out where it is taken back */
    record Measure(
            @NotNull(message = "name the measure") @Size(max = 40)
            String name,

            Value.@Nullable Fields fields) {
        Command command(String part) {
            return new OnLabel.Measure(
                    part, name, fields == null ? null : fields.fields().get(name));
        }
    }

    /**
     * One reading on the pad: a figure, {@code open} or {@code overRange}; under load amps, volts and hertz.
     *
     * @param value in the section's own unit @param microfarads the same for a section that is read in µF
     */
    record PadReading(
            @Nullable String section,
            @Nullable Double value,
            @Nullable Double microfarads,
            @Nullable Boolean open,
            @Nullable Boolean overRange,
            @Nullable Double amps,
            @Nullable Double volts,
            @Nullable Double hertz) {
        OnTest.Given given() {
            return new OnTest.Given(
                    section,
                    value == null ? microfarads : value,
                    Boolean.TRUE.equals(open),
                    Boolean.TRUE.equals(overRange),
                    amps,
                    volts,
                    hertz);
        }
    }

    record Readings(
            @Nullable Integer piece,
            Entry.@Nullable Method method,
            @NotNull(message = "give the readings") List<@Valid PadReading> readings) {
        OnTest.ReadPad command(String part) {
            for (PadReading reading : readings) {
                InputProblem.require(
                        reading != null, "readings[" + readings.indexOf(null) + "]", null, "give a reading");
            }
            return new OnTest.ReadPad(
                    part,
                    piece,
                    method == null ? Entry.Method.BENCH : method,
                    readings.stream().map(PadReading::given).toList());
        }
    }

    record Typed(
            @NotNull(message = "type what the part's label says")
            @Size(max = 2000, message = "give up to 2,000 characters")
            String text) {}

    /** Either the ids of an offer, or the text of a part bought on the way. */
    record ChoiceGiven(
            @Nullable List<String> offer,
            @Nullable String text,
            @Nullable String returnDate) {
        Command command(String part) {
            InputProblem.require(
                    (offer == null) != (text == null),
                    "offer",
                    null,
                    "give either the ids of an offer or a label's text");
            return offer != null
                    ? new OnMatch.Choose(part, offer, returnDate)
                    : new OnMatch.ChooseTyped(part, String.valueOf(text), returnDate);
        }
    }

    record SheetView(String found, String left, List<StepView> steps, List<String> notes, long sinceMillis) {}

    record StepView(String key, String colour, String tracer, String text, boolean done, boolean stays) {}

    record Tick(@NotNull Entry.Checklist list, @NotNull String key, boolean on) {}

    record Closing(
            @NotNull(message = "say how it ended") Entry.Outcome outcome,

            @Nullable @Size(max = 1000, message = "give up to 1,000 characters")
            String note,

            @Nullable String returnDate,
            @Nullable Integer warrantyYears) {}

    @PostMapping("/label")
    CallView label(@PathVariable long id, @PathVariable String part, @Valid @RequestBody Label given, Sender sender) {
        return teller.after(id, sender, given.command(part));
    }

    @PutMapping("/measures")
    CallView measures(
            @PathVariable long id, @PathVariable String part, @Valid @RequestBody Measure given, Sender sender) {
        return teller.after(id, sender, given.command(part));
    }

    @ChangesNothing
    @PostMapping("/preview")
    Preview preview(@PathVariable long id, @PathVariable String part, @Valid @RequestBody Readings given) {
        OnTest.ReadPad reading = given.command(part);
        return Preview.of(teller.preview(id, reading, reading::judge));
    }

    @PostMapping("/readings")
    CallView measure(
            @PathVariable long id, @PathVariable String part, @Valid @RequestBody Readings given, Sender sender) {
        return teller.after(id, sender, given.command(part));
    }

    @GetMapping("/matches")
    MatchesView matches(@PathVariable long id, @PathVariable String part, Sender sender) {
        Calls.Open call = calls.open(id);
        PartState state = call.part(part);
        Map<String, Lying> lying = new HashMap<>(truck.lying(state.family(), sender.depot()));
        call.state()
                .together()
                .standing(state)
                .forEach(line -> lying.put(
                        line.id(),
                        new Lying(
                                state.family().shortText(line.spec()),
                                line.id().equals(PartsTogether.STAYING) ? "stays in" : "free on the other new one",
                                0.0)));
        return MatchesView.of(
                state.family(),
                matching(call, part).onTruck(truck.lines(state.added().kind(), sender.depot())),
                lying);
    }

    /** What the other trucks and the shop have for it. */
    @GetMapping("/elsewhere")
    MatchesView elsewhere(@PathVariable long id, @PathVariable String part, Sender sender) {
        Calls.Open call = calls.open(id);
        String kind = call.part(part).added().kind();
        return MatchesView.of(
                call.part(part).family(),
                matching(call, part).elsewhere(truck.elsewhere(kind, sender.depot())),
                truck.lying(call.part(part).family(), sender.depot()));
    }

    @ChangesNothing
    @PostMapping("/offer")
    MatchesView typed(@PathVariable long id, @PathVariable String part, @Valid @RequestBody Typed given) {
        Calls.Open call = calls.open(id);
        PartState state = call.part(part);
        var label = PartMatch.read(state.family(), given.text());
        return MatchesView.of(
                state.family(),
                matching(call, part).typed(label),
                Map.of(
                        PartMatch.TYPED,
                        new Lying(state.family().shortText(new Spec(label.fields())), "bought on the way", null)));
    }

    private PartMatch matching(Calls.Open call, String part) {
        return new PartMatch(call.state(), part, shop.inForce().rules());
    }

    @PostMapping("/choice")
    CallView choose(
            @PathVariable long id, @PathVariable String part, @Valid @RequestBody ChoiceGiven given, Sender sender) {
        return teller.after(id, sender, given.command(part));
    }

    @DeleteMapping("/choice")
    CallView putBack(@PathVariable long id, @PathVariable String part, Sender sender) {
        return teller.after(id, sender, new OnMatch.PutBack(part));
    }

    @PutMapping("/wires")
    CallView wires(@PathVariable long id, @PathVariable String part, @Valid @RequestBody Wires given, Sender sender) {
        var terminals = calls.working(id).part(part).terminals();
        return teller.after(id, sender, new OnHookUp.NameWires(part, given.on(terminals)));
    }

    /** Opens the sheet, which needs a dead reading. */
    @PostMapping("/sheet")
    SheetView sheet(@PathVariable long id, @PathVariable String part, Sender sender) {
        OnHookUp.OpenSheet opening = new OnHookUp.OpenSheet(part);
        changes.make(id, sender, opening);
        Calls.Open call = calls.open(id);
        Sheet sheet = opening.sheet(call.state());
        var ticked = call.part(part).ticked(Entry.Checklist.SHEET);
        return new SheetView(
                SvgWriter.write(Drawing.of(sheet.found()), "Wires as found"),
                SvgWriter.write(Drawing.of(sheet.left(), sheet.numbers()), "Wires as left"),
                sheet.steps().stream()
                        .map(s -> new StepView(
                                s.key(), s.colour(), s.tracer(), s.text(), ticked.contains(s.key()), s.stays()))
                        .toList(),
                sheet.notes(),
                call.state().deadness().sinceMillis());
    }

    @PostMapping("/ticks")
    CallView tick(@PathVariable long id, @PathVariable String part, @Valid @RequestBody Tick given, Sender sender) {
        return teller.after(id, sender, new OnHookUp.Tick(part, given.list(), given.key(), given.on()));
    }

    /** Every wire that goes back where it was, in one tick. */
    @PostMapping("/ticks/staying")
    CallView tickStaying(@PathVariable long id, @PathVariable String part, Sender sender) {
        return teller.after(id, sender, new OnHookUp.TickStaying(part));
    }

    @PostMapping("/close")
    CallView close(@PathVariable long id, @PathVariable String part, @Valid @RequestBody Closing given, Sender sender) {
        String note = given.note() == null ? "" : given.note();
        OnPart.Warranty warranty = given.warrantyYears() == null
                ? null
                : new OnPart.Warranty(
                        given.warrantyYears(), LocalDate.now(clock).toString());
        return teller.after(id, sender, new OnPart.Close(part, given.outcome(), note, given.returnDate(), warranty));
    }

    @PostMapping("/reopen")
    CallView reopen(@PathVariable long id, @PathVariable String part, Sender sender) {
        return teller.after(id, sender, new OnPart.Reopen(part));
    }
}
