package zestbench.server.call;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import zestbench.core.Families;
import zestbench.core.family.Family;
import zestbench.core.family.Spec;
import zestbench.core.family.TestRequest;
import zestbench.core.judgement.Judgement;
import zestbench.core.label.LabelRead;
import zestbench.core.plate.PlateFacts;
import zestbench.core.plate.Plates;
import zestbench.core.quantity.InputProblem;
import zestbench.core.quantity.Quantity;
import zestbench.core.quick.QuickLine;
import zestbench.core.tape.Entry;
import zestbench.core.tape.PartState;
import zestbench.server.call.CallViews.CallView;
import zestbench.server.call.CallViews.JudgedView;
import zestbench.server.person.Sender;
import zestbench.server.shop.Meters;
import zestbench.server.shop.Shop;

/** The quick line over HTTP: a preview while typing, and everything onto the tape at once. */
@RestController
class QuickHttp {
    private final Calls calls;
    private final Repair repair;
    private final Arrival arrival;
    private final Shop shop;
    private final Meters meters;
    private final Once once;
    private final Clock clock;

    QuickHttp(Calls calls, Repair repair, Arrival arrival, Shop shop, Meters meters, Once once, Clock clock) {
        this.calls = calls;
        this.repair = repair;
        this.arrival = arrival;
        this.shop = shop;
        this.meters = meters;
        this.once = once;
        this.clock = clock;
    }

    /** @param part the part at hand, for readings without a label */
    record Quick(
            @NotNull(message = "write something") @Size(max = 2000, message = "give up to 2,000 characters")
            String text,

            @Nullable String part) {}

    record QuickPreview(
            String rating,
            List<JudgedView> verdicts,
            List<String> unread,
            List<String> doubts,
            @Nullable String problem) {}

    @PostMapping("/api/calls/{id}/quick/preview")
    QuickPreview preview(@PathVariable long id, @Valid @RequestBody Quick given) {
        PartState part = part(id, given);
        QuickLine quick = QuickLine.of(given.text(), part == null ? List.of() : part.sections());
        LabelRead label = quick.label();
        if (label != null && quick.isPlate()) {
            Spec plate = new Spec(label.fields());
            return new QuickPreview(
                    "Plate: " + PlateFacts.of(plate).line(), List.of(), label.unread(), doubts(label), null);
        }
        Spec spec = label != null ? new Spec(label.fields()) : part == null ? Spec.EMPTY : part.spec();
        Family family = label != null && label.kind() != null
                ? Families.named(label.kind())
                : part == null ? Families.ALL.get(0) : part.family();
        List<JudgedView> verdicts = List.of();
        String problem = quick.problem();
        if (problem == null && !quick.readings().isEmpty()) {
            verdicts = judge(family, spec, quick).verdicts().stream()
                    .map(v -> JudgedView.of(0, v, List.of()))
                    .toList();
        }
        return new QuickPreview(
                spec.isEmpty() ? "" : family.shortText().apply(spec),
                verdicts,
                label == null ? List.of() : label.unread(),
                doubts(label),
                problem);
    }

    private static List<String> doubts(@Nullable LabelRead label) {
        return label == null
                ? List.of()
                : label.doubts().stream().map(LabelRead.Doubt::why).distinct().toList();
    }

    private Judgement judge(Family family, Spec spec, QuickLine quick) {
        return family.judge()
                .apply(new TestRequest(
                        spec,
                        quick.readings(),
                        meters.inUse(Quantity.MICROFARADS),
                        shop.inForce().rules()));
    }

    @PostMapping("/api/calls/{id}/quick")
    CallView quick(@PathVariable long id, @Valid @RequestBody Quick given, Sender sender) {
        return once.change(id, sender, () -> keep(id, given, sender.who()));
    }

    private void keep(long id, Quick given, String who) {
        PartState part = part(id, given);
        QuickLine quick = QuickLine.of(given.text(), part == null ? List.of() : part.sections());
        String problem = quick.problem();
        if (problem != null) {
            throw InputProblem.of("text", given.text(), problem);
        }
        LabelRead label = quick.label();
        if (quick.isPlate()) {
            arrival.readPlate(id, who, Plates.of(given.text()), given.text(), Arrival.PlateHand.NONE);
            return;
        }
        String partId = part == null ? null : part.id();
        if (label != null && label.kind() != null) {
            partId = partFor(id, who, label, part);
            String text = given.text().split(":", 2)[0];
            repair.label(id, who, partId, text, new Spec(label.fields()));
        }
        if (!quick.readings().isEmpty() && partId != null) {
            repair.measure(id, who, partId, null, Entry.Method.BENCH, quick.readings());
        }
    }

    /** The part at hand if its label is still open or says the same, else the first such part, else a new one. */
    private String partFor(long id, String who, LabelRead label, @Nullable PartState atHand) {
        String kind = String.valueOf(label.kind());
        Spec spec = new Spec(label.fields());
        if (atHand != null && takes(atHand, kind, spec)) {
            return atHand.id();
        }
        for (PartState part : calls.working(id).state().parts()) {
            if (takes(part, kind, spec)) {
                return part.id();
            }
        }
        return calls.addPart(
                id, who, clock.instant(), kind, Families.named(kind).title(), "Quick line", "");
    }

    private static boolean takes(PartState part, String kind, Spec spec) {
        boolean open = part.closed() == null
                && part.chosen() == null
                && part.added().kind().equals(kind);
        return open && (part.spec().isEmpty() || part.spec().equals(spec));
    }

    private @Nullable PartState part(long id, Quick given) {
        return given.part() == null ? null : calls.open(id).part(given.part());
    }
}
