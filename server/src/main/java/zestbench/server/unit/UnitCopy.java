package zestbench.server.unit;

import java.util.ArrayList;
import java.util.List;
import zestbench.core.family.Spec;
import zestbench.core.plate.PlateAttributes;
import zestbench.core.plate.Serial;
import zestbench.core.proof.Altitude;
import zestbench.core.quantity.InputProblem;

/** A unit as it is carried from bench to bench. @param id the same wherever it is carried to */
public record UnitCopy(
        String id,
        String site,
        String name,
        double altitudeFeet,
        Unit.Warranty warranty,
        Spec plate,
        Spec indoorPlate,
        List<PlaceCopy> places) {
    /** A place a part can sit in. */
    public record PlaceCopy(String name, String kind, String serves) {}

    /** @param hasSerials whether the serials go along whole */
    public static UnitCopy of(Unit unit, boolean hasSerials) {
        Spec outdoor = unit.plates().outdoor();
        Spec indoor = unit.plates().indoor();
        return new UnitCopy(
                unit.uid(),
                unit.site(),
                unit.name(),
                unit.altitude().feet(),
                unit.warranty(),
                hasSerials ? outdoor : Serial.masked(outdoor),
                hasSerials ? indoor : Serial.masked(indoor),
                unit.places().stream()
                        .map(p -> new PlaceCopy(p.name(), p.kind(), p.serves()))
                        .toList());
    }

    /** Says every field that does not fit. */
    public void check() {
        new Altitude(altitudeFeet);
        check("plate", plate);
        check("indoorPlate", indoorPlate);
    }

    private static void check(String field, Spec plate) {
        try {
            Spec.checked(PlateAttributes.ALL, plate.values());
        } catch (InputProblem problem) {
            throw problem.within(field);
        }
    }

    /** This telling with the serials of {@code known} in the place of masked ones. */
    public UnitCopy over(UnitCopy known) {
        return new UnitCopy(
                id,
                site,
                name,
                altitudeFeet,
                warranty,
                Serial.unmasked(plate, known.plate),
                Serial.unmasked(indoorPlate, known.indoorPlate),
                places);
    }

    /** What of two tellings of a unit differs, in words. */
    public static List<String> differences(UnitCopy ours, UnitCopy theirs) {
        List<String> out = new ArrayList<>();
        say(out, "site", ours.site, theirs.site);
        say(out, "name", ours.name, theirs.name);
        say(out, "feet over the sea", ours.altitudeFeet, theirs.altitudeFeet);
        say(out, "warranty", ours.warranty, theirs.warranty);
        sayPlates(out, "plate", ours.plate, theirs.plate);
        sayPlates(out, "indoor plate", ours.indoorPlate, theirs.indoorPlate);
        if (!ours.places.equals(theirs.places)) {
            out.add("places: ours " + ours.places.size() + ", theirs " + theirs.places.size());
        }
        return out;
    }

    private static void say(List<String> out, String what, Object ours, Object theirs) {
        if (!ours.equals(theirs)) {
            out.add(what + ": ours " + ours + ", theirs " + theirs);
        }
    }

    private static void sayPlates(List<String> out, String what, Spec ours, Spec theirs) {
        PlateAttributes.ALL.forEach(a -> {
            if (!java.util.Objects.equals(
                    ours.values().fields().get(a.name()),
                    theirs.values().fields().get(a.name()))) {
                out.add(what + ": " + a.label() + " differs");
            }
        });
    }
}
