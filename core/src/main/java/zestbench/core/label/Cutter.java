package zestbench.core.label;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import zestbench.core.label.Vocabulary.Node;
import zestbench.core.label.Ways.Step;

/**
 * Cuts a label's text into atoms at the least cost: every place in it is reached in the cheapest way from the places before,
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
     * The atoms of {@code plain} in order, white space left out.
     *
     * @param isSpaced whether blanks may stand between the digits of one number
     */
    static List<Atom> cut(String plain, Vocabulary vocabulary, boolean isSpaced) {
        Cutter cutter = new Cutter(new Ways(plain, vocabulary), isSpaced);
        cutter.run();
        return cutter.atoms();
    }

    private void run() {
        for (int at = 0; at < text.length(); at++) {
            if (!ways.isReached(at)) {
                continue;
            }
            char c = text.charAt(at);
            // a tab parts columns: nothing is read across one
            if (c == ' ' || c == '\t') {
                reach(at, at + 1, new Step(at, Atom.Kind.BREAK, 0, List.of(), " ", 0));
            } else if (c == '\n') {
                reach(at, at + 1, new Step(at, Atom.Kind.BREAK, 0, List.of(), "\n", 0));
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
                    reach(at, at + 1, new Step(at, Atom.Kind.SIGN, 0, List.of(), text.substring(at, at + 1), sign(at)));
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
            reach(at, to + 1, new Step(at, Atom.Kind.PHRASE, 0, both.meanings, both.word, SIGN));
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

    private List<Atom> atoms() {
        List<Atom> out = new ArrayList<>();
        for (int to = text.length(); to > 0; to = came[to].from()) {
            Step step = came[to];
            if (step.kind() != Atom.Kind.BREAK || step.word().equals("\n")) {
                out.add(new Atom(
                        step.kind(), step.word(), step.number(), step.meanings(), step.from(), to, step.cost(), 0, 0));
            }
        }
        Collections.reverse(out);
        List<Atom> placed = new ArrayList<>(out.size());
        int line = 0;
        int lineStart = 0;
        for (Atom atom : out) {
            placed.add(new Atom(
                    atom.kind(),
                    atom.text(),
                    atom.number(),
                    atom.meanings(),
                    atom.start(),
                    atom.end(),
                    atom.cost(),
                    line,
                    atom.start() - lineStart));
            if (atom.kind() == Atom.Kind.BREAK) {
                line++;
                lineStart = atom.end();
            }
        }
        return placed;
    }
}
