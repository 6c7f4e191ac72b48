package zestbench.core.tape;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import zestbench.core.family.Family;
import zestbench.core.family.Spec;
import zestbench.core.label.LabelRead;
import zestbench.core.label.LabelRead.Doubt;
import zestbench.core.quantity.Letters;
import zestbench.core.value.Value;

/**
 * A label that is typed in pieces: what is typed later lies over what was read before and takes nothing away, so that
 * {@code 30 FLA} behind {@code 2 pole 24V coil} adds amps and leaves poles and coil.
 *
 * @param text all that was typed, a piece a line; what the box shows
 * @param spec what all of it says
 * @param doubts about what was read and not confirmed
 */
public record LabelInPieces(String text, Spec spec, List<Doubt> doubts) {
    /** A text typed for a part. */
    public static LabelInPieces typed(PartState part, String text) {
        return over(part.text(), part.spec(), part.doubts(), text, part.family().read(text));
    }

    /**
     * A label as it stands in its box, with its fields as read or set by hand.
     *
     * @param checked attributes that somebody compared with the label
     */
    public static LabelInPieces checked(PartState part, String text, Spec fields, Set<String> checked) {
        LabelRead read = part.family().read(text);
        boolean isSame = plain(text).equals(plain(part.text()));
        Spec known = isSame ? part.spec() : new Spec(read.fields());
        List<Doubt> open = (isSame ? part.doubts() : read.doubts())
                .stream()
                        .filter(d -> !checked.contains(d.attribute()) && isAsRead(d, fields, known))
                        .toList();
        return new LabelInPieces(text.strip(), fields, open);
    }

    /** Whether what is doubted is still as it was read; what could not be read stays doubted until it is filled. */
    private static boolean isAsRead(Doubt doubt, Spec fields, Spec read) {
        Map<String, Value> now = fields.values().fields();
        Map<String, Value> then = read.values().fields();
        return Objects.equals(now.get(doubt.attribute()), then.get(doubt.attribute()));
    }

    /** A text laid over a label; what was typed before is left out where this holds it, or says all of it anew. */
    static LabelInPieces over(String before, Spec known, List<Doubt> doubts, String typed, LabelRead read) {
        Spec now = new Spec(read.fields());
        List<Doubt> fresh = read.doubts().stream()
                .filter(d -> now.has(d.attribute()) || !known.has(d.attribute()))
                .toList();
        boolean isAnew = before.isBlank()
                || plain(typed).contains(plain(before))
                || now.values()
                        .fields()
                        .keySet()
                        .containsAll(known.values().fields().keySet());
        Spec whole = known;
        for (Map.Entry<String, Value> field : now.values().fields().entrySet()) {
            whole = whole.with(field.getKey(), field.getValue());
        }
        List<Doubt> all = new ArrayList<>(fresh);
        doubts.stream()
                .filter(d -> !now.has(d.attribute())
                        && fresh.stream().noneMatch(f -> f.attribute().equals(d.attribute())))
                .forEach(all::add);
        boolean isSaid = !before.isBlank() && plain(before).contains(plain(typed));
        String text = isSaid ? before.strip() : isAnew ? typed.strip() : before.strip() + "\n" + typed.strip();
        return new LabelInPieces(text, whole, List.copyOf(all));
    }

    /** Whether a label can be of the part at hand: its own says the same, or leaves open what this one says. */
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
