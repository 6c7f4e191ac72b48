package zestbench.core.label;

import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import zestbench.core.label.Shape.Told;

/**
 * A figure taken for a field.
 *
 * @param told what it then says
 * @param marks of the paths that it fills, one for each that is told
 * @param hashes of what each told says
 * @param unit printed with it; null where none is
 * @param cost how unusual that would be, from 0
 */
record Candidate(
        LabelField field,
        List<Told> told,
        long[] marks,
        int[] hashes,
        @Nullable Unit unit,
        double cost) {
    static Candidate of(LabelGrammar grammar, LabelField field, List<Told> told, @Nullable Unit unit, double cost) {
        long[] marks = new long[told.size()];
        int[] hashes = new int[told.size()];
        for (int i = 0; i < marks.length; i++) {
            marks[i] = 1L << grammar.path(field.group() + "." + told.get(i).path());
            hashes[i] = Objects.hash(told.get(i), field.group());
        }
        return new Candidate(field, told, marks, hashes, unit, cost);
    }
}
