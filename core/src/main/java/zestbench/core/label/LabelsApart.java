package zestbench.core.label;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import zestbench.core.Families;
import zestbench.core.value.Value;

/** Several labels on one picture: told from one label whose parts lie apart by what each of them says for itself. */
public final class LabelsApart {
    /** A label of its own says so much at least. */
    private static final int LEAST_FIELDS = 2;

    private LabelsApart() {}

    /**
     * Which of the heaps of writing on a picture are labels of their own; fewer than two where the picture shows one label.
     *
     * @param heaps each as it was recognised, far from the others
     * @param kind that is looked for, or {@link Families#AUTO}
     * @return their places in {@code heaps}: of that kind first, then the one that says most
     */
    public static List<Integer> of(String kind, List<SeenText> heaps) {
        List<LabelRead> reads =
                heaps.stream().map(h -> Families.read(Families.AUTO, h.text())).toList();
        List<Integer> told = new ArrayList<>();
        for (int i = 0; i < reads.size(); i++) {
            if (reads.get(i).kind() != null && size(reads.get(i)) >= LEAST_FIELDS) {
                told.add(i);
            }
        }
        boolean areApart =
                told.stream().anyMatch(a -> told.stream().anyMatch(b -> a < b && areTwo(reads.get(a), reads.get(b))));
        told.sort(Comparator.comparing((Integer i) -> !kind.equals(reads.get(i).kind()))
                .thenComparing(i -> -size(reads.get(i))));
        return areApart ? List.copyOf(told) : List.of();
    }

    private static int size(LabelRead read) {
        return read.fields().fields().size();
    }

    /** Two kinds are two labels; two of a kind are where they say different things of the same. */
    private static boolean areTwo(LabelRead a, LabelRead b) {
        if (a.kind() == null || !a.kind().equals(b.kind())) {
            return true;
        }
        Map<String, Value> other = b.fields().fields();
        return a.fields().fields().entrySet().stream()
                .anyMatch(f ->
                        other.containsKey(f.getKey()) && !other.get(f.getKey()).equals(f.getValue()));
    }
}
