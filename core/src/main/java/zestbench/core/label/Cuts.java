package zestbench.core.label;

import java.util.List;
import zestbench.core.label.Vocabulary.Node;
import zestbench.core.label.Ways.Step;

/** What all that cuts a text asks of it. */
abstract class Cuts {
    final Ways ways;
    final String text;
    final Vocabulary vocabulary;
    final Step[] came;

    Cuts(Ways ways) {
        this.ways = ways;
        this.text = ways.text;
        this.vocabulary = ways.vocabulary;
        this.came = ways.came;
    }

    /** A piece as it stands in the text. */
    final void reach(int from, int to, Item.Kind kind, double cost) {
        if (ways.isCheaper(from, to, cost)) {
            ways.reach(to, new Step(from, kind, null, Meanings.NONE, null, cost));
        }
    }

    /** A known word. */
    final void reach(int from, int to, Node node, double cost) {
        if (ways.isCheaper(from, to, cost)) {
            ways.reach(to, new Step(from, Item.Kind.PHRASE, null, node.meanings, node.word, cost));
        }
    }

    /** A sign, or where something ends, that is written otherwise. */
    final void reach(int from, int to, Item.Kind kind, String written) {
        ways.reach(to, new Step(from, kind, null, Meanings.NONE, written, 0));
    }

    /** @param number NaN where a digit is missing */
    final void number(int from, int to, double number, String digits, double cost) {
        ways.reach(
                to,
                new Step(from, Item.Kind.NUMBER, new Figure(List.of(number), "", false), Meanings.NONE, digits, cost));
    }

    /** Whether what stands in front of here is a number, as far as it is cut. */
    final boolean isBehindNumber(int from) {
        return came[from] != null && came[from].isNumber();
    }

    boolean isLetter(int at) {
        return Letterforms.isLetter(text.charAt(at));
    }

    boolean isDigit(int at) {
        return at < text.length() && Letterforms.isDigit(text.charAt(at));
    }

    static boolean isDigitLike(char c) {
        return Letterforms.isDigit(c);
    }

    boolean isDigitLike(int at) {
        return at < text.length() && Letterforms.digit(text.charAt(at)) >= 0;
    }

    boolean isPoint(int at) {
        return at + 1 < text.length() && ".,".indexOf(text.charAt(at)) >= 0;
    }

    boolean isAlphanumeric(int at) {
        return isLetter(at) || Letterforms.isDigit(text.charAt(at));
    }

    boolean isGapSign(int at) {
        return text.charAt(at) == '?' || text.charAt(at) == '_';
    }

    boolean isCodeSign(int at) {
        return text.charAt(at) == '-';
    }
}
