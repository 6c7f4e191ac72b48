package zestbench.core.call;

import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import zestbench.core.controlchain.ControlChain;
import zestbench.core.family.Spec;
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
import zestbench.core.tape.CallState;
import zestbench.core.tape.UnitEntry;
import zestbench.core.value.Value;
import zestbench.core.wiring.Wire;

/** What is done before a part is in question: asking, the plate, the supply, making safe, looking at places. */
public sealed interface OnArrival extends Command {
    /** Answers a question. @param answer its key; null where the answer is taken back */
    record Answer(String question, @Nullable String answer) implements OnArrival {
        @Override
        public Decision decide(CallState state, Surroundings around) {
            Question asked = Question.named(question)
                    .orElseThrow(() -> InputProblem.of("question", question, "there is no such question"));
            List<String> keys =
                    asked.answers().stream().map(Question.Answer::key).toList();
            InputProblem.require(
                    answer == null || asked.answer(answer).isPresent(),
                    "answer",
                    answer,
                    "give one of " + String.join(", ", keys));
            return Decision.of(new UnitEntry.Answered(question, answer == null ? "" : answer));
        }
    }

    /**
     * Reads or corrects a plate: masked on the tape, whole on the unit's record.
     *
     * @param set fields by hand, over what the text says
     * @param cleared names of fields that are not on it
     */
    record ReadPlate(Plates.Which which, String text, Value.Fields set, List<String> cleared) implements OnArrival {
        public ReadPlate(Plates.Which which, String text) {
            this(which, text, Spec.EMPTY.values(), List.of());
        }

        @Override
        public Decision decide(CallState state, Surroundings around) {
            Spec plate = plate(state, around.plates());
            boolean isSaying = !set.fields().isEmpty()
                    || !cleared.isEmpty()
                    || !PlateLabel.read(text).fields().fields().isEmpty();
            InputProblem.require(
                    isSaying,
                    "text",
                    text,
                    "nothing readable: type it as printed, such as MODEL, SERIAL, 208/230-1-60, RLA 17.9, FAN FLA 1.4, MCA 23.8");
            String masked = Serial.maskedIn(text.strip(), plate.text("serial"));
            return Decision.of(new UnitEntry.PlateRead(which, masked, Serial.masked(plate)))
                    .keeping(new Decision.PlateKept(which, plate));
        }

        /** Its fields: what is known, under what the text says, under what was set or taken out by hand. */
        public Spec plate(CallState state, Plates onRecord) {
            Spec known = onRecord.of(which);
            boolean isNew = !text.strip().equals(state.plateText(which).strip());
            Spec out = isNew
                    ? Plates.overlaid(known, new Spec(PlateLabel.read(text).fields()))
                    : known;
            Spec byHand = Spec.checked(PlateAttributes.ALL, set);
            for (Map.Entry<String, Value> field : byHand.values().fields().entrySet()) {
                out = out.with(field.getKey(), field.getValue());
            }
            for (String name : cleared) {
                out = out.with(name, null);
            }
            return Serial.unmasked(Spec.checked(PlateAttributes.ALL, out.values()), known);
        }
    }

    /**
     * Reads volts of the supply or of the control circuit.
     *
     * @param pair two legs; along the control circuit the name of the point; null at its ends
     */
    record ReadSupply(SupplyPoint point, @Nullable String pair, double volts) implements OnArrival {
        @Override
        public Decision decide(CallState state, Surroundings around) {
            Judgement judgement = judge(state, around);
            String meter = around.meter(Quantity.VOLTS).text();
            return Decision.of(judgement.verdicts().stream()
                    .map(judged -> new UnitEntry.SupplyRead(point, judged, judgement.findings(), meter))
                    .toList());
        }

        /** The verdict, without keeping it. */
        public Judgement judge(CallState state, Surroundings around) {
            Meter meter = around.meter(Quantity.VOLTS);
            if (point == SupplyPoint.CHAIN) {
                List<String> names = state.controlChain().points().stream()
                        .map(ControlChain.Point::name)
                        .toList();
                String at = InputProblem.given(pair, "pair", "name a point of the control circuit");
                InputProblem.require(names.contains(at), "pair", at, "give one of " + String.join(", ", names));
                Judgement along =
                        ControlVoltage.judge(point, state.controlVolts(SupplyPoint.TRANSFORMER), volts, meter);
                return Judgement.of(along.verdicts().stream().map(j -> j.of(at)).toList(), along.findings());
            }
            if (point.isControl()) {
                return ControlVoltage.judge(point, state.controlVolts(point), volts, meter);
            }
            PairReading reading = new PairReading(InputProblem.given(pair, "pair", "name two legs, as L1-L2"), volts);
            boolean isAsked = state.supplyPairs().stream()
                    .anyMatch(p -> new PairReading(p, 0).pair().equals(reading.pair()));
            InputProblem.require(isAsked, "pair", pair, "give one of " + String.join(", ", state.supplyPairs()));
            return SupplyVoltage.onSite(state.plates().outdoor(), List.of(reading), meter);
        }
    }

    /** Says whether this unit has a part of the usual control circuit. @param link as float switch */
    record HasLink(String link, boolean isThere) implements OnArrival {
        @Override
        public Decision decide(CallState state, Surroundings around) {
            boolean isKnown = isThere
                    ? state.supply().linksAbsent().contains(link)
                    : state.controlChain().points().stream()
                            .map(ControlChain.Point::link)
                            .anyMatch(l -> l.name().equals(link) && ControlChain.canBeAbsent(l));
            InputProblem.require(
                    isKnown, "link", link, "name a fuse or switch of the control circuit, such as float switch");
            return Decision.of(new UnitEntry.LinkFound(link, isThere));
        }
    }

    /** Proves the meter on a source known to be live. */
    record ProveMeter(double volts) implements OnArrival {
        @Override
        public Decision decide(CallState state, Surroundings around) {
            return Decision.of(new UnitEntry.MeterProved(SafePeriod.proving(volts)));
        }
    }

    /** Ticks a step of making safe. */
    record TickSafe(String key, boolean on) implements OnArrival {
        @Override
        public Decision decide(CallState state, Surroundings around) {
            return Decision.of(new UnitEntry.SafeTicked(key, SafePeriod.textOf(key), on));
        }
    }

    /** Puts the power back on. */
    record PutPowerOn() implements OnArrival {
        @Override
        public Decision decide(CallState state, Surroundings around) {
            return Decision.of(new UnitEntry.PowerOn());
        }
    }

    /** Keeps the wires at a place as they were found. */
    record NamePlaceWires(long placeId, List<Wire> wires) implements OnArrival {
        @Override
        public Decision decide(CallState state, Surroundings around) {
            return Decision.of(
                    new UnitEntry.PlaceWires(around.place(placeId, "place").name(), wires));
        }

        @Override
        public Set<Need> needs() {
            return Set.of(Need.UNIT);
        }
    }

    /** Keeps a photo of a plate. @param photo the name it is kept under */
    record KeepPlatePhoto(Plates.Which which, String photo) implements OnArrival {
        @Override
        public Decision decide(CallState state, Surroundings around) {
            return Decision.of(new UnitEntry.PlacePhoto(which.words(), photo));
        }
    }

    /** Keeps a photo of a place. @param photo the name it is kept under */
    record KeepPlacePhoto(long placeId, String photo) implements OnArrival {
        @Override
        public Decision decide(CallState state, Surroundings around) {
            return Decision.of(
                    new UnitEntry.PlacePhoto(around.place(placeId, "place").name(), photo));
        }

        @Override
        public Set<Need> needs() {
            return Set.of(Need.UNIT);
        }
    }
}
