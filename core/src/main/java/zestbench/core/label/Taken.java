package zestbench.core.label;

import org.jspecify.annotations.Nullable;
import zestbench.core.value.Value;

/**
 * One value as it was taken from a label.
 *
 * @param path name of the attribute
 * @param group rows it belongs to; empty where it has none
 * @param row number of its row, from 0
 * @param value null where a digit of it is missing
 * @param unit printed with it
 * @param name item of its name; -1 where it has none
 * @param figure item of its figure or word
 * @param last item it ends with
 * @param before the one taken before it
 * @param hash of it and all before it
 */
record Taken(
        String path,
        String group,
        int row,
        @Nullable Value value,
        @Nullable Unit unit,
        int name,
        int figure,
        int last,
        @Nullable Taken before,
        int hash) {
    private static final int SPREAD = 0x9E3779B9;
    private static final int HALF = 15;
    private static final int PRIME = 31;

    /** @param at which of what the candidate tells */
    static Taken of(Candidate candidate, int at, int row, int name, int figure, int last, @Nullable Taken before) {
        // what was taken first does not matter
        int own = ((candidate.hashes()[at] * PRIME + row) * PRIME + figure) * SPREAD;
        int hash = (before == null ? 1 : before.hash()) + (own ^ (own >>> HALF));
        Shape.Told told = candidate.told().get(at);
        return new Taken(
                told.path(),
                candidate.field().group(),
                row,
                told.value(),
                candidate.unit(),
                name,
                figure,
                last,
                before,
                hash);
    }

    /** Whether it is the same place of the label's fields. */
    boolean isOf(String otherPath, String otherGroup, int otherRow) {
        return row == otherRow && path.equals(otherPath) && group.equals(otherGroup);
    }

    String key() {
        return group.isEmpty() ? path : group + "[" + row + "]." + path;
    }
}
