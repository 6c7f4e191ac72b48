package zestbench.core.family;

import java.util.List;
import java.util.function.Consumer;
import zestbench.core.judgement.Criterion;
import zestbench.core.judgement.Grade;
import zestbench.core.judgement.Mark;
import zestbench.core.quantity.Figures;

/**
 * A rule that wants every figure of the old label's row on the new one too: 208 and 240 V, 50 and 60 Hz.
 *
 * @param attribute both labels say
 * @param unit of its figures
 * @param mark where the rule is from
 * @param same said where both rows are the same
 * @param more said where the new one has more
 * @param less said where one of the old one's is missing
 * @param question asked where a label leaves it open; {@code {silent}} names that one; empty where such a rule is passed over
 */
public record EachOf(String attribute, String unit, Mark mark, String same, String more, String less, String question)
        implements Consumer<Comparison> {
    @Override
    public void accept(Comparison p) {
        List<Double> old = p.required.numbers(attribute);
        List<Double> now = p.offer.numbers(attribute);
        String wanted = words(old);
        String given = words(now);
        if (old.isEmpty() || now.isEmpty()) {
            if (!question.isEmpty()) {
                p.ask(question.replace("{silent}", old.isEmpty() ? "the old one" : "the new one"));
                p.add(attribute, wanted, given, Grade.UNDECIDED, mark, "it has to be known of both");
            }
            return;
        }
        boolean isEach = old.stream().allMatch(v -> now.stream().anyMatch(n -> Math.abs(n - v) < Figures.SAME));
        boolean isSame = isEach && now.size() == old.size();
        p.add(
                attribute,
                wanted,
                given,
                isSame ? Grade.LIKE_FOR_LIKE : isEach ? Grade.SUITABLE : Grade.REFUSED,
                mark,
                isSame ? same : isEach ? more : less);
    }

    private String words(List<Double> figures) {
        return figures.isEmpty()
                ? Criterion.NOT_ON_LABEL
                : String.join("/", figures.stream().map(Figures::plain).toList()) + " " + unit;
    }
}
