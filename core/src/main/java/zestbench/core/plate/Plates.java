package zestbench.core.plate;

import zestbench.core.family.Spec;
import zestbench.core.quantity.Letters;

/**
 * The plates of a unit.
 *
 * @param outdoor of the outdoor or packaged unit; empty until read
 * @param indoor of the indoor coil or air handler; empty where there is none or it was not read
 */
public record Plates(Spec outdoor, Spec indoor) {
    /** Which of them. */
    public enum Which {
        OUTDOOR,
        INDOOR
    }

    public static final Plates NONE = new Plates(Spec.EMPTY, Spec.EMPTY);

    /** Which plate {@code text} is of: one that speaks of a coil or an air handler and of no compressor is the indoor one. */
    public static Which of(String text) {
        Spec plate = new Spec(PlateLabel.read(text).fields());
        boolean indoor = PlateWords.COIL.matcher(Letters.small(text)).find() && !plate.has("compressors");
        return indoor ? Which.INDOOR : Which.OUTDOOR;
    }

    public Spec of(Which which) {
        return which == Which.OUTDOOR ? outdoor : indoor;
    }

    /** The same with one plate in the place of what was there. */
    public Plates with(Which which, Spec plate) {
        return which == Which.OUTDOOR ? new Plates(plate, indoor) : new Plates(outdoor, plate);
    }

    public PlateFacts facts() {
        return PlateFacts.of(outdoor);
    }
}
