package zestbench.core.quick;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import zestbench.core.Families;
import zestbench.core.coil.CoilReadings;
import zestbench.core.family.Family;
import zestbench.core.family.Sections;
import zestbench.core.family.Spec;
import zestbench.core.family.TestRequest.SectionReading;
import zestbench.core.family.Trait;
import zestbench.core.label.LabelRead;
import zestbench.core.plate.PlateLabel;
import zestbench.core.quantity.InputProblem;
import zestbench.core.quantity.Letters;
import zestbench.core.quantity.Quantity;
import zestbench.core.quantity.Reading;

/**
 * What was typed into the quick line: a label, a label and readings behind a colon, readings alone, windings or amps, or
 * a unit's plate.
 *
 * @param label what the part before the colon says; null where readings stand alone
 * @param readings in the order of the sections; a dash passes one over
 * @param motor windings or amps, which belong to any motor of the unit; null where something else was written
 * @param problem what is wrong, and what would be right; null where all was understood
 */
public record QuickLine(
        @Nullable LabelRead label,
        List<SectionReading> readings,
        @Nullable MotorReadings motor,
        @Nullable String problem) {
    public QuickLine(@Nullable LabelRead label, List<SectionReading> readings, @Nullable String problem) {
        this(label, readings, null, problem);
    }

    private static final Pattern COIL = Pattern.compile("\\s*coil\\b[^:]*:.*", Pattern.CASE_INSENSITIVE);
    private static final String HOW = "write a label, a colon and the readings, such as 45+5 440 6% : 44.1 4.9";

    /** @param sections names of the sections of a capacitor at hand, for readings without a label */
    public static QuickLine of(String text, List<String> sections) {
        return of(text, sections, Families.with(Trait.TOLD_BY_FIGURES), false);
    }

    /**
     * @param sections names of the sections of the part at hand, for readings without a label
     * @param atHand its family
     * @param isOpen whether its label still leaves something open, so that a piece of one is rather of it
     */
    public static QuickLine of(String text, List<String> sections, Family atHand, boolean isOpen) {
        LabelRead whole = Families.read(Families.AUTO, text);
        if (PlateLabel.KIND.equals(whole.kind())) {
            return new QuickLine(whole, List.of(), null);
        }
        MotorReadings.Read motor = MotorReadings.read(text);
        if (motor != null) {
            return new QuickLine(null, List.of(), motor.readings(), motor.problem());
        }
        if (COIL.matcher(text).matches()) {
            return coil(text);
        }
        int colon = text.indexOf(':');
        String before = (colon < 0 ? text : text.substring(0, colon)).strip();
        String behind = colon < 0 ? "" : text.substring(colon + 1).strip();
        LabelRead label = before.isEmpty() ? null : label(before, atHand, isOpen);
        if (label != null && label.kind() == null) {
            label = bare(before);
        }
        if (label != null && label.kind() == null) {
            return new QuickLine(label, List.of(), "\"" + before + "\" is no label that can be read: " + HOW);
        }
        List<String> names;
        try {
            names = label == null ? sections : sectionsOf(label);
        } catch (InputProblem problem) {
            return new QuickLine(label, List.of(), problem.getMessage());
        }
        Family family = label == null || label.kind() == null ? atHand : Families.named(label.kind());
        return withReadings(label, behind, names, family);
    }

    /** A label: of what it tells by itself, or a piece of the label at hand, which that family can read whole. */
    private static LabelRead label(String text, Family atHand, boolean isOpen) {
        LabelRead read = Families.read(Families.AUTO, text);
        LabelRead piece = isOpen || read.kind() == null ? atHand.read(text) : read;
        return piece.fields().fields().isEmpty() || !piece.unread().isEmpty() ? read : piece;
    }

    /** {@code coil 24 : 18.2v}, {@code coil 24 : 12 ohm}: the volts of a coil and what was read at it. */
    private static QuickLine coil(String text) {
        String[] halves = text.split(":", 2);
        LabelRead label = Families.telling("coilVolts").read(halves[0].strip());
        String typed = Letters.small(halves[1]).strip();
        boolean isOhms = typed.matches(".*(ω|ohms?|ol|open)$");
        Reading reading = reading(typed.replace(" ", ""), isOhms ? Quantity.OHMS : Quantity.VOLTS);
        if (reading == null || !label.fields().fields().containsKey("coilVolts")) {
            return new QuickLine(
                    label, List.of(), "write the coil's volts, a colon and what was read: coil 24 : 18.2v");
        }
        return new QuickLine(
                label,
                List.of(new SectionReading(isOhms ? CoilReadings.COIL : CoilReadings.COIL_VOLTS, reading)),
                null);
    }

    /** Whether a unit's plate was typed; it has no readings. */
    public boolean isPlate() {
        return label != null && PlateLabel.KIND.equals(label.kind());
    }

    private static QuickLine withReadings(@Nullable LabelRead label, String behind, List<String> names, Family family) {
        List<SectionReading> readings = new ArrayList<>();
        String[] words = behind.isEmpty() ? new String[0] : behind.split("[\\s;]+");
        if (label == null && words.length == 0) {
            return new QuickLine(null, readings, HOW);
        }
        if (words.length > names.size()) {
            boolean isMotor = label != null && label.kind() != null && Families.turns(label.kind());
            String known = isMotor
                    ? "a motor is read by windings 0.9 2.1 3.0 or amps 1.7 of 1.9, on a line of their own"
                    : names.isEmpty() ? "the label is not known yet" : "there are only " + String.join(", ", names);
            return new QuickLine(label, readings, words.length + " readings, but " + known);
        }
        for (int i = 0; i < words.length; i++) {
            if (words[i].equals("-")) {
                continue;
            }
            Quantity quantity = family.quantity(names.get(i));
            Reading reading = reading(words[i], quantity);
            if (reading == null) {
                return new QuickLine(
                        label,
                        List.of(),
                        "\"" + words[i] + "\" is no reading: write " + quantity.unit() + ", OL, open or -");
            }
            readings.add(new SectionReading(names.get(i), reading));
        }
        return new QuickLine(label, readings, null);
    }

    /** A label too short to be told apart is taken as the family that can read a rating from it. */
    private static LabelRead bare(String text) {
        for (Family family : Families.ALL) {
            LabelRead read = family.read(text);
            if (read.fields().fields().containsKey(Sections.ATTRIBUTE)
                    && read.unread().isEmpty()) {
                return read;
            }
        }
        return Families.read(Families.AUTO, text);
    }

    private static List<String> sectionsOf(LabelRead label) {
        return Families.named(java.util.Objects.requireNonNull(label.kind())).sections(new Spec(label.fields()));
    }

    private static @Nullable Reading reading(String word, Quantity quantity) {
        String plain = Letters.small(word).replace(',', '.').replaceAll("(µf|uf|mfd|v|ω|ohms?)$", "");
        if (plain.equals("ol")) {
            return Reading.overRange(quantity);
        }
        if (plain.equals("open")) {
            return Reading.open(quantity);
        }
        return plain.matches("\\d{1,6}(\\.\\d{0,6})?|\\.\\d{1,6}")
                ? Reading.of(quantity, Double.parseDouble(plain))
                : null;
    }
}
