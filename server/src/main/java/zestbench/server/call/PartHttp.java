package zestbench.server.call;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
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
import zestbench.core.capacitor.UnderLoad;
import zestbench.core.family.Family;
import zestbench.core.family.MatchAnswer;
import zestbench.core.family.MatchAnswer.Match;
import zestbench.core.family.Spec;
import zestbench.core.family.TestRequest.SectionReading;
import zestbench.core.judgement.Criterion;
import zestbench.core.judgement.Grade;
import zestbench.core.judgement.Judgement;
import zestbench.core.quantity.InputProblem;
import zestbench.core.quantity.Quantity;
import zestbench.core.quantity.Reading;
import zestbench.core.tape.CallState;
import zestbench.core.tape.Entry;
import zestbench.core.value.Value;
import zestbench.core.wiring.Drawing;
import zestbench.core.wiring.Sheet;
import zestbench.core.wiring.SvgWriter;
import zestbench.core.wiring.Wire;
import zestbench.server.call.CallViews.CallView;
import zestbench.server.call.CallViews.FindingView;
import zestbench.server.call.CallViews.JudgedView;
import zestbench.server.once.ChangesNothing;
import zestbench.server.person.Sender;
import zestbench.server.shop.Meters;
import zestbench.server.truck.Truck;

/** The six steps of a part over HTTP. */
@RestController
@RequestMapping("/api/calls/{id}/parts/{part}")
class PartHttp {
    private final Calls calls;
    private final Repair repair;
    private final Truck truck;
    private final Meters meters;
    private final CallTeller teller;

    PartHttp(Calls calls, Repair repair, Truck truck, Meters meters, CallTeller teller) {
        this.calls = calls;
        this.repair = repair;
        this.truck = truck;
        this.meters = meters;
        this.teller = teller;
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
    }

    /** Something measured on the part itself. @param fields holds it under its name; left out where it is taken back */
    record Measure(
            @NotNull(message = "name the measure") @Size(max = 40)
            String name,

            Value.@Nullable Fields fields) {}

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
            @Nullable Double hertz) {}

    record Readings(
            @Nullable Integer piece,
            Entry.@Nullable Method method,
            @NotNull(message = "give the readings") List<@Valid PadReading> readings) {}

    record Preview(List<JudgedView> verdicts, List<FindingView> findings) {}

    record MatchesView(List<FindingView> findings, List<OfferView> offers, List<RefusedView> refused) {}

    /**
     * @param canBeChosen whether it may be fitted
     * @param isRefused whether it may never be
     * @param needsReturnDate whether it comes out again on a day that has to be named
     * @param isPartlyThere whether a piece of it is in the unit already
     */
    record OfferView(
            List<String> offer,
            String title,
            Grade grade,
            String word,
            String where,
            List<CellView> cells,
            List<String> changes,
            List<String> asks,
            boolean canBeChosen,
            boolean isRefused,
            boolean needsReturnDate,
            boolean isPartlyThere) {}

    /** @param saysMore whether why is said; a plain same needs no words */
    record CellView(
            String attribute,
            String required,
            String offered,
            Grade outcome,
            boolean saysMore,
            String why,
            String mark) {}

    record RefusedView(String reason, int count) {}

    record Typed(
            @NotNull(message = "type what the part's label says")
            @Size(max = 2000, message = "give up to 2,000 characters")
            String text) {}

    /** Either the ids of an offer, or the text of a part bought on the way. */
    record ChoiceGiven(
            @Nullable List<String> offer,
            @Nullable String text,
            @Nullable String returnDate) {}

    record Wires(@NotNull(message = "give the wires") List<@Valid WireGiven> wires) {}

    record WireGiven(
            @NotNull @Size(max = 20) String terminal,
            @NotNull @Size(max = 20) String colour,
            @Nullable @Size(max = 20) String tracer,

            @NotNull @Size(max = 60, message = "give up to 60 characters")
            String name) {}

    record SheetView(String found, String left, List<StepView> steps, List<String> notes, long sinceMillis) {}

    record StepView(String key, String colour, String tracer, String text, boolean done) {}

    record Tick(@NotNull Entry.Checklist list, @NotNull String key, boolean on) {}

    record Closing(
            @NotNull(message = "say how it ended") Entry.Outcome outcome,

            @Nullable @Size(max = 1000, message = "give up to 1,000 characters")
            String note,

            @Nullable String returnDate) {}

    @PostMapping("/label")
    CallView label(@PathVariable long id, @PathVariable String part, @Valid @RequestBody Label given, Sender sender) {
        return teller.after(id, () -> label(id, sender.who(), part, given));
    }

    private void label(long id, String who, String part, Label given) {
        if (given.fields() == null) {
            repair.label(id, who, part, given.text());
        } else {
            repair.label(id, who, part, given.text(), new Spec(given.fields()), Set.copyOf(given.checked()));
        }
    }

    @PutMapping("/measures")
    CallView measures(
            @PathVariable long id, @PathVariable String part, @Valid @RequestBody Measure given, Sender sender) {
        return teller.after(
                id,
                () -> repair.measures(
                        id,
                        sender.who(),
                        part,
                        given.name(),
                        given.fields() == null ? null : given.fields().fields().get(given.name())));
    }

    @ChangesNothing
    @PostMapping("/preview")
    Preview preview(@PathVariable long id, @PathVariable String part, @Valid @RequestBody Readings given) {
        Judgement judgement = repair.judge(id, part, given.piece(), readings(id, part, given));
        return new Preview(
                judgement.verdicts().stream()
                        .map(v -> JudgedView.of(0, v, List.of()))
                        .toList(),
                judgement.findings().stream().map(FindingView::of).toList());
    }

    @PostMapping("/readings")
    CallView measure(
            @PathVariable long id, @PathVariable String part, @Valid @RequestBody Readings given, Sender sender) {
        Entry.Method method = given.method() == null ? Entry.Method.BENCH : given.method();
        List<SectionReading> readings = readings(id, part, given);
        return teller.after(id, () -> repair.measure(id, sender.who(), part, given.piece(), method, readings));
    }

    private List<SectionReading> readings(long id, String part, Readings given) {
        Family family = calls.open(id).part(part).family();
        List<SectionReading> out = new ArrayList<>();
        for (PadReading pad : given.readings()) {
            String field = "readings[" + out.size() + "]";
            InputProblem.require(pad != null, field, null, "give a reading");
            out.add(reading(family, pad, field));
        }
        return out;
    }

    private SectionReading reading(Family family, PadReading pad, String field) {
        Quantity quantity = family.quantity().apply(pad.section() == null ? "" : pad.section());
        if (pad.amps() != null || pad.volts() != null) {
            double amps = InputProblem.given(pad.amps(), field + ".amps", "give the start-winding amps");
            double volts = InputProblem.given(pad.volts(), field + ".volts", "give the volts across the capacitor");
            double hertz = pad.hertz() == null ? 60 : pad.hertz();
            return UnderLoad.of(amps, volts, hertz, meters.inUse(Quantity.AMPS)).of(pad.section());
        }
        if (Boolean.TRUE.equals(pad.open())) {
            return new SectionReading(pad.section(), Reading.open(quantity));
        }
        if (Boolean.TRUE.equals(pad.overRange())) {
            return new SectionReading(pad.section(), Reading.overRange(quantity));
        }
        boolean isFarads = quantity == Quantity.MICROFARADS;
        Double value = pad.value() == null && isFarads ? pad.microfarads() : pad.value();
        double figure = InputProblem.given(
                value, field + (isFarads ? ".microfarads" : ".value"), "give " + quantity.unit() + ", OL or open");
        return new SectionReading(pad.section(), Reading.of(quantity, figure));
    }

    @GetMapping("/matches")
    MatchesView matches(@PathVariable long id, @PathVariable String part, Sender sender) {
        String kind = calls.open(id).part(part).added().kind();
        Map<String, String> whereabouts = new HashMap<>(truck.whereabouts(kind, sender.depot()));
        calls.open(id)
                .state()
                .standing(calls.open(id).part(part))
                .forEach(line -> whereabouts.put(
                        line.id(), line.id().equals(CallState.STAYING) ? "stays in" : "free on the other new one"));
        return view(calls.open(id).part(part).family(), repair.match(id, part, sender.depot()), whereabouts);
    }

    /** What the other trucks and the shop have for it. */
    @GetMapping("/elsewhere")
    MatchesView elsewhere(@PathVariable long id, @PathVariable String part, Sender sender) {
        Family family = calls.open(id).part(part).family();
        return view(
                family, repair.elsewhere(id, part, sender.depot()), truck.whereabouts(family.kind(), sender.depot()));
    }

    @ChangesNothing
    @PostMapping("/offer")
    MatchesView typed(@PathVariable long id, @PathVariable String part, @Valid @RequestBody Typed given) {
        var label = Repair.readAs(calls.open(id).part(part).family(), given.text());
        Family family = calls.open(id).part(part).family();
        return view(family, repair.matchTyped(id, part, label), Map.of(Repair.TYPED, "bought on the way"));
    }

    static MatchesView view(Family family, MatchAnswer answer, Map<String, String> whereabouts) {
        List<OfferView> offers = answer.matches().stream()
                .map(m -> new OfferView(
                        m.offer(),
                        m.title(),
                        m.grade(),
                        m.grade().word(),
                        String.join(
                                ", ",
                                m.offer().stream()
                                        .map(o -> whereabouts.getOrDefault(o, o))
                                        .distinct()
                                        .toList()),
                        m.criteria().stream().map(c -> cell(family, c)).toList(),
                        m.changes(),
                        m.asks(),
                        m.grade().fits(),
                        m.grade() == Grade.REFUSED,
                        m.grade().needsReturnDate(),
                        m.offer().stream().anyMatch(CallState::isStanding)))
                .toList();
        return new MatchesView(
                answer.findings().stream().map(FindingView::of).toList(), offers, refused(family, answer.matches()));
    }

    private static CellView cell(Family family, Criterion c) {
        return new CellView(
                family.titleOf(c.attribute()),
                c.required(),
                c.offered(),
                c.outcome(),
                c.saysMore(),
                c.why().text(),
                c.why().mark().source());
    }

    private static List<RefusedView> refused(Family family, List<Match> matches) {
        Map<String, Integer> counts = new LinkedHashMap<>();
        for (Match match : matches) {
            if (match.grade() == Grade.REFUSED) {
                match.criteria().stream()
                        .filter(c -> c.outcome() == Grade.REFUSED)
                        .findFirst()
                        .ifPresent(c -> counts.merge(family.titleOf(c.attribute()), 1, Integer::sum));
            }
        }
        return counts.entrySet().stream()
                .map(e -> new RefusedView(e.getKey(), e.getValue()))
                .toList();
    }

    @PostMapping("/choice")
    CallView choose(
            @PathVariable long id, @PathVariable String part, @Valid @RequestBody ChoiceGiven given, Sender sender) {
        List<String> offer = given.offer();
        String text = given.text();
        InputProblem.require(
                (offer == null) != (text == null), "offer", null, "give either the ids of an offer or a label's text");
        return teller.after(id, () -> {
            if (offer != null) {
                repair.choose(id, sender, part, offer, given.returnDate());
            } else if (text != null) {
                repair.chooseTyped(id, sender.who(), part, text, given.returnDate());
            }
        });
    }

    @DeleteMapping("/choice")
    CallView putBack(@PathVariable long id, @PathVariable String part, Sender sender) {
        return teller.after(id, () -> repair.putBack(id, sender.who(), part));
    }

    @PutMapping("/wires")
    CallView wires(@PathVariable long id, @PathVariable String part, @Valid @RequestBody Wires given, Sender sender) {
        return teller.after(id, () -> {
            var state = calls.working(id).part(part);
            List<Wire> wires = WiringHttp.wires(given, state.terminals());
            InputProblem.require(
                    !wires.isEmpty() || !state.wires().isEmpty(),
                    "wires",
                    0,
                    "name at least one wire, or go on without naming wires");
            calls.add(id, sender.who(), new Entry.WiresFound(part, wires));
        });
    }

    /** Opens the sheet, which needs a dead reading. */
    @PostMapping("/sheet")
    SheetView sheet(@PathVariable long id, @PathVariable String part, Sender sender) {
        Sheet sheet = repair.sheet(id, sender.who(), part);
        Calls.Open call = calls.open(id);
        var deadness = call.state().deadness();
        var ticked = call.part(part).ticked(Entry.Checklist.SHEET);
        return new SheetView(
                SvgWriter.write(Drawing.of(sheet.found()), "Wires as found"),
                SvgWriter.write(Drawing.of(sheet.left()), "Wires as left"),
                sheet.steps().stream()
                        .map(s -> new StepView(s.key(), s.colour(), s.tracer(), s.text(), ticked.contains(s.key())))
                        .toList(),
                sheet.notes(),
                deadness.sinceMillis());
    }

    @PostMapping("/ticks")
    CallView tick(@PathVariable long id, @PathVariable String part, @Valid @RequestBody Tick given, Sender sender) {
        return teller.after(id, () -> repair.tick(id, sender.who(), part, given.list(), given.key(), given.on()));
    }

    @PostMapping("/close")
    CallView close(@PathVariable long id, @PathVariable String part, @Valid @RequestBody Closing given, Sender sender) {
        String note = given.note() == null ? "" : given.note();
        return teller.after(id, () -> repair.close(id, sender.who(), part, given.outcome(), note, given.returnDate()));
    }

    @PostMapping("/reopen")
    CallView reopen(@PathVariable long id, @PathVariable String part, Sender sender) {
        return teller.after(id, () -> repair.reopen(id, sender.who(), part));
    }
}
