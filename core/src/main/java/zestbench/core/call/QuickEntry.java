package zestbench.core.call;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import zestbench.core.Families;
import zestbench.core.family.Family;
import zestbench.core.family.Spec;
import zestbench.core.family.TestRequest;
import zestbench.core.family.Trait;
import zestbench.core.judgement.Finding;
import zestbench.core.judgement.Judged;
import zestbench.core.judgement.Judgement;
import zestbench.core.label.LabelRead;
import zestbench.core.plate.PlateFacts;
import zestbench.core.plate.Plates;
import zestbench.core.plate.RatedMotor;
import zestbench.core.quantity.Figures;
import zestbench.core.quantity.InputProblem;
import zestbench.core.quick.MotorReadings;
import zestbench.core.quick.QuickLine;
import zestbench.core.tape.CallState;
import zestbench.core.tape.Entry;
import zestbench.core.tape.LabelInPieces;
import zestbench.core.tape.PartState;

/**
 * A quick line: label, readings, windings, amps or a plate in one go, onto the part it belongs to.
 *
 * @param text as written
 * @param part at hand, for readings without a label; null where none is
 */
public record QuickEntry(String text, @Nullable String part) implements Command {
    private static final String PLACE = "Quick line";

    /**
     * What it would come to, without keeping it.
     *
     * @param rating what the label amounts to, or what is read; empty where there is none
     * @param remarks on what is read beside the verdicts, and doubts of the label
     * @param problem what is wrong, and what would be right; null where all was understood
     */
    public record Preview(
            String rating,
            List<Judged> verdicts,
            List<String> unread,
            List<String> remarks,
            @Nullable String problem) {}

    @Override
    public Set<Need> needs() {
        return Set.of(Need.UNIT);
    }

    @Override
    public Decision decide(CallState state, Surroundings around) {
        PartState atHand = atHand(state);
        QuickLine quick = read(atHand);
        if (quick.problem() != null) {
            throw InputProblem.of("text", text, quick.problem());
        }
        MotorReadings motor = quick.motor();
        if (motor != null) {
            return motor.amps() != null
                    ? amps(motor.amps(), state, around, atHand).decide(state, around)
                    : windings(motor, state, around, atHand).decide(state, around);
        }
        if (quick.isPlate()) {
            return new OnArrival.ReadPlate(Plates.of(text), text).decide(state, around);
        }
        Decision out = Decision.NOTHING;
        String on = atHand == null ? null : atHand.id();
        CallState now = state;
        LabelRead label = quick.label();
        if (label != null && label.kind() != null) {
            Family family = Families.named(label.kind());
            Spec said = new Spec(label.fields());
            PartState known = partFor(family, said, state, atHand).orElse(null);
            if (known == null) {
                Decision added = new OnCall.AddPart(family.kind(), null, PLACE, "").decide(state, around);
                out = out.then(added);
                now = Decider.evolve(state, out.entries());
            }
            on = known == null ? around.freshPart() : known.id();
            if (!says(now.part(on), said)) {
                out = out.then(new OnLabel.Type(on, labelText()).decide(now, around));
                now = Decider.evolve(state, out.entries());
            }
        }
        return quick.readings().isEmpty() || on == null
                ? out
                : out.then(new OnTest.Read(on, null, Entry.Method.BENCH, quick.readings()).decide(now, around));
    }

    /** What it would come to. */
    public Preview preview(CallState state, Surroundings around) {
        PartState atHand = atHand(state);
        QuickLine quick = read(atHand);
        MotorReadings motor = quick.motor();
        if (motor != null) {
            return preview(motor, state, around, atHand);
        }
        LabelRead label = quick.label();
        if (label != null && quick.isPlate()) {
            String facts = PlateFacts.of(new Spec(label.fields())).line();
            return new Preview("Plate: " + facts, List.of(), label.unread(), doubts(label), null);
        }
        Spec spec = label == null ? atHand == null ? Spec.EMPTY : atHand.spec() : whole(label, atHand);
        Family family = label != null && label.kind() != null
                ? Families.named(label.kind())
                : atHand == null ? Families.with(Trait.TOLD_BY_FIGURES) : atHand.family();
        boolean isJudged = quick.problem() == null && !quick.readings().isEmpty();
        return new Preview(
                spec.isEmpty() ? "" : family.shortText(spec),
                isJudged ? judged(family, spec, quick, around) : List.of(),
                label == null ? List.of() : label.unread(),
                label == null ? List.of() : doubts(label),
                quick.problem());
    }

    private static List<Judged> judged(Family family, Spec spec, QuickLine quick, Surroundings around) {
        return family.judge(new TestRequest(
                        spec,
                        quick.readings(),
                        around.meter(quick.readings().get(0).reading().quantity()),
                        around.rules()))
                .verdicts();
    }

    private Preview preview(MotorReadings motor, CallState state, Surroundings around, @Nullable PartState atHand) {
        MotorReadings.Amps amps = motor.amps();
        Judgement judgement = amps != null
                ? amps(amps, state, around, atHand).judge(state, around)
                : windings(motor, state, around, atHand).judge(state, around).judgement();
        String name = MeantMotor.of(meant(motor, state, around, atHand), state, around)
                .called();
        return new Preview(
                (amps != null ? "Amps, " : "Windings, ") + name,
                judgement.verdicts(),
                List.of(),
                judgement.findings().stream().map(Finding::text).toList(),
                null);
    }

    private @Nullable PartState atHand(CallState state) {
        return part == null ? null : state.part(part);
    }

    private QuickLine read(@Nullable PartState atHand) {
        return atHand == null
                ? QuickLine.of(text, List.of())
                : QuickLine.of(
                        text,
                        atHand.sections(),
                        atHand.family(),
                        !atHand.missing().isEmpty());
    }

    /** What stands before the readings. */
    private String labelText() {
        return text.split(":", 2)[0];
    }

    /** What a label says, with what was known of the part it is a piece of. */
    private Spec whole(LabelRead label, @Nullable PartState atHand) {
        Spec said = new Spec(label.fields());
        String kind = label.kind();
        return atHand != null && kind != null && LabelInPieces.belongs(atHand, Families.named(kind), said)
                ? LabelInPieces.typed(atHand, labelText()).spec()
                : said;
    }

    private static List<String> doubts(LabelRead label) {
        return label.doubts().stream().map(LabelRead.Doubt::why).distinct().toList();
    }

    /** The part at hand if its label leaves open what is said, or says the same, else the first such part; empty where a new one is meant. */
    private static Optional<PartState> partFor(Family family, Spec said, CallState state, @Nullable PartState atHand) {
        if (atHand != null && LabelInPieces.belongs(atHand, family, said)) {
            return Optional.of(atHand);
        }
        for (PartState known : state.parts()) {
            boolean isBare = known.spec().isEmpty() || says(known, said);
            if (isBare && LabelInPieces.belongs(known, family, said)) {
                return Optional.of(known);
            }
        }
        return Optional.empty();
    }

    /** Whether the part's label says all that was written, and maybe more. */
    private static boolean says(PartState part, Spec said) {
        return part.spec()
                .values()
                .fields()
                .entrySet()
                .containsAll(said.values().fields().entrySet());
    }

    private OnMotor.ReadAmps amps(
            MotorReadings.Amps amps, CallState state, Surroundings around, @Nullable PartState atHand) {
        MeantMotor.Which which = meant(new MotorReadings(List.of(), amps), state, around, atHand);
        return new OnMotor.ReadAmps(which, null, amps.amps(), amps.rated(), amps.inrush(), null, null, List.of());
    }

    private OnMotor.ReadWindings windings(
            MotorReadings motor, CallState state, Surroundings around, @Nullable PartState atHand) {
        return new OnMotor.ReadWindings(meant(motor, state, around, atHand), motor.pairs(), null);
    }

    /** Which motor is spoken of: the one that is named, the one at hand, the one whose rating is given. */
    private static MeantMotor.Which meant(
            MotorReadings written, CallState state, Surroundings around, @Nullable PartState atHand) {
        MotorReadings.Amps amps = written.amps();
        if (amps != null && amps.place() != null) {
            return new MeantMotor.Which(null, null, amps.place());
        }
        if (atHand != null && atHand.family().turns()) {
            return new MeantMotor.Which(null, atHand.id(), null);
        }
        Double rated = amps == null ? null : amps.rated();
        List<UnitPlace> meant = around.knownPlaces().stream()
                .filter(UnitPlace::turns)
                .filter(place ->
                        amps == null ? place.isCompressor() : rated != null && isRated(state, place.name(), rated))
                .toList();
        InputProblem.require(
                meant.size() == 1,
                "text",
                null,
                amps == null
                        ? "say whose windings: open the motor, or its sheet under Plate"
                        : "say which motor: amps compressor 17.2, amps fan 1.7 of 1.9, or amps blower 4.1");
        return new MeantMotor.Which(meant.get(0).id(), null, null);
    }

    private static boolean isRated(CallState state, String place, double amps) {
        RatedMotor motor = RatedMotor.at(state.plates(), place);
        Double limit = motor.rated().limit(motor.kind());
        return limit != null && Math.abs(limit - amps) < Figures.SAME;
    }
}
