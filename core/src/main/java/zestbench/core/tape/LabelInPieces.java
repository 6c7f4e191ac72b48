package zestbench.core.tape;

import java.util.Map;
import zestbench.core.family.Family;
import zestbench.core.family.Spec;
import zestbench.core.label.LabelRead;
import zestbench.core.quantity.Letters;
import zestbench.core.value.Value;

/**
 * A label that is typed in pieces: what is typed later lies over what was read before and takes nothing away, so that
 * {@code 30 FLA} behind {@code 2 pole 24V coil} adds amps and leaves poles and coil.
 *
 * @param text all that was typed, a piece a line; what the box shows
 * @param spec what all of it says
 */
public record LabelInPieces(String text, Spec spec) {
    /** A text typed for a part. */
    public static LabelInPieces typed(PartState part, String text) {
        return over(part.text(), part.spec(), text, part.family().read(text));
    }

    /** A text laid over a label. It stands alone where it holds the earlier text, or says all of it anew. */
    static LabelInPieces over(String before, Spec known, String typed, LabelRead read) {
        Spec now = new Spec(read.fields());
        boolean isWhole = before.isBlank()
                || plain(typed).contains(plain(before))
                || now.values()
                        .fields()
                        .keySet()
                        .containsAll(known.values().fields().keySet());
        if (isWhole) {
            return new LabelInPieces(typed.strip(), now);
        }
        Spec all = known;
        for (Map.Entry<String, Value> field : now.values().fields().entrySet()) {
            all = all.with(field.getKey(), field.getValue());
        }
        boolean isSaid = plain(before).contains(plain(typed));
        return new LabelInPieces(isSaid ? before.strip() : before.strip() + "\n" + typed.strip(), all);
    }

    /** Whether a label can be of this part: its own is not known yet, says the same, or leaves open what this one says. */
    public static boolean belongs(PartState part, Family family, Spec said) {
        boolean isOpen = part.closed() == null && part.chosen() == null && part.family() == family;
        Map<String, Value> known = part.spec().values().fields();
        return isOpen
                && said.values().fields().entrySet().stream()
                        .allMatch(field -> !known.containsKey(field.getKey())
                                || field.getValue().equals(known.get(field.getKey())));
    }

    private static String plain(String text) {
        return Letters.small(text.strip().replaceAll("\\s+", " "));
    }
}
