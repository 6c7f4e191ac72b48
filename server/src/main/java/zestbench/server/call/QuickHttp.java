package zestbench.server.call;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import zestbench.core.Families;
import zestbench.core.capacitor.CapacitorLabel;
import zestbench.core.family.Family;
import zestbench.core.family.Spec;
import zestbench.core.family.TestRequest;
import zestbench.core.judgement.Finding;
import zestbench.core.judgement.Judgement;
import zestbench.core.label.LabelRead;
import zestbench.core.plate.PlateFacts;
import zestbench.core.plate.Plates;
import zestbench.core.quantity.InputProblem;
import zestbench.core.quick.MotorReadings;
import zestbench.core.quick.QuickLine;
import zestbench.core.tape.Entry;
import zestbench.core.tape.LabelInPieces;
import zestbench.core.tape.PartState;
import zestbench.server.call.CallViews.CallView;
import zestbench.server.call.CallViews.JudgedView;
import zestbench.server.once.ChangesNothing;
import zestbench.server.person.Sender;
import zestbench.server.shop.Meters;
import zestbench.server.shop.Shop;

/** The quick line over HTTP: a preview while typing, and everything onto the tape at once. */
@RestController
class QuickHttp {
    private final Calls calls;
    private final Repair repair;
    private final Arrival arrival;
    private final Motors motors;
    private final Shop shop;
    private final Meters meters;
    private final CallTeller teller;

    QuickHttp(Calls calls, Repair repair, Arrival arrival, Motors motors, Shop shop, Meters meters, CallTeller teller) {
        this.calls = calls;
        this.repair = repair;
        this.arrival = arrival;
        this.motors = motors;
        this.shop = shop;
        this.meters = meters;
        this.teller = teller;
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

    @ChangesNothing
    @PostMapping("/api/calls/{id}/quick/preview")
    QuickPreview preview(@PathVariable long id, @Valid @RequestBody Quick given) {
        PartState part = part(id, given);
        QuickLine quick = read(given, part);
        LabelRead label = quick.label();
        MotorReadings motor = quick.motor();
        if (motor != null) {
            return motor(id, part, motor);
        }
        if (label != null && quick.isPlate()) {
            Spec plate = new Spec(label.fields());
            return new QuickPreview(
                    "Plate: " + PlateFacts.of(plate).line(), List.of(), label.unread(), doubts(label), null);
        }
        Spec spec = label == null ? part == null ? Spec.EMPTY : part.spec() : whole(label, given, part);
        Family family = label != null && label.kind() != null
                ? Families.named(label.kind())
                : part == null ? Families.named(CapacitorLabel.KIND) : part.family();
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

    /** Windings or amps: of the motor at hand, else of the one that the rating points to. */
    private QuickPreview motor(long id, @Nullable PartState part, MotorReadings written) {
        Motors.Which which = which(id, part, written);
        MotorReadings.Amps amps = written.amps();
        Judgement judgement = amps != null
                ? motors.amps(id, which, taken(amps))
                : motors.windings(id, which, written.pairs(), null).judgement();
        return new QuickPreview(
                (amps != null ? "Amps, " : "Windings, ") + motors.name(id, which),
                judgement.verdicts().stream()
                        .map(v -> JudgedView.of(0, v, List.of()))
                        .toList(),
                List.of(),
                judgement.findings().stream().map(Finding::text).toList(),
                null);
    }

    private Motors.Which which(long id, @Nullable PartState part, MotorReadings written) {
        return motors.meant(id, part == null ? null : part.id(), written);
    }

    private static Motors.AmpsTaken taken(MotorReadings.Amps amps) {
        return new Motors.AmpsTaken(null, amps.amps(), amps.rated(), amps.inrush(), null, null);
    }

    private static QuickLine read(Quick given, @Nullable PartState part) {
        return part == null
                ? QuickLine.of(given.text(), List.of())
                : QuickLine.of(
                        given.text(),
                        part.sections(),
                        part.family(),
                        !part.missing().isEmpty());
    }

    /** What a label says, with what was known of the part it is a piece of. */
    private static Spec whole(LabelRead label, Quick given, @Nullable PartState part) {
        Spec said = new Spec(label.fields());
        String kind = label.kind();
        return part != null && kind != null && LabelInPieces.belongs(part, Families.named(kind), said)
                ? LabelInPieces.typed(part, text(given)).spec()
                : said;
    }

    /** What stands before the readings. */
    private static String text(Quick given) {
        return given.text().split(":", 2)[0];
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
                        meters.inUse(quick.readings().get(0).reading().quantity()),
                        shop.inForce().rules()));
    }

    @PostMapping("/api/calls/{id}/quick")
    CallView quick(@PathVariable long id, @Valid @RequestBody Quick given, Sender sender) {
        return teller.after(id, () -> keep(id, given, sender.who()));
    }

    private void keep(long id, Quick given, String who) {
        PartState part = part(id, given);
        QuickLine quick = read(given, part);
        String problem = quick.problem();
        if (problem != null) {
            throw InputProblem.of("text", given.text(), problem);
        }
        LabelRead label = quick.label();
        MotorReadings motor = quick.motor();
        if (motor != null) {
            Motors.Which which = which(id, part, motor);
            MotorReadings.Amps amps = motor.amps();
            if (amps != null) {
                motors.readAmps(id, who, which, taken(amps));
            } else {
                motors.readWindings(id, who, which, motor.pairs(), null);
            }
            return;
        }
        if (quick.isPlate()) {
            arrival.readPlate(id, who, Plates.of(given.text()), given.text(), Arrival.PlateHand.NONE);
            return;
        }
        String partId = part == null ? null : part.id();
        if (label != null && label.kind() != null) {
            partId = partFor(id, who, label, part);
            if (!says(calls.working(id).part(partId), new Spec(label.fields()))) {
                repair.label(id, who, partId, text(given));
            }
        }
        if (!quick.readings().isEmpty() && partId != null) {
            repair.measure(id, who, partId, null, Entry.Method.BENCH, quick.readings());
        }
    }

    /** The part at hand if its label leaves open what is said, or says the same, else the first such part, else a new one. */
    private String partFor(long id, String who, LabelRead label, @Nullable PartState atHand) {
        String kind = String.valueOf(label.kind());
        Family family = Families.named(kind);
        Spec spec = new Spec(label.fields());
        if (atHand != null && LabelInPieces.belongs(atHand, family, spec)) {
            return atHand.id();
        }
        for (PartState part : calls.working(id).state().parts()) {
            boolean isBare = part.spec().isEmpty() || says(part, spec);
            if (isBare && LabelInPieces.belongs(part, family, spec)) {
                return part.id();
            }
        }
        return calls.addPart(id, who, kind, family.title(), "Quick line", "");
    }

    /** Whether the part's label says all that was written, and maybe more. */
    private static boolean says(PartState part, Spec spec) {
        return part.spec()
                .values()
                .fields()
                .entrySet()
                .containsAll(spec.values().fields().entrySet());
    }

    private @Nullable PartState part(long id, Quick given) {
        return given.part() == null ? null : calls.open(id).part(given.part());
    }
}
