package zestbench.core.family;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;
import zestbench.core.judgement.Criterion;
import zestbench.core.judgement.Grade;
import zestbench.core.judgement.Mark;
import zestbench.core.quantity.Figures;
import zestbench.core.quantity.Letters;

/**
 * A rule that holds one figure or word of an offer's label against the same of the old one's, as data. Words may name
 * {@code {old}} and {@code {new}}, as printed with their unit; a question also {@code {silent}}, the one whose label leaves it
 * open.
 *
 * @param attribute both labels say
 * @param unit of its figures; empty for words
 * @param needs how the new value has to stand to the old one
 * @param within so far, in the attribute's unit, two figures count as equal; 0 or more
 * @param order of words, the least first, where one can be at least another; empty for figures
 * @param otherwise the grade of an offer that does not stand so
 * @param mark where the rule is from
 * @param same said of an equal value
 * @param more said of one that is more, where that is enough
 * @param less said of one that does not stand so
 * @param change what else has to be changed for such a one to fit; empty where nothing would help
 * @param unsaid what follows where a label leaves the value open
 * @param question what is asked there; empty where nothing is
 */
public record FieldRule(
        String attribute,
        String unit,
        Needs needs,
        double within,
        List<String> order,
        Grade otherwise,
        Mark mark,
        String same,
        String more,
        String less,
        String change,
        Unsaid unsaid,
        String question)
        implements Consumer<Comparison> {
    private static final String UNKNOWN = "it has to be known of both";

    /** How the new value has to stand to the old one. */
    public enum Needs {
        EQUAL,
        AT_LEAST
    }

    /** What follows where a label leaves the value open. */
    public enum Unsaid {
        /** Nothing. */
        PASSED,
        /** The new one's is asked for, and nothing decided by it. */
        ASKED,
        /** A row that is shown and left out of the grade, where the old label says it. */
        SHOWN,
        /** The same, where either label says it. */
        SHOWN_OF_EITHER,
        /** Nothing is decided before it is known, where the old label says it. */
        UNDECIDED,
        /** Nothing is decided before both are known. */
        UNDECIDED_OF_EITHER
    }

    /** Equal, or it is refused. @param unit of its figures; empty for words */
    public static FieldRule equal(String attribute, String unit, Mark mark, String same, String less) {
        return new FieldRule(
                attribute, unit, Needs.EQUAL, 0, List.of(), Grade.REFUSED, mark, same, "", less, "", Unsaid.PASSED, "");
    }

    /** Not less, or it is refused. @param unit of its figures; empty for words */
    public static FieldRule atLeast(String attribute, String unit, Mark mark, String enough, String less) {
        return equal(attribute, unit, mark, enough, less).with(Needs.AT_LEAST, enough);
    }

    private FieldRule with(Needs how, String enough) {
        return new FieldRule(
                attribute, unit, how, within, order, otherwise, mark, same, enough, less, change, unsaid, question);
    }

    /** The same, two figures counting as equal where they differ by {@code most} at the most. */
    public FieldRule within(double most) {
        return new FieldRule(
                attribute, unit, needs, most, order, otherwise, mark, same, more, less, change, unsaid, question);
    }

    /** The same, of words in that order, the least first. */
    public FieldRule in(List<String> words) {
        return new FieldRule(
                attribute, unit, needs, within, words, otherwise, mark, same, more, less, change, unsaid, question);
    }

    /** The same, where an offer that does not stand so fits once that is changed. */
    public FieldRule fitting(String what) {
        return new FieldRule(
                attribute,
                unit,
                needs,
                within,
                order,
                Grade.NEEDS_CHANGE,
                mark,
                same,
                more,
                less,
                what,
                unsaid,
                question);
    }

    /** The same, where a label leaves the value open. */
    public FieldRule unsaid(Unsaid how, String asked) {
        return new FieldRule(
                attribute, unit, needs, within, order, otherwise, mark, same, more, less, change, how, asked);
    }

    @Override
    public void accept(Comparison p) {
        String old = text(p.required);
        String now = text(p.offer);
        if (old == null || now == null) {
            leftOpen(p, old, now);
            return;
        }
        boolean isOther = !order.isEmpty() && !(order.contains(old) && order.contains(now));
        if (isOther && !old.equals(now)) {
            p.ask("Which is more, " + old + " or " + now + "? Its own sheet says.");
            p.add(attribute, old, now, Grade.UNDECIDED, mark, UNKNOWN);
            return;
        }
        int step = step(p.required, p.offer, old, now);
        boolean isEnough = step == 0 || (step > 0 && needs == Needs.AT_LEAST);
        if (!isEnough && !change.isEmpty()) {
            p.change(filled(change, old, now));
        }
        p.add(
                attribute,
                old,
                now,
                step == 0 ? Grade.LIKE_FOR_LIKE : isEnough ? Grade.SUITABLE : otherwise,
                mark,
                "{}",
                filled(step == 0 ? same : isEnough ? more : less, old, now));
    }

    /** Below 0 where the new value is less, 0 where both are equal; words without an order are equal or more than each other. */
    private int step(Spec required, Spec offer, String old, String now) {
        Optional<Double> was = required.number(attribute);
        Optional<Double> is = offer.number(attribute);
        if (was.isPresent() && is.isPresent()) {
            double by = is.get() - was.get();
            return Math.abs(by) <= within + Figures.SAME ? 0 : by < 0 ? -1 : 1;
        }
        if (order.isEmpty()) {
            return Letters.small(old).equals(Letters.small(now)) ? 0 : 1;
        }
        return Integer.compare(order.indexOf(now), order.indexOf(old));
    }

    private void leftOpen(Comparison p, @Nullable String old, @Nullable String now) {
        String wanted = old == null ? Criterion.NOT_ON_LABEL : old;
        String given = now == null ? Criterion.NOT_ON_LABEL : now;
        boolean isSaidByOne = old != null || now != null;
        String asked = filled(question, wanted, given).replace("{silent}", old == null ? "the old one" : "the new one");
        switch (unsaid) {
            case PASSED -> {}
            case ASKED -> {
                if (old != null) {
                    p.ask(asked);
                }
            }
            case SHOWN, SHOWN_OF_EITHER -> {
                if (old != null || (isSaidByOne && unsaid == Unsaid.SHOWN_OF_EITHER)) {
                    p.silent(attribute, wanted, given, asked);
                }
            }
            case UNDECIDED, UNDECIDED_OF_EITHER -> {
                if (old != null || unsaid == Unsaid.UNDECIDED_OF_EITHER) {
                    p.ask(asked);
                    p.add(attribute, wanted, given, Grade.UNDECIDED, mark, UNKNOWN);
                }
            }
        }
    }

    private @Nullable String text(Spec spec) {
        return spec.number(attribute)
                .map(f -> Figures.plain(f) + (unit.isEmpty() ? "" : " " + unit))
                .or(() -> spec.text(attribute))
                .orElse(null);
    }

    private static String filled(String words, String old, String now) {
        return words.replace("{old}", old).replace("{new}", now);
    }
}
