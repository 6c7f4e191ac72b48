package zestbench.core.call;

import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import zestbench.core.amps.RunningAmps;
import zestbench.core.amps.RunningAmps.Rated;
import zestbench.core.family.Spec;
import zestbench.core.family.Trait;
import zestbench.core.family.Turning;
import zestbench.core.plate.RatedMotor;
import zestbench.core.quantity.InputProblem;
import zestbench.core.quantity.Letters;
import zestbench.core.tape.CallState;
import zestbench.core.tape.PartEntry;
import zestbench.core.tape.PartState;

/**
 * A motor or compressor that is meant, with what it is rated.
 *
 * @param part in question there; null where there is none
 * @param name of its place; null where only the kind is known
 * @param isCompressor whether it is one
 * @param kind of motor, by what turns
 */
public record MeantMotor(
        @Nullable PartState part, @Nullable String name, boolean isCompressor, RunningAmps.Place kind) {
    /** The kind of a place where a motor sits, known or not. */
    private static final String MOTOR = "motor";

    /** Which one is meant: a part in question, a place of the unit, or only what kind of motor it is; at least one of them. */
    public record Which(@Nullable Long placeId, @Nullable String part, RunningAmps.@Nullable Place kind) {}

    /** The motor meant by {@code which}. */
    public static MeantMotor of(Which which, CallState state, Surroundings around) {
        if (which.part() != null) {
            PartState part = state.part(which.part());
            if (part.family().turns()) {
                String place = part.added().place();
                boolean isCompressor = part.family().has(Trait.COMPRESSES);
                return new MeantMotor(
                        part,
                        place,
                        isCompressor,
                        isCompressor ? RunningAmps.Place.COMPRESSOR : RatedMotor.kindOf(place));
            }
        }
        if (which.placeId() != null) {
            UnitPlace place = around.place(which.placeId(), "place");
            InputProblem.require(place.turns(), "placeId", place.name(), "give the place of a compressor or a motor");
            return new MeantMotor(
                    inQuestion(state, place.name()),
                    place.name(),
                    place.isCompressor(),
                    RatedMotor.kindOf(place.name()));
        }
        RunningAmps.Place kind = InputProblem.given(which.kind(), "place", "give COMPRESSOR, FAN or BLOWER");
        String name = around.knownPlaces().stream()
                .filter(UnitPlace::turns)
                .map(UnitPlace::name)
                .filter(n -> RatedMotor.kindOf(n) == kind)
                .findFirst()
                .orElse(null);
        return new MeantMotor(null, name, kind == RunningAmps.Place.COMPRESSOR, kind);
    }

    private static @Nullable PartState inQuestion(CallState state, String place) {
        for (PartState part : state.parts()) {
            if (part.closed() == null
                    && part.family().turns()
                    && part.added().place().equals(place)) {
                return part;
            }
        }
        return null;
    }

    /** What it is called. */
    public String called() {
        return name == null ? Letters.small(kind.name()) : name;
    }

    /** The kind of place it sits in. */
    String placeKind() {
        return isCompressor ? UnitPlace.COMPRESSOR : MOTOR;
    }

    /**
     * What it is rated: the motor's own label goes before the plate, what was typed before both.
     *
     * @param speed the tap it runs on; null on a single speed
     * @param typed RLA or FLA as typed, above 0; null where plate or label tells it
     */
    Rated rated(CallState state, @Nullable String speed, @Nullable Double typed) {
        Rated byPlate = name == null
                ? new Rated(null, null, null)
                : RatedMotor.at(state.plates(), name).rated();
        Double ratedLoad = byPlate.ratedLoad();
        Double fullLoad = byPlate.fullLoad();
        Double lockedRotor = byPlate.lockedRotor();
        List<Double> volts = byPlate.volts();
        Turning turning = part == null ? null : part.family().turning();
        if (part != null && turning != null) {
            Spec label = labelOf(part);
            Optional<Double> line = lineVolts(state, part);
            int tap = turning.taps(label).indexOf(speed == null ? "" : speed);
            Optional<Double> own = turning.ratedAmps(label, line, tap);
            if (isCompressor) {
                ratedLoad = own.orElse(ratedLoad);
            } else {
                fullLoad = own.orElse(fullLoad);
            }
            lockedRotor = label.number("lockedRotorAmps").orElse(lockedRotor);
            volts = label.numberGroups("volts").isEmpty() ? volts : turning.connectionVolts(label, line);
        }
        if (typed != null) {
            InputProblem.require(typed > 0, "rated", typed, "give the plate's RLA or FLA, above 0");
            ratedLoad = typed;
            fullLoad = typed;
        }
        return new Rated(ratedLoad, fullLoad, lockedRotor, volts);
    }

    static Optional<Double> lineVolts(CallState state, PartState part) {
        return Optional.ofNullable(state.together().circuit(part).lineVolts());
    }

    /** The label of what turns there: the new motor's once one is chosen. */
    static Spec labelOf(PartState part) {
        PartEntry.Chosen chosen = part.chosen();
        return chosen == null ? part.spec() : chosen.pieces().get(0).spec();
    }
}
