package zestbench.core.label;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** The cheapest ways to every place of a text, and the last piece of each. */
final class Ways {
    /**
     * The last piece of the cheapest way to a place.
     *
     * @param figure null where it is no number
     * @param word null where it is as it stands in the text
     */
    record Step(
            int from,
            Item.Kind kind,
            @Nullable Figure figure,
            Meanings meanings,
            @Nullable String word,
            double cost) {
        boolean isBlank() {
            return kind == Item.Kind.BREAK && " ".equals(word);
        }

        boolean isNumber() {
            return kind == Item.Kind.NUMBER;
        }
    }

    final String text;
    final Vocabulary vocabulary;
    final Step[] came;
    private final double[] cost;

    Ways(String plain, Vocabulary vocabulary) {
        this.text = plain;
        this.vocabulary = vocabulary;
        this.cost = new double[plain.length() + 1];
        this.came = new Step[plain.length() + 1];
        Arrays.fill(cost, Double.POSITIVE_INFINITY);
        cost[0] = 0;
    }

    boolean isReached(int at) {
        return cost[at] < Double.POSITIVE_INFINITY;
    }

    /** Whether a piece of that cost is the cheapest way so far. */
    boolean isCheaper(int from, int to, double more) {
        return cost[from] + more < cost[to];
    }

    void reach(int to, Step step) {
        if (isCheaper(step.from, to, step.cost)) {
            cost[to] = cost[step.from] + step.cost;
            came[to] = step;
        }
    }

    /** The pieces of the cheapest way through the whole text, blanks left out. */
    List<Item> items() {
        List<Item> out = new ArrayList<>();
        int lineStart = text.lastIndexOf('\n') + 1;
        int line = (int) text.chars().filter(c -> c == '\n').count();
        for (int to = text.length(); to > 0; to = came[to].from) {
            Step step = came[to];
            boolean isEnd = step.kind == Item.Kind.BREAK && !step.isBlank();
            if (isEnd) {
                line--;
                lineStart = text.lastIndexOf('\n', step.from - 1) + 1;
            }
            if (!step.isBlank()) {
                String word = step.word == null ? text.substring(step.from, to) : step.word;
                int column = step.from - lineStart;
                out.add(new Item(
                        step.kind, step.figure, word, step.meanings, step.from, to, step.cost, line, column, false));
            }
        }
        Collections.reverse(out);
        return out;
    }
}
