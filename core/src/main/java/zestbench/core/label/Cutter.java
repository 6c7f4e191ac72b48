package zestbench.core.label;

import java.util.List;
import zestbench.core.label.Vocabulary.Node;

/**
 * Cuts a label's text into items at the least cost: every place in it is reached in the cheapest way from the places before,
 * so that lost spaces, split words and confused signs are weighed against each other. The work grows with the length alone.
 */
final class Cutter extends Cuts {
    private static final double SIGN = 0.02;
    private static final double GAP_AS_SIGN = 0.6;
    private static final int MOST_SKIPPED = 3;

    private final WordCuts words;
    private final NumberCuts numbers;
    private final CodeCuts codes;

    private Cutter(Ways ways, boolean isSpaced) {
        super(ways);
        this.words = new WordCuts(ways);
        this.codes = new CodeCuts(ways);
        this.numbers = new NumberCuts(ways, isSpaced);
    }

    /**
     * The items of {@code plain} in order, each number for itself, white space left out.
     *
     * @param isSpaced whether blanks may stand between the digits of one number
     */
    static List<Item> cut(String plain, Vocabulary vocabulary, boolean isSpaced) {
        Cutter cutter = new Cutter(new Ways(plain, vocabulary), isSpaced);
        cutter.run();
        return cutter.ways.items();
    }

    private void run() {
        for (int at = 0; at < text.length(); at++) {
            if (!ways.isReached(at)) {
                continue;
            }
            char c = text.charAt(at);
            // a tab parts columns: nothing is read across one
            if (c == ' ' || c == '\t') {
                reach(at, at + 1, Item.Kind.BREAK, " ");
            } else if (c == '\n') {
                reach(at, at + 1, Item.Kind.BREAK, "\n");
            } else {
                words.known(at);
                plusMinus(at);
                numbers.number(at);
                numbers.gap(at);
                words.damagedWord(at);
                words.beheaded(at);
                words.unknown(at);
                codes.code(at);
                if (!Letterforms.isLetter(c) && !Letterforms.isDigit(c) && Letterforms.fraction(c) == 0) {
                    reach(at, at + 1, Item.Kind.SIGN, sign(at));
                }
            }
        }
    }

    /** A plus and a minus typed for the sign of both, with a stroke between them or without. */
    private void plusMinus(int at) {
        Node both = text.charAt(at) == '+' ? vocabulary.root.step('±') : null;
        if (both == null) {
            return;
        }
        int to = at + 1;
        while (to < text.length() && (text.charAt(to) == '/' || text.charAt(to) == ' ') && to - at <= MOST_SKIPPED) {
            to++;
        }
        boolean isBoth = to < text.length()
                && text.charAt(to) == '-'
                && (to == at + 1 || text.substring(at, to).contains("/"));
        if (isBoth) {
            reach(at, to + 1, both, SIGN);
        }
    }

    private double sign(int at) {
        boolean isJoining = at > 0
                && at + 1 < text.length()
                && text.charAt(at) == '-'
                && Letterforms.isLetter(text.charAt(at - 1))
                && isAlphanumeric(at + 1);
        boolean isDots = text.startsWith("..", at) || (at > 0 && text.startsWith("..", at - 1));
        return isGapSign(at) || isDots ? GAP_AS_SIGN : isJoining ? 10 * SIGN : SIGN;
    }
}
