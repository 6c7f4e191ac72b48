package zestbench.core.label;

import java.util.ArrayList;
import java.util.List;
import zestbench.core.label.Vocabulary.Node;

/** The words a text can be cut into: known ones, damaged ones, such as nobody knows, and part numbers. */
final class WordCuts extends Cuts {
    private static final double KNOWN = 0.1;
    private static final double NUMBER = 0.1;
    private static final double UNKNOWN = 0.9;
    private static final double UNKNOWN_BESIDE_DIGIT = 0.5;
    private static final double CONFUSED = 0.22;
    private static final double CONFUSED_IN_SHORT = 0.2;
    private static final double WITHIN_LETTERS = 0.35;
    private static final double WITHIN_DIGITS = 0.4;
    private static final double SKIPPED = 0.03;
    private static final double WIDE_SKIP = 0.25;
    private static final double GAP = 0.15;
    private static final double SIGN = 0.02;
    private static final int MOST_SKIPPED = 3;
    private static final int SHORT = 3;
    private static final int LONGEST_WORD = 60;
    private static final String SHORT_LETTERS = "acvwfhp";

    /** So many letters of a word that breaks off tell it, where only one word goes on from them. */
    private static final int LEAST_OF_BROKEN = 5;

    private final MisspeltCuts misspelt;
    private final Node[] walked = new Node[LONGEST_WORD];

    WordCuts(Ways ways) {
        super(ways);
        this.misspelt = new MisspeltCuts(ways);
    }

    void known(int from) {
        Node node = vocabulary.root;
        boolean isInLetters = from > 0 && !isBehindNumber(from) && isLetter(from - 1) && isLetter(from);
        double soFar = KNOWN + (isInLetters ? WITHIN_LETTERS : 0);
        int length = 0;
        int skipped = 0;
        Node[] path = walked;
        for (int at = from; at < text.length() && at - from < LONGEST_WORD; at++) {
            char c = text.charAt(at);
            path[at - from] = node;
            Node broken = length >= LEAST_OF_BROKEN && text.startsWith("..", at) ? node.only() : null;
            if (broken != null) {
                reach(from, at + 2, broken, soFar + 2 * GAP);
            }
            Node next = node.step(Letterforms.folded(c));
            if (next == null) {
                if (length == 0 || !Vocabulary.isSkipped(c) || ++skipped > MOST_SKIPPED) {
                    misspelt.mended(from, at, path, length, soFar);
                    return;
                }
                if (c == '.' && (isDigit(at - 1) || isDigit(at + 1))) {
                    // beside a digit it is a decimal point
                    return;
                }
                soFar += isInLetters && c == ' ' ? WITHIN_LETTERS : 0;
                boolean isWide = c == ' ' && text.charAt(at - 1) == ' ';
                soFar += isWide ? WIDE_SKIP : c == ' ' ? SKIPPED : SKIPPED / 3;
                continue;
            }
            // where a word goes on across a blank, its letters may be those of the next word
            skipped = 0;
            node = next;
            length++;
            if (!node.meanings.isEmpty()) {
                end(from, at + 1, node, soFar, length);
            }
        }
    }

    /** Ends a known word here, where it is one in earnest: more than half of it is printed as it is written. */
    private void end(int from, int to, Node node, double walked, int length) {
        double soFar = walked;
        int confused = 0;
        int at = from;
        for (int i = 0; i < length; at++) {
            char c = text.charAt(at);
            char written = node.word.charAt(i);
            if (Letterforms.folded(c) == Letterforms.folded(written)) {
                boolean isMeant = c == written || (Letterforms.isLetter(c) && Letterforms.isLetter(written));
                confused += isMeant ? 0 : 1;
                i++;
            }
        }
        if (confused > 0 && length <= SHORT && node.meanings.areAll(Meaning.Kind.FILLER)) {
            return;
        }
        boolean isFromDigits = from > 0 && isDigit(from) && isDigit(from - 1);
        if (confused * 2 > length
                || (length == 1 && confused > 0)
                || (isFromDigits && isDigitLike(node.word.charAt(0)) && !isUnitInLetters(node, to))) {
            return;
        }
        boolean isInLetters = isLetter(to - 1) && to < text.length() && isLetter(to);
        boolean isInDigits =
                isDigit(to - 1) && to < text.length() && (isDigit(to) || (text.charAt(to) == '/' && isDigit(to + 1)));
        // a unit may touch its figure, another word of such letters is rather part of it
        boolean isOfDigits = node.meanings.unit == null && isTouchingDigit(from, to) && areDigitLike(from, to);
        boolean isLoneInLetters =
                length == 1 && isLetter(from) && from > 0 && isLetter(from - 1) && !isBehindNumber(from);
        boolean isBetween =
                length == 1 && isLetter(from) && from > 0 && isDigit(from - 1) && to < text.length() && isDigit(to);
        boolean isSaid = node.meanings.areAll(Meaning.Kind.SPOKEN) && length > 1;
        boolean isGlued = (from > 0 && isAlphanumeric(from - 1)) || (to < text.length() && isAlphanumeric(to));
        if (isSaid && isGlued) {
            return;
        }
        if (isLoneInLetters || (length == 1 && isInLetters && SHORT_LETTERS.indexOf(text.charAt(from)) < 0)) {
            return;
        }
        double each = length <= 2 ? CONFUSED_IN_SHORT : CONFUSED;
        // V A may be VA behind a figure; in a table's head they are two
        boolean isUnit = node.meanings.unit != null;
        boolean isParted = length == 2 && text.substring(from, to).contains(" ");
        soFar += isUnit && isParted && !isBehindFigure(from) ? WIDE_SKIP : 0;
        if (!isAlphanumeric(from)) {
            // a sign that is known is no longer just a sign
            soFar = SIGN / 2;
        }
        reach(
                from,
                to,
                node,
                soFar
                        + confused * each
                        + (isInDigits || isOfDigits ? WITHIN_DIGITS : 0)
                        + (isFromDigits ? NUMBER : 0)
                        + (isBetween ? WITHIN_DIGITS : 0));
    }

    private boolean isBehindFigure(int from) {
        int at = from;
        while (at > 0 && came[at].isBlank()) {
            at = came[at].from();
        }
        return at > 0 && (came[at].isNumber() || came[at].meanings().spoken != null);
    }

    /** Whether a unit is printed with its last letter at least, as the ounces of 40Z. */
    private boolean isUnitInLetters(Node node, int to) {
        return isLetter(to - 1) && node.meanings.areAll(Meaning.Kind.UNIT);
    }

    private boolean isTouchingDigit(int from, int to) {
        boolean isJoinedBehind = to < text.length() && "+/.,".indexOf(text.charAt(to)) >= 0 && isDigit(to + 1);
        boolean isJoinedBefore = from > 1 && "+/".indexOf(text.charAt(from - 1)) >= 0 && isDigit(from - 2);
        return (from > 0 && isDigit(from - 1)) || isDigit(to) || isJoinedBehind || isJoinedBefore;
    }

    private boolean areDigitLike(int from, int to) {
        for (int at = from; at < to; at++) {
            if (!isDigitLike(at)) {
                return false;
            }
        }
        return true;
    }

    /** A word with signs missing, where only one known word fits it. */
    void damagedWord(int from) {
        if (from > 0 && isAlphanumeric(from - 1)) {
            return;
        }
        int to = from;
        int letters = 0;
        int gaps = 0;
        while (to < text.length() && to - from < LONGEST_WORD && (isAlphanumeric(to) || isGapSign(to))) {
            letters += isLetter(to) ? 1 : 0;
            gaps += isGapSign(to) ? 1 : 0;
            to++;
        }
        if (gaps == 0 || letters < 2 || gaps > 2) {
            return;
        }
        List<Node> found = new ArrayList<>();
        wildcards(vocabulary.root, from, to, found);
        if (found.size() == 1) {
            Node node = found.get(0);
            reach(from, to, node, KNOWN + GAP + gaps * GAP);
        } else {
            reach(from, to, Item.Kind.WORD, UNKNOWN);
        }
    }

    /** A word whose beginning is gone, where only one known word ends like it. */
    void beheaded(int from) {
        if (!text.startsWith("..", from)
                || (from > 0 && text.charAt(from - 1) != ' ' && text.charAt(from - 1) != '\n')) {
            return;
        }
        int first = from + 2;
        int to = first;
        while (to < text.length() && to - first < LONGEST_WORD && isLetter(to)) {
            to++;
        }
        Node node = to - first < LEAST_OF_BROKEN ? null : vocabulary.ending(text.substring(first, to));
        if (node != null) {
            reach(from, to, node, KNOWN + 2 * GAP);
        }
    }

    private void wildcards(Node node, int at, int to, List<Node> found) {
        if (at == to) {
            if (!node.meanings.isEmpty()) {
                found.add(node);
            }
            return;
        }
        if (isGapSign(at)) {
            node.steps().forEach(next -> wildcards(next, at + 1, to, found));
        } else {
            Node next = node.step(Letterforms.folded(text.charAt(at)));
            if (next != null) {
                wildcards(next, at + 1, to, found);
            }
        }
    }

    void unknown(int from) {
        if (isDigit(from) && (from == 0 || !isDigit(from - 1))) {
            int to = from;
            while (isDigit(to)) {
                to++;
            }
            // longer than any figure
            reach(from, to, Item.Kind.WORD, 2 * CodeCuts.CODE);
        }
        if (!isLetter(from) || (from > 0 && isLetter(from - 1))) {
            return;
        }
        int to = from;
        while (to < text.length() && isLetter(to)) {
            to++;
        }
        boolean besideDigit = (from > 0 && isDigit(from - 1)) || (to < text.length() && isDigit(to));
        double each = UNKNOWN + (besideDigit ? UNKNOWN_BESIDE_DIGIT : 0) + 0.01 * (to - from);
        reach(from, to, Item.Kind.WORD, each);
    }
}
