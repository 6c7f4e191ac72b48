package zestbench.core.label;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A piece of a label's text that is one thing: a number, a word that is known, a word that is not, a sign.
 *
 * @param text as it stands in the plain text
 * @param number the value of a number; NaN where a digit of it is missing
 * @param meanings what a known word can stand for
 * @param start first UTF-16 offset
 * @param end offset behind the last character
 * @param cost how far from clear print it is, from 0
 * @param line line it stands in, from 0
 * @param column place in that line, from 0
 */
record Atom(
        Kind kind,
        String text,
        double number,
        List<Meaning> meanings,
        int start,
        int end,
        double cost,
        int line,
        int column) {
    /** What an atom is. */
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

    boolean isNumber() {
        return kind == Kind.NUMBER;
    }

    boolean isGap() {
        return kind == Kind.NUMBER && Double.isNaN(number);
    }

    boolean isSign(String sign) {
        return kind == Kind.SIGN && text.equals(sign);
    }

    /** The spoken number this word is part of; null where it is none. */
    Meaning.@Nullable Spoken spoken() {
        for (Meaning meaning : meanings) {
            if (meaning instanceof Meaning.Spoken spoken) {
                return spoken;
            }
        }
        return null;
    }
}
