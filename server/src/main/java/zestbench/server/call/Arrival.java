package zestbench.server.call;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zestbench.core.family.Spec;
import zestbench.core.judgement.Judged;
import zestbench.core.judgement.Judgement;
import zestbench.core.plate.PlateAttributes;
import zestbench.core.plate.PlateLabel;
import zestbench.core.plate.Plates;
import zestbench.core.plate.Serial;
import zestbench.core.quantity.InputProblem;
import zestbench.core.quantity.Meter;
import zestbench.core.quantity.Quantity;
import zestbench.core.safety.SafePeriod;
import zestbench.core.supply.ControlVoltage;
import zestbench.core.supply.PairReading;
import zestbench.core.supply.SupplyPoint;
import zestbench.core.supply.SupplyVoltage;
import zestbench.core.suspect.Question;
import zestbench.core.tape.Entry;
import zestbench.core.value.Value;
import zestbench.core.wiring.Wire;
import zestbench.server.shop.Meters;
import zestbench.server.unit.Place;
import zestbench.server.unit.Units;

/** What happens before a part is in question, each step as one transaction that asks the core and writes onto the tape. */
@Service
public class Arrival {
    /** What contactor and relay coils of these units are made for. [practice] */
    private final Calls calls;

    private final Units units;
    private final Meters meters;

    Arrival(Calls calls, Units units, Meters meters) {
        this.calls = calls;
        this.units = units;
        this.meters = meters;
    }

    /** What of a plate was corrected by hand. @param cleared names of fields that are not on it */
    record PlateHand(Value.Fields set, List<String> cleared) {
        static final PlateHand NONE = new PlateHand(Spec.EMPTY.values(), List.of());
    }

    /** Keeps an answer; none takes it back. */
    @Transactional
    public void answer(long callId, String who, String questionKey, @Nullable String answer) {
        calls.working(callId);
        Question question = Question.named(questionKey)
                .orElseThrow(() -> InputProblem.of("question", questionKey, "there is no such question"));
        InputProblem.require(
                answer == null || question.answer(answer).isPresent(),
                "answer",
                answer,
                "give one of "
                        + String.join(
                                ", ",
                                question.answers().stream()
                                        .map(Question.Answer::key)
                                        .toList()));
        calls.add(callId, who, new Entry.Answered(questionKey, answer == null ? "" : answer));
    }

    /** A plate's fields: what is known, under what the text says, under what was set or taken out by hand. */
    Spec plate(long callId, Plates.Which which, String text, PlateHand hand) {
        Calls.Open call = calls.open(callId);
        Spec known = call.row().plates().of(which);
        boolean isNew = !text.strip().equals(call.state().plateText(which).strip());
        Spec out = isNew ? Plates.overlaid(known, new Spec(PlateLabel.read(text).fields())) : known;
        Spec set = Spec.checked(PlateAttributes.ALL, hand.set());
        for (Map.Entry<String, Value> field : set.values().fields().entrySet()) {
            out = out.with(field.getKey(), field.getValue());
        }
        for (String name : hand.cleared()) {
            out = out.with(name, null);
        }
        return Serial.unmasked(Spec.checked(PlateAttributes.ALL, out.values()), known);
    }

    /** Keeps a plate: masked on the tape, whole on the unit's record. */
    @Transactional
    public void readPlate(long callId, String who, Plates.Which which, String text, PlateHand hand) {
        Calls.Open call = calls.working(callId);
        Spec plate = plate(callId, which, text, hand);
        boolean isSaying = !hand.set().fields().isEmpty()
                || !hand.cleared().isEmpty()
                || !PlateLabel.read(text).fields().fields().isEmpty();
        InputProblem.require(
                isSaying,
                "text",
                text,
                "nothing readable: type it as printed, such as MODEL, SERIAL, 208/230-1-60, RLA 17.9, FAN FLA 1.4, MCA 23.8");
        String masked = Serial.maskedIn(text.strip(), plate.text("serial"));
        calls.add(callId, who, new Entry.PlateRead(which, masked, Serial.masked(plate)));
        if (call.row().unit() != null) {
            units.read(call.row().unit().id(), which, plate);
        }
    }

    /** The verdict on volts at a point, without keeping them. */
    Judgement judge(long callId, SupplyPoint point, @Nullable String pair, double volts) {
        Calls.Open call = calls.working(callId);
        Meter meter = meters.inUse(Quantity.VOLTS);
        if (point.isControl()) {
            return ControlVoltage.judge(point, call.state().controlVolts(point), volts, meter);
        }
        PairReading reading = new PairReading(InputProblem.given(pair, "pair", "name two legs, as L1-L2"), volts);
        boolean isAsked = call.state().supplyPairs().stream()
                .anyMatch(p -> new PairReading(p, 0).pair().equals(reading.pair()));
        InputProblem.require(
                isAsked,
                "pair",
                pair,
                "give one of " + String.join(", ", call.state().supplyPairs()));
        return SupplyVoltage.onSite(call.state().plates().outdoor(), List.of(reading), meter);
    }

    /** Judges volts and puts them on the tape. */
    @Transactional
    public void measure(long callId, String who, SupplyPoint point, @Nullable String pair, double volts) {
        Judgement judgement = judge(callId, point, pair, volts);
        for (Judged judged : judgement.verdicts()) {
            calls.add(
                    callId,
                    who,
                    new Entry.SupplyRead(
                            point,
                            judged,
                            judgement.findings(),
                            meters.inUse(Quantity.VOLTS).text()));
        }
    }

    @Transactional
    public void prove(long callId, String who, double volts) {
        calls.working(callId);
        calls.add(callId, who, new Entry.MeterProved(SafePeriod.proving(volts)));
    }

    @Transactional
    public void tick(long callId, String who, String key, boolean on) {
        calls.working(callId);
        calls.add(callId, who, new Entry.SafeTicked(key, SafePeriod.textOf(key), on));
    }

    @Transactional
    public void powerOn(long callId, String who) {
        calls.working(callId);
        calls.add(callId, who, new Entry.PowerOn());
    }

    /** The name of a place of the call's unit. */
    String placeOf(Calls.Open call, long placeId) {
        return place(call, placeId).name();
    }

    static Place place(Calls.Open call, long placeId) {
        if (call.row().unit() == null) {
            throw InputProblem.of("place", String.valueOf(placeId), "a quick check has no unit with places");
        }
        return call.row().unit().places().stream()
                .filter(p -> p.id() == placeId)
                .findFirst()
                .orElseThrow(() -> InputProblem.of("place", String.valueOf(placeId), "no such place in this unit"));
    }

    @Transactional
    public void wires(long callId, String who, long placeId, List<Wire> wires) {
        Calls.Open call = calls.working(callId);
        calls.add(callId, who, new Entry.PlaceWires(placeOf(call, placeId), wires));
    }

    @Transactional
    public void photo(long callId, String who, long placeId, String photo) {
        Calls.Open call = calls.working(callId);
        calls.add(callId, who, new Entry.PlacePhoto(placeOf(call, placeId), photo));
    }
}
