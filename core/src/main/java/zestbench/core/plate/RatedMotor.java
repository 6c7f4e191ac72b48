package zestbench.core.plate;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import zestbench.core.amps.RunningAmps.Place;
import zestbench.core.amps.RunningAmps.Rated;
import zestbench.core.family.Spec;
import zestbench.core.quantity.Letters;

/** What the plates of a unit say of the motor at one of its places. */
public record RatedMotor(Place kind, Rated rated) {
    /** @param place by its name, such as Outdoor fan motor 2 */
    public static RatedMotor at(Plates plates, String place) {
        Place kind = kindOf(place);
        Spec plate = kind == Place.BLOWER && plates.outdoor().rows("indoorFans").isEmpty()
                ? plates.indoor()
                : plates.outdoor();
        Optional<Spec> row = row(plate.rows(rows(kind)), place);
        List<Double> volts = new ArrayList<>(plate.numbers("volts"));
        return new RatedMotor(
                kind,
                new Rated(
                        row.flatMap(r -> r.number("ratedLoadAmps")).orElse(null),
                        row.flatMap(r -> r.number("fullLoadAmps")).orElse(null),
                        row.flatMap(r -> r.number("lockedRotorAmps")).orElse(null),
                        volts));
    }

    /** Motors that hang on a part, such as a capacitor for "outdoor fan"; compressor and outdoor fan where nothing is said. */
    public static List<Place> servedBy(String serves) {
        String words = Letters.small(serves);
        List<Place> out = new ArrayList<>();
        if (words.contains("compressor")) {
            out.add(Place.COMPRESSOR);
        }
        if (words.contains("blower") || words.contains("indoor")) {
            out.add(Place.BLOWER);
        } else if (words.contains("fan")) {
            out.add(Place.FAN);
        }
        return out.isEmpty() ? List.of(Place.COMPRESSOR, Place.FAN) : out;
    }

    /** The name of the place of a kind of motor, with the number of the part's own words behind it where they give one. */
    public static String nameOf(Place kind, String serves) {
        String number = kind == Place.COMPRESSOR ? serves.replaceAll("(?i).*compressor (\\d).*|.*", "$1") : "";
        String name = switch (kind) {
            case COMPRESSOR -> "Compressor";
            case FAN -> "Outdoor fan motor";
            case BLOWER -> "Indoor blower motor";
        };
        return number.isEmpty() ? name : name + " " + number;
    }

    private static String rows(Place kind) {
        return switch (kind) {
            case COMPRESSOR -> "compressors";
            case FAN -> "outdoorFans";
            case BLOWER -> "indoorFans";
        };
    }

    /** Which kind of motor sits at a place. */
    public static Place kindOf(String place) {
        String name = Letters.small(place);
        if (name.startsWith("compressor")) {
            return Place.COMPRESSOR;
        }
        return name.contains("blower") || name.contains("indoor") ? Place.BLOWER : Place.FAN;
    }

    /** The row of the number behind the place's name; the only row where there is none. */
    private static Optional<Spec> row(List<Spec> rows, String place) {
        String number = place.replaceAll("\\D", "");
        int at = number.isEmpty() ? 0 : Integer.parseInt(number.substring(0, Math.min(2, number.length()))) - 1;
        return at >= 0 && at < rows.size() ? Optional.of(rows.get(at)) : Optional.empty();
    }
}
