package zestbench.server.call;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zestbench.core.amps.RunningAmps;
import zestbench.core.amps.RunningAmps.Rated;
import zestbench.core.amps.RunningAmps.Taken;
import zestbench.core.family.Look;
import zestbench.core.family.Spec;
import zestbench.core.judgement.Judged;
import zestbench.core.judgement.Judgement;
import zestbench.core.judgement.Verdict;
import zestbench.core.motor.BeltDrive;
import zestbench.core.motor.MotorFamily;
import zestbench.core.motor.MotorLabel;
import zestbench.core.plate.RatedMotor;
import zestbench.core.quantity.InputProblem;
import zestbench.core.quantity.Quantity;
import zestbench.core.quick.MotorReadings;
import zestbench.core.tape.Entry;
import zestbench.core.tape.PartState;
import zestbench.core.tape.ProofList;
import zestbench.core.transformer.Primary;
import zestbench.core.winding.PairOhms;
import zestbench.core.winding.Windings;
import zestbench.core.wiring.Wire;
import zestbench.server.shop.Meters;
import zestbench.server.shop.Shop;
import zestbench.server.unit.Place;

/** Windings, amps and belts of the motors of a unit, in question or not, and what a part looks and feels like. */
@Service
public class Motors {
    private static final String COMPRESSOR = "compressor";

    private final Calls calls;
    private final Meters meters;
    private final Shop shop;

    Motors(Calls calls, Meters meters, Shop shop) {
        this.calls = calls;
        this.meters = meters;
        this.shop = shop;
    }

    /** Which motor is meant: a place of the unit, a part in question, or only what kind of motor it is. */
    record Which(@Nullable Long placeId, @Nullable String part, RunningAmps.@Nullable Place kind) {}

    /** A motor that was found. @param part in question there; null where there is none @param name of its place; null where only the kind is known */
    private record Motor(@Nullable PartState part, @Nullable String name, String placeKind, RunningAmps.Place kind) {}

    /** Amps as read. @param rated null where plate or label tells it */
    record AmpsTaken(
            @Nullable String speed,
            double amps,
            @Nullable Double rated,
            @Nullable Double inrush,
            @Nullable Double volts,
            @Nullable Boolean pressuresEqual) {}

    /** Windings as they would be judged, without keeping them. */
    Windings.Found windings(long callId, Which which, List<PairOhms> readings, @Nullable Boolean shellHot) {
        Calls.Open call = calls.working(callId);
        boolean isCompressor = motor(call, which).placeKind().equals(COMPRESSOR);
        int phase = isCompressor ? call.state().plates().facts().phase() : 0;
        return Windings.judge(readings, shellHot, phase, meters.inUse(Quantity.OHMS));
    }

    /** Judges windings and puts them on the tape. */
    @Transactional
    public void readWindings(
            long callId, String who, Which which, List<PairOhms> readings, @Nullable Boolean shellHot) {
        Windings.Found found = windings(callId, which, readings, shellHot);
        Motor motor = motor(calls.working(callId), which);
        calls.add(
                callId,
                who,
                new Entry.WindingsRead(
                        motor.part() == null ? null : motor.part().id(),
                        InputProblem.given(motor.name(), "placeId", "say which motor"),
                        motor.placeKind(),
                        shellHot,
                        found.judgement().verdicts(),
                        found.judgement().findings(),
                        found.named().map(Windings.Named::words).orElse(""),
                        found.isCoolingDown(),
                        meters.inUse(Quantity.OHMS).text()));
    }

    /** Running amps as they would be judged, without keeping them. */
    Judgement amps(long callId, Which which, AmpsTaken taken) {
        Calls.Open call = calls.working(callId);
        Motor motor = motor(call, which);
        Rated rated = rated(call, motor, taken);
        return RunningAmps.judge(List.of(taken(call, motor, taken)), rated, meters.inUse(Quantity.AMPS));
    }

    /** Judges running amps and puts them on the tape. */
    @Transactional
    public void readAmps(long callId, String who, Which which, AmpsTaken taken) {
        Calls.Open call = calls.working(callId);
        Motor motor = motor(call, which);
        Rated rated = rated(call, motor, taken);
        Judgement judgement = amps(callId, which, taken);
        List<Judged> all = judgement.verdicts();
        Double limit = motor.kind() == RunningAmps.Place.COMPRESSOR ? rated.ratedLoad() : rated.fullLoad();
        calls.add(
                callId,
                who,
                new Entry.AmpsRead(
                        motor.part() == null ? which.part() : motor.part().id(),
                        motor.kind(),
                        all.get(0),
                        judgement.findings(),
                        motor.name(),
                        taken.speed() == null || taken.speed().isBlank() ? null : taken.speed(),
                        all.size() > 1 ? all.subList(1, all.size()) : null,
                        taken.inrush(),
                        taken(call, motor, taken).isPumping(limit),
                        meters.inUse(Quantity.AMPS).text()));
    }

    private static Taken taken(Calls.Open call, Motor motor, AmpsTaken given) {
        return new Taken(
                motor.kind(),
                given.amps(),
                given.inrush(),
                given.volts(),
                given.pressuresEqual(),
                call.state().isSaidSilent());
    }

    /** The motor's own label goes before the plate, what was typed before both. */
    private static Rated rated(Calls.Open call, Motor motor, AmpsTaken taken) {
        Rated byPlate = motor.name() == null
                ? new Rated(null, null, null)
                : RatedMotor.at(call.state().plates(), motor.name()).rated();
        Double ratedLoad = byPlate.ratedLoad();
        Double fullLoad = byPlate.fullLoad();
        Double lockedRotor = byPlate.lockedRotor();
        List<Double> volts = byPlate.volts();
        if (motor.part() != null) {
            Spec label = label(motor.part());
            int speed = speeds(motor.part()).indexOf(taken.speed() == null ? "" : taken.speed());
            fullLoad = MotorFamily.ratedAmps(label, lineVolts(call, motor.part()), speed)
                    .orElse(fullLoad);
            lockedRotor = label.number("lockedRotorAmps").orElse(lockedRotor);
            volts = label.numberGroups("volts").isEmpty() ? volts : connection(label, lineVolts(call, motor.part()));
        }
        if (taken.rated() != null) {
            InputProblem.require(taken.rated() > 0, "rated", taken.rated(), "give the plate's RLA or FLA, above 0");
            ratedLoad = taken.rated();
            fullLoad = taken.rated();
        }
        return new Rated(ratedLoad, fullLoad, lockedRotor, volts);
    }

    private static Optional<Double> lineVolts(Calls.Open call, PartState part) {
        return Optional.ofNullable(call.state().circuit(part).lineVolts());
    }

    private static List<Double> connection(Spec label, Optional<Double> line) {
        List<List<Double>> groups = label.numberGroups("volts");
        return groups.size() == 1
                ? groups.get(0)
                : line.flatMap(l -> groups.stream()
                                .filter(g -> g.stream().anyMatch(v -> Math.abs(l - v) <= v / 10))
                                .findFirst())
                        .orElse(List.of());
    }

    /** The label of what turns there: the new motor's once one is chosen. */
    private static Spec label(PartState part) {
        Entry.Chosen chosen = part.chosen();
        return chosen == null ? part.spec() : chosen.pieces().get(0).spec();
    }

    /** Names of the speed taps, fastest first. */
    private static List<String> speeds(PartState part) {
        return MotorFamily.taps(label(part));
    }

    private static Motor motor(Calls.Open call, Which which) {
        if (which.part() != null) {
            PartState part = call.part(which.part());
            if (part.family().kind().equals(MotorLabel.KIND)) {
                String place = part.added().place();
                return new Motor(part, place, MotorLabel.KIND, RatedMotor.kindOf(place));
            }
        }
        if (which.placeId() != null) {
            Place place = Arrival.place(call, which.placeId());
            boolean isMotor = place.kind().equals(COMPRESSOR) || place.kind().equals(MotorLabel.KIND);
            InputProblem.require(isMotor, "placeId", place.name(), "give the place of a compressor or a motor");
            return new Motor(
                    inQuestion(call, place.name()), place.name(), place.kind(), RatedMotor.kindOf(place.name()));
        }
        RunningAmps.Place kind = InputProblem.given(which.kind(), "place", "give COMPRESSOR, FAN or BLOWER");
        String name = call.row().unit() == null
                ? null
                : call.row().unit().places().stream()
                        .filter(p -> p.kind().equals(COMPRESSOR) || p.kind().equals(MotorLabel.KIND))
                        .map(Place::name)
                        .filter(n -> RatedMotor.kindOf(n) == kind)
                        .findFirst()
                        .orElse(null);
        return new Motor(null, name, kind == RunningAmps.Place.COMPRESSOR ? COMPRESSOR : MotorLabel.KIND, kind);
    }

    /** What the motor that is meant is called. */
    String name(long callId, Which which) {
        Motor motor = motor(calls.working(callId), which);
        return motor.name() == null ? motor.kind().name().toLowerCase(java.util.Locale.ROOT) : motor.name();
    }

    /** Which motor a quick line speaks of: the one it names, the one at hand, the one whose rating it gives. */
    Which meant(long callId, @Nullable String partId, MotorReadings written) {
        Calls.Open call = calls.working(callId);
        MotorReadings.Amps amps = written.amps();
        if (amps != null && amps.place() != null) {
            return new Which(null, null, amps.place());
        }
        PartState atHand = partId == null ? null : call.part(partId);
        if (atHand != null && atHand.family().kind().equals(MotorLabel.KIND)) {
            return new Which(null, partId, null);
        }
        List<Place> places = call.row().unit() == null
                ? List.of()
                : call.row().unit().places().stream()
                        .filter(p -> p.kind().equals(COMPRESSOR) || p.kind().equals(MotorLabel.KIND))
                        .toList();
        Double rated = amps == null ? null : amps.rated();
        List<Place> meant = amps == null
                ? places.stream().filter(p -> p.kind().equals(COMPRESSOR)).toList()
                : places.stream()
                        .filter(p -> rated != null && isRated(call, p.name(), rated))
                        .toList();
        InputProblem.require(
                meant.size() == 1,
                "text",
                null,
                amps == null
                        ? "say whose windings: open the motor, or its sheet under Plate"
                        : "say which motor: amps compressor 17.2, amps fan 1.7 of 1.9, or amps blower 4.1");
        return new Which(meant.get(0).id(), null, null);
    }

    private static boolean isRated(Calls.Open call, String place, double amps) {
        Rated rated = RatedMotor.at(call.state().plates(), place).rated();
        Double limit = RatedMotor.kindOf(place) == RunningAmps.Place.COMPRESSOR ? rated.ratedLoad() : rated.fullLoad();
        return limit != null && Math.abs(limit - amps) < 1e-6;
    }

    private static @Nullable PartState inQuestion(Calls.Open call, String place) {
        for (PartState part : call.state().parts()) {
            if (part.closed() == null
                    && part.family().kind().equals(MotorLabel.KIND)
                    && part.added().place().equals(place)) {
                return part;
            }
        }
        return null;
    }

    /** Keeps what was seen or felt on a part. */
    @Transactional
    public void look(long callId, String who, String partId, String lookKey, String seenKey) {
        PartState part = calls.working(callId).part(partId);
        Look look = part.family().looks().apply(shop.inForce().rules()).stream()
                .filter(l -> l.key().equals(lookKey))
                .findFirst()
                .orElseThrow(() -> InputProblem.of("look", lookKey, "there is no such look at this part"));
        Look.Seen seen = look.answer(seenKey)
                .orElseThrow(() -> InputProblem.of(
                        "seen",
                        seenKey,
                        "give one of "
                                + String.join(
                                        ", ",
                                        look.answers().stream()
                                                .map(Look.Seen::key)
                                                .toList())));
        calls.add(
                callId,
                who,
                new Entry.Looked(
                        partId,
                        lookKey,
                        seenKey,
                        look.question() + ": " + seen.words(),
                        seen.verdict(),
                        seen.meaning()));
        if (seen.verdict() == Verdict.WEAK) {
            String words = look.question() + ": " + seen.words();
            calls.add(
                    callId,
                    who,
                    Leaving.written(
                            part.added().place(),
                            words + ".",
                            seen.meaning(),
                            Entry.Urgency.WATCH,
                            look.isOfItsPlace() ? null : part.id()));
        }
    }

    /** Keeps on which two of its primary leads a new transformer has the line; a wrong pair is refused with the ratio. */
    @Transactional
    public void pair(long callId, String who, String partId, int one, int two) {
        Calls.Open call = calls.working(callId);
        PartState part = call.part(partId);
        Spec label = label(part);
        List<Primary.Lead> leads = Primary.of(label).leads();
        InputProblem.require(
                one >= 0 && two >= 0 && one < leads.size() && two < leads.size() && one != two,
                "one",
                one + " and " + two,
                "give two different leads of the new transformer's printed list");
        double line = InputProblem.given(
                call.state().circuit(part).lineVolts(), "lineVolts", "read the line under Supply first");
        double rated = label.number("secondaryVolts").orElse(24.0);
        Primary.Pair pair = Primary.pair(leads.get(one), leads.get(two), line, rated);
        boolean isRight = pair.isRight(rated);
        calls.add(
                callId,
                who,
                new Entry.Looked(
                        partId,
                        ProofList.PAIR,
                        one + "-" + two,
                        (isRight ? "Line on the right two leads: " : "Refused before power: ") + pair.words(),
                        isRight ? Verdict.GOOD : Verdict.FAILED,
                        pair.words()));
    }

    /** Keeps the new part's leads as its own label prints them. */
    @Transactional
    public void leads(long callId, String who, String partId, List<Wire> leads, String connection) {
        PartState part = calls.working(callId).part(partId);
        InputProblem.require(
                part.chosen() != null, "part", part.added().title(), "choose a replacement first: its leads are meant");
        List<String> doubled = new ArrayList<>();
        for (Wire lead : leads) {
            InputProblem.require(
                    !doubled.contains(lead.terminal()),
                    "wires",
                    lead.terminal(),
                    "each lead of the new part is named once");
            doubled.add(lead.terminal());
        }
        calls.add(callId, who, new Entry.LeadsPrinted(partId, leads, connection.strip()));
    }

    /** A change of sheaves reckoned through with the motor's label. @param ampsNow with the sheaves it has */
    BeltDrive belt(long callId, String partId, BeltDrive.Sheaves sheaves, double ampsNow) {
        Calls.Open call = calls.working(callId);
        PartState part = call.part(partId);
        Spec label = label(part);
        List<Double> rpm = label.numbers("rpm");
        return BeltDrive.of(
                InputProblem.given(
                        rpm.isEmpty() ? null : rpm.get(0), "rpm", "read the motor's rpm from its label first"),
                ampsNow,
                InputProblem.given(
                        MotorFamily.ratedAmps(label, lineVolts(call, part), 0).orElse(null),
                        "fullLoadAmps",
                        "read the motor's FLA from its label first"),
                label.number("serviceFactor").orElse(1.0),
                sheaves);
    }

    @Transactional
    public void setSheave(long callId, String who, String partId, BeltDrive.Sheaves sheaves, double ampsNow) {
        BeltDrive drive = belt(callId, partId, sheaves, ampsNow);
        calls.add(
                callId,
                who,
                new Entry.SheaveSet(partId, drive.words(sheaves), drive.judged(), drive.findings(), drive.isRefused()));
    }
}
