package zestbench.core.plate;

import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import zestbench.core.family.MatchRequest.Protects;
import zestbench.core.family.MatchRequest.Role;
import zestbench.core.family.MatchRequest.Switches;
import zestbench.core.family.Spec;
import zestbench.core.quantity.Figures;
import zestbench.core.quantity.Letters;

/** What a part does in its circuit, as its place in the unit tells it. [practice] */
public final class PlaceRole {
    private PlaceRole() {}

    /**
     * @param place where it sits, as Disconnect and fuses
     * @param serves what hangs on it, as compressor 1
     * @param plate of the unit
     * @param isCauseFound whether it is known why a fuse opened; null where no fuse is meant
     */
    public static Role of(String place, String serves, Spec plate, @Nullable Boolean isCauseFound) {
        String words = Letters.small(place + " " + serves);
        return new Role(
                protects(words),
                switches(words),
                load(Letters.small(serves), plate).orElse(null),
                words.startsWith("indoor") || words.contains("blower") || words.contains("coil fan"),
                isCauseFound);
    }

    private static @Nullable Protects protects(String words) {
        if (words.contains("disconnect") || words.contains("whole unit") || words.contains("unit fuse")) {
            return Protects.UNIT;
        }
        if (words.contains("transformer")) {
            return Protects.TRANSFORMER;
        }
        if (words.contains("control") || words.contains("board") || words.contains("24 v")) {
            return Protects.CONTROL;
        }
        if (words.contains("heat")) {
            return Protects.HEATER;
        }
        return words.contains("fan") || words.contains("blower") ? Protects.FAN : null;
    }

    private static @Nullable Switches switches(String words) {
        if (words.contains("heat") && !words.contains("crankcase")) {
            return Switches.HEAT;
        }
        boolean isCompressor = words.contains("compressor");
        if (words.contains("fan") || words.contains("blower")) {
            return isCompressor ? Switches.ALL : Switches.FAN;
        }
        return null;
    }

    /** Of a numbered compressor: its own rated-load amps with the largest outdoor fan. */
    private static Optional<Double> load(String serves, Spec plate) {
        List<Spec> compressors = plate.rows("compressors");
        String number = serves.replaceAll("\\D", "");
        boolean isOne = serves.startsWith("compressor") && number.length() == 1 && compressors.size() > 1;
        int at = isOne ? number.charAt(0) - '1' : -1;
        if (at < 0 || at >= compressors.size()) {
            return Optional.empty();
        }
        double fan = plate.rows("outdoorFans").stream()
                .mapToDouble(f -> f.number("fullLoadAmps").orElse(0.0))
                .max()
                .orElse(0);
        return compressors.get(at).number("ratedLoadAmps").map(rla -> Figures.tidy(rla + fan));
    }
}
