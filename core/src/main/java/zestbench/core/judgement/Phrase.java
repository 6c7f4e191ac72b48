package zestbench.core.judgement;

import java.util.ArrayList;
import java.util.List;
import zestbench.core.quantity.Figures;

/**
 * A sentence kept as data: a pattern with {@code {}} for each value, and the values. One place words them all.
 *
 * @param values numbers, kept as figures, and words
 */
public record Phrase(String pattern, List<Object> values) {
    public Phrase {
        List<Object> kept = new ArrayList<>(values.size());
        for (Object value : values) {
            kept.add(value instanceof Number n ? (Object) n.doubleValue() : String.valueOf(value));
        }
        values = List.copyOf(kept);
    }

    public static Phrase of(String pattern, Object... values) {
        return new Phrase(pattern, List.of(values));
    }

    /** The sentence with its values filled in, figures printed plainly. */
    public String text() {
        StringBuilder out = new StringBuilder();
        int from = 0;
        for (Object value : values) {
            int hole = pattern.indexOf("{}", from);
            if (hole < 0) {
                break;
            }
            out.append(pattern, from, hole).append(worded(value));
            from = hole + 2;
        }
        return out.append(pattern.substring(from)).toString();
    }

    /** Both sentences, one after the other. */
    public Phrase then(Phrase next) {
        List<Object> all = new ArrayList<>(values);
        all.addAll(next.values);
        return new Phrase(pattern + " " + next.pattern, all);
    }

    private static String worded(Object value) {
        return value instanceof Double figure ? Figures.plain(figure) : String.valueOf(value);
    }
}
