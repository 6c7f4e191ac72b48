package zestbench.core.family;

import java.util.List;

/**
 * One thing a label can say of a part.
 *
 * @param name its name in specs, with the unit in it
 * @param label what a person calls it
 * @param unit its unit sign, empty where it has none
 * @param decides whether a gap in it leaves a match undecided
 * @param where where on the label it is usually printed
 * @param options the words allowed, for {@link Type#CHOICE}; how usual figures are written, such as 1/4, for a number
 * @param rows the attributes of each row, for {@link Type#ROWS}
 * @param usual what is usual there, as a label prints it, such as ±6%: put into the text by a tap; empty where nothing is
 */
public record Attribute(
        String name,
        String label,
        String unit,
        Type type,
        boolean decides,
        String where,
        List<String> options,
        List<Attribute> rows,
        List<String> usual) {
    /** Where an attribute is to be found that no label prints. */
    public static final String MEASURED = "measure it";

    /** The form a value takes. */
    public enum Type {
        NUMBER,
        SIGNED_NUMBER,
        NUMBERS,
        /** numbers in a row, or such rows in a row: 208, 230 in one winding, and 460 in the other */
        NUMBER_GROUPS,
        TEXT,
        CHOICE,
        FLAG,
        ROWS,
        NUMBERS_BY_NAME
    }

    public static Attribute number(String name, String label, String unit, String where) {
        return new Attribute(name, label, unit, Type.NUMBER, false, where, List.of(), List.of(), List.of());
    }

    public static Attribute choice(String name, String label, String where, String... options) {
        return new Attribute(name, label, "", Type.CHOICE, false, where, List.of(options), List.of(), List.of());
    }

    public static Attribute text(String name, String label, String where) {
        return new Attribute(name, label, "", Type.TEXT, false, where, List.of(), List.of(), List.of());
    }

    public static Attribute rows(String name, String label, String where, Attribute... rows) {
        return new Attribute(name, label, "", Type.ROWS, false, where, List.of(), List.of(rows), List.of());
    }

    /** Whether it is measured on the part rather than printed on its label. */
    public boolean isMeasured() {
        return where.contains(MEASURED);
    }

    /** The same, of another form. */
    public Attribute as(Type other) {
        return new Attribute(name, label, unit, other, decides, where, options, rows, usual);
    }

    /** The same, whose usual figures are written so. */
    public Attribute written(List<String> figures) {
        return new Attribute(name, label, unit, type, decides, where, figures, rows, usual);
    }

    /** The same, where that is usual, as a label prints it. */
    public Attribute usually(String... prints) {
        return new Attribute(name, label, unit, type, decides, where, options, rows, List.of(prints));
    }

    /** The same, but without it no match is decided. */
    public Attribute deciding() {
        return new Attribute(name, label, unit, type, true, where, options, rows, usual);
    }
}
