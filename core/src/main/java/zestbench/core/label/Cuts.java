package zestbench.core.label;

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

    final void reach(int from, int to, Step step) {
        ways.reach(from, to, step);
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
