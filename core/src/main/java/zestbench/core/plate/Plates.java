package zestbench.core.plate;

import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import zestbench.core.family.Spec;
import zestbench.core.quantity.Letters;
import zestbench.core.value.Value;

/**
 * The plates of a unit.
 *
 * @param outdoor of the outdoor or packaged unit; empty until read
 * @param indoor of the indoor coil or air handler; empty where there is none or it was not read
 */
public record Plates(Spec outdoor, Spec indoor) {
    /** Which of them. */
    public enum Which {
        OUTDOOR("Plate"),
        INDOOR("Indoor plate");

        private final String words;

        Which(String words) {
            this.words = words;
        }

        /** As it is called on screen and tape. */
        public String words() {
            return words;
        }
    }

    private static final Pattern COIL = Pattern.compile("coil|evaporator|air handler");

    public static final Plates NONE = new Plates(Spec.EMPTY, Spec.EMPTY);

    /** Which plate {@code text} is of: one that speaks of a coil or an air handler and of no compressor is the indoor one. */
    public static Which of(String text) {
        Spec plate = new Spec(PlateLabel.read(text).fields());
        boolean indoor = COIL.matcher(Letters.small(text)).find() && !plate.has("compressors");
        return indoor ? Which.INDOOR : Which.OUTDOOR;
    }

    /** How many circuits of refrigerant the unit has: as its plate says, else one for each compressor. */
    public int circuits() {
        return outdoor.number("circuits")
                .map(Double::intValue)
                .orElseGet(() -> Math.max(1, outdoor.rows("compressors").size()));
    }

    public Spec of(Which which) {
        return which == Which.OUTDOOR ? outdoor : indoor;
    }

    /**
     * A plate with what was newly {@code read} laid over what is {@code known} of it, so that a half-typed plate takes
     * nothing away; one with another serial is another unit's and starts afresh.
     */
    public static Spec overlaid(Spec known, Spec read) {
        Optional<String> before = known.text("serial");
        Optional<String> now = read.text("serial");
        boolean isOther = before.isPresent()
                && now.isPresent()
                && !Serial.isMasked(now.get())
                && !Serial.isMasked(before.get())
                && !before.get().equalsIgnoreCase(now.get());
        Spec out = isOther ? Spec.EMPTY : known;
        for (Map.Entry<String, Value> field : read.values().fields().entrySet()) {
            boolean isHidden = field.getKey().equals("serial") && Serial.isMasked(now.orElse(""));
            if (!isHidden || before.isEmpty()) {
                out = out.with(field.getKey(), field.getValue());
            }
        }
        return out;
    }

    /** The same with one plate in the place of what was there. */
    public Plates with(Which which, Spec plate) {
        return which == Which.OUTDOOR ? new Plates(plate, indoor) : new Plates(outdoor, plate);
    }

    public PlateFacts facts() {
        return PlateFacts.of(outdoor);
    }
}
