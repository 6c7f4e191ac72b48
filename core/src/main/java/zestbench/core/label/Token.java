package zestbench.core.label;

/**
 * A piece of a label's text with its place in it.
 *
 * @param word the text in small letters; for a number its digits
 * @param number the value, for a number
 * @param start first UTF-16 offset
 * @param end offset behind the last character
 * @param sure how certain the characters are, 0 to 1
 * @param glued whether it hangs in a run of characters that looks like a part number
 */
public record Token(Kind kind, String word, double number, int start, int end, double sure, boolean glued) {
    /** What a token is. */
    public enum Kind {
        NUMBER,
        WORD,
        SIGN
    }

    public boolean isNumber() {
        return kind == Kind.NUMBER;
    }

    public boolean is(String other) {
        return kind != Kind.NUMBER && word.equals(other);
    }

    Token asGlued() {
        return new Token(kind, word, number, start, end, sure, true);
    }
}
