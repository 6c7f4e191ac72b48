package zestbench.core.label;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What a reader goes by: a figure, a word, a sign or the end of a line.
 *
 * @param figure for a figure; null else
 * @param text as it stands in the plain text
 * @param meanings what a known word can stand for
 * @param start first UTF-16 offset
 * @param end offset behind the last character
 * @param cost how far from clear print it is
 * @param isTied whether it stands in the same cell of a table as the one before, so that nothing parts them
 */
record Item(
        Atom.Kind kind,
        @Nullable Figure figure,
        String text,
        List<Meaning> meanings,
        int start,
        int end,
        double cost,
        int line,
        int column,
        boolean isTied) {
    boolean isFigure() {
        return figure != null;
    }

    boolean isBreak() {
        return kind == Atom.Kind.BREAK;
    }

    boolean isName() {
        return means(Meaning.Name.class) || means(Meaning.OfUnit.class);
    }

    /** Whether it names what no field takes. */
    boolean isForeign() {
        return means(Meaning.Foreign.class) && !means(Meaning.Name.class) && !means(Meaning.Choice.class);
    }

    /** Whether nothing is missed where nothing is made of it. */
    boolean isFiller() {
        return means(Meaning.Filler.class) || means(Meaning.Tells.class);
    }

    boolean means(Class<? extends Meaning> kind) {
        for (Meaning meaning : meanings) {
            if (kind.isInstance(meaning)) {
                return true;
            }
        }
        return false;
    }

    /** The unit it can be; null where it is none. */
    @Nullable
    Unit unit() {
        for (Meaning meaning : meanings) {
            if (meaning instanceof Meaning.OfUnit of) {
                return of.unit();
            }
        }
        return null;
    }

    /** The same, where it may as well be what another stands for. */
    Item or(Item other) {
        List<Meaning> both = new ArrayList<>(meanings);
        both.addAll(other.meanings);
        return new Item(
                kind, figure, text, List.copyOf(both), start, other.end, cost + other.cost, line, column, isTied);
    }

    /** The same, as a cell of a table behind its name. */
    Item tied() {
        return new Item(kind, figure, text, meanings, start, end, cost, line, column, true);
    }
}
