package zestbench.core.label;

import org.jspecify.annotations.Nullable;

/**
 * A piece of a label's text that is one thing: a figure, a word, a sign or the end of a line.
 *
 * @param figure for a figure, of one number as it is cut; null else
 * @param text as it stands in the plain text
 * @param meanings what a known word can stand for
 * @param start first UTF-16 offset
 * @param end offset behind the last character
 * @param cost how far from clear print it is, from 0
 * @param line line it stands in, from 0
 * @param column place in that line, from 0
 * @param isTied whether it stands in the same cell of a table as the one before, so that nothing parts them
 */
record Item(
        Kind kind,
        @Nullable Figure figure,
        String text,
        Meanings meanings,
        int start,
        int end,
        double cost,
        int line,
        int column,
        boolean isTied) {
    /** What an item is. */
    enum Kind {
        NUMBER,
        PHRASE,
        WORD,
        CODE,
        /** A code that was said letter by letter. */
        SPELLED,
        SIGN,
        BREAK
    }

    boolean isFigure() {
        return figure != null;
    }

    /** Its first number; NaN where it is none, or a digit of it is missing. */
    double number() {
        return figure == null ? Double.NaN : figure.first();
    }

    boolean isGap() {
        return isFigure() && Double.isNaN(number());
    }

    boolean isWhole() {
        return isFigure() && number() == Math.rint(number());
    }

    boolean isSign(String sign) {
        return kind == Kind.SIGN && text.equals(sign);
    }

    boolean isBreak() {
        return kind == Kind.BREAK;
    }

    boolean isName() {
        return means(Meaning.Kind.NAME) || means(Meaning.Kind.UNIT);
    }

    /** Whether it names what no field takes. */
    boolean isForeign() {
        return means(Meaning.Kind.FOREIGN) && !means(Meaning.Kind.NAME) && !means(Meaning.Kind.CHOICE);
    }

    /** Whether nothing is missed where nothing is made of it. */
    boolean isFiller() {
        return means(Meaning.Kind.FILLER) || means(Meaning.Kind.TELLS);
    }

    boolean means(Meaning.Kind meaning) {
        return meanings.has(meaning);
    }

    /** The unit it can be; null where it is none. */
    @Nullable
    Unit unit() {
        return meanings.unit;
    }

    /** The spoken number this word is part of; null where it is none. */
    Meaning.@Nullable Spoken spoken() {
        return meanings.spoken;
    }

    /** The same, where it may as well be what another stands for. */
    Item or(Item other) {
        return new Item(
                kind,
                figure,
                text,
                meanings.and(other.meanings),
                start,
                other.end,
                cost + other.cost,
                line,
                column,
                isTied);
    }

    /** This and what follows up to {@code last} as one thing. */
    Item upTo(Item last, Kind one, @Nullable Figure its, String written, double costs) {
        return new Item(one, its, written, Meanings.NONE, start, last.end, costs, line, column, false);
    }

    /** The same, as a cell of a table behind its name. */
    Item tied() {
        return new Item(kind, figure, text, meanings, start, end, cost, line, column, true);
    }
}
