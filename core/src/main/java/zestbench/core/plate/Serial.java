package zestbench.core.plate;

import java.util.Optional;
import zestbench.core.family.Spec;
import zestbench.core.value.Value;

/** A unit's serial number outside its own record: the last three signs stand, the rest is dots. Warranty claims can be made with it. */
public final class Serial {
    /** The attribute that holds it. */
    public static final String FIELD = "serial";

    private static final int SHOWN = 3;
    private static final String DOT = "•";

    private Serial() {}

    /** {@code 0416C20931} becomes {@code •••••••931}; one of three signs or fewer is dots alone. */
    public static String masked(String serial) {
        int hidden = serial.length() <= SHOWN ? serial.length() : serial.length() - SHOWN;
        return DOT.repeat(hidden) + serial.substring(hidden);
    }

    public static boolean isMasked(String serial) {
        return serial.contains(DOT);
    }

    /** The plate with its serial masked. */
    public static Spec masked(Spec plate) {
        return plate.text(FIELD)
                .map(serial -> plate.with(FIELD, Value.of(masked(serial))))
                .orElse(plate);
    }

    /** Typed text with every serial that is read in it masked, and {@code known} wherever it stands. */
    public static String maskedIn(String text, Optional<String> known) {
        String out = text;
        Optional<String> read = new Spec(PlateLabel.read(text).fields()).text(FIELD);
        if (read.isPresent()) {
            out = out.replace(read.get(), masked(read.get()));
        }
        if (known.isPresent() && !isMasked(known.get())) {
            out = out.replace(known.get(), masked(known.get()));
        }
        return out;
    }

    /** {@code plate} with the serial of {@code known} in the place of a masked one. */
    public static Spec unmasked(Spec plate, Spec known) {
        Optional<String> serial = plate.text(FIELD);
        if (serial.isEmpty() || !isMasked(serial.get())) {
            return plate;
        }
        return plate.with(FIELD, known.text(FIELD).map(Value::of).orElse(null));
    }
}
