package zestbench.core.label;

import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import zestbench.core.label.LabelRead.Piece;
import zestbench.core.value.Value;

/** What of a reading is to be compared with the label: signs that were confused, values that a label says twice, close calls. */
final class ReadDoubts {
    private static final double SURE = 0.9;
    /** One number with a blank in it, where a point may have been. */
    private static final Pattern SPREAD = Pattern.compile("[0-9] +[0-9]");

    private final LabelGrammar grammar;
    private final String text;
    private final List<Item> items;

    ReadDoubts(LabelGrammar grammar, String text, List<Item> items) {
        this.grammar = grammar;
        this.text = text;
        this.items = items;
    }

    boolean isConfused(Item item) {
        String printed = text.substring(item.start(), item.end());
        boolean isMistaken = item.cost() > 0.3 && printed.chars().anyMatch(c -> Character.isLetter(c) || c == '|');
        return item.isFigure()
                && (isMistaken
                        || SPREAD.matcher(printed).find()
                                && item.figure() != null
                                && item.figure().size() == 1);
    }

    /**
     * Writes down what is doubted.
     *
     * @param readings the best first
     * @param margins how much dearer the next reading of each field is
     * @param pieces from which those are taken out that nobody can believe
     */
    void of(
            List<Hypothesis> readings,
            List<Taken> taken,
            Map<String, Double> margins,
            Taking taking,
            List<Piece> pieces) {
        for (Taken each : taken) {
            Item item = items.get(each.figure());
            if (bothSaid(each, taking) && grammar.isOnlyOne(each.path())) {
                taking.remove(each.key());
                pieces.removeIf(p -> p.field().equals(each.key()));
            }
            if (each.value() != null && isConfused(item)) {
                String printed = text.substring(item.start(), item.end());
                taking.doubt(
                        each.key(),
                        "\"" + printed + "\" was taken as " + item.text() + "; compare with the label",
                        null);
            }
            String broken = each.value() != null && item.isFigure() ? brokenBefore(each.figure()) : null;
            if (broken != null) {
                taking.doubt(
                        each.key(), "\"" + broken + "\" before it was not understood: compare with the label", null);
            }
            if (each.value() != null && margins.getOrDefault(each.key(), 1.0) < SURE) {
                Value other = readings.stream()
                        .map(reading -> reading.saidOf(each))
                        .filter(v -> v != null && !v.equals(each.value()))
                        .findFirst()
                        .orElse(null);
                taking.doubt(each.key(), "this can be read in another way: compare with the label", other);
            }
        }
    }

    /** A figure and one letter, as what is left of a figure with its unit, directly before what was read. */
    private @Nullable String brokenBefore(int index) {
        if (index < 2) {
            return null;
        }
        Item letter = items.get(index - 1);
        Item figure = items.get(index - 2);
        boolean isBroken = letter.kind() == Item.Kind.WORD
                && letter.end() - letter.start() == 1
                && figure.isFigure()
                && letter.start() - figure.end() <= 1;
        return isBroken ? text.substring(figure.start(), letter.end()) : null;
    }

    /** A label that says two things of one, each in a word of its own, is believed in neither without a look. */
    private boolean bothSaid(Taken taken, Taking taking) {
        Item item = items.get(taken.figure());
        if (item.isFigure() || !taken.group().isEmpty()) {
            return false;
        }
        boolean isSaid = false;
        for (Item other : items) {
            for (Meaning meaning : other.meanings().all) {
                if (other.start() != item.start()
                        && meaning instanceof Meaning.Choice choice
                        && choice.field().path().equals(taken.path())
                        && !choice.value().equals(taken.value())) {
                    taking.doubt(taken.key(), "the label says two things of it: compare with the part", choice.value());
                    isSaid = true;
                }
            }
        }
        return isSaid;
    }
}
