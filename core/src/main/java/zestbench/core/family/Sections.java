package zestbench.core.family;

import java.util.List;
import java.util.Optional;
import zestbench.core.value.Value;

/** The parts of one can, as a dual capacitor has two: where a spec keeps them, and by what they are read. */
public final class Sections {
    /** The attribute that holds them, a row each. */
    public static final String ATTRIBUTE = "sections";
    /** Of a row, the stud it ends on; where it ends on none, its name. */
    public static final String TERMINAL = "terminal";

    public static final String NAME = "name";
    /** Of a row, in µF. */
    public static final String MICROFARADS = "microfarads";

    /** The stud of the compressor's section, and that of the fan's. */
    public static final String HERM = "HERM";

    public static final String FAN = "FAN";

    /** What is read of a can that is one; so it stands on tapes. */
    public static final String WHOLE = "CAPACITOR";

    private Sections() {}

    public static List<Spec> of(Spec spec) {
        return spec.rows(ATTRIBUTE);
    }

    public static Optional<String> terminal(Spec row) {
        return row.text(TERMINAL);
    }

    /** By what a row is known beside the others. @param at its place among them, from 0 */
    public static String known(Spec row, int at) {
        return terminal(row).or(() -> row.text(NAME)).orElse(String.valueOf(at + 1));
    }

    /** One row of so many µF. */
    public static Spec row(double microfarads) {
        return Spec.EMPTY.with(MICROFARADS, Value.of(microfarads));
    }

    /** A spec with these rows. */
    public static Spec with(Spec spec, List<Spec> rows) {
        return spec.with(
                ATTRIBUTE,
                new Value.Items(rows.stream().map(r -> (Value) r.values()).toList()));
    }

    /** What was read, in front of its figure; empty where it is all there is. */
    public static String said(String subject) {
        return subject.equals(WHOLE) ? "" : subject + " ";
    }
}
