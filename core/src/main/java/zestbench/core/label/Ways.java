package zestbench.core.label;

import java.util.Arrays;
import java.util.List;

/** The cheapest ways to every place of a text, and the last piece of each. */
final class Ways {
    /** The last piece of the cheapest way to a place. */
    record Step(int from, Atom.Kind kind, double number, List<Meaning> meanings, String word, double cost) {}

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

    void reach(int from, int to, Step step) {
        double whole = cost[from] + step.cost();
        if (whole < cost[to]) {
            cost[to] = whole;
            came[to] = step;
        }
    }
}
