package zestbench.core.label;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import zestbench.core.label.Vocabulary.Node;

/**
 * Cuts a label's text into atoms at the least cost: every place in it is reached in the cheapest way from the places before,
 * so that lost spaces, split words and confused signs are weighed against each other. The work grows with the length alone.
 */
final class Cutter {
    private static final double KNOWN = 0.1;
    private static final double NUMBER = 0.1;
    private static final double GLUED_NUMBER = 0.25;
    private static final double UNKNOWN = 0.9;
    private static final double UNKNOWN_BESIDE_DIGIT = 0.5;
    private static final double CODE = 1.25;
    private static final double CODE_LONGER = 0.2;
    private static final int USUAL_CODE = 12;
    private static final double NAMED_CODE = 0.2;
    private static final double CONFUSED = 0.22;
    private static final double CONFUSED_IN_SHORT = 0.2;
    private static final double WITHIN_LETTERS = 0.35;
    private static final double WITHIN_DIGITS = 0.4;
    private static final double SKIPPED = 0.03;
    private static final double WIDE_SKIP = 0.25;
    private static final double SPLIT_DIGITS = 1.2;
    private static final double GAP = 0.15;
    /** Ratings have neither many digits nor noughts in front; numbers of parts do. */
    private static final double LONG_NUMBER = 0.4;

    private static final int MOST_DIGITS = 4;
    private static final double SIGN = 0.02;
    private static final double GAP_AS_SIGN = 0.6;
    private static final int MOST_SKIPPED = 3;
    private static final int DOTS = 3;
    private static final int SHORT = 3;
    private static final int LONGEST_WORD = 60;
    private static final int LONGEST_NUMBER = 12;
    private static final int LONGEST_CODE = 40;
    private static final String SHORT_LETTERS = "acvwfhp";

    private final String text;
    private final Vocabulary vocabulary;
    private final boolean isSpaced;
    private final double[] cost;
    private final Step[] came;

    /** The last piece of the cheapest way to a place. */
    private record Step(int from, Atom.Kind kind, double number, List<Meaning> meanings, String word, double cost) {}

    private Cutter(String plain, Vocabulary vocabulary, boolean isSpaced) {
        this.text = plain;
        this.vocabulary = vocabulary;
        this.isSpaced = isSpaced;
        this.cost = new double[plain.length() + 1];
        this.came = new Step[plain.length() + 1];
    }

    /**
     * The atoms of {@code plain} in order, white space left out.
     *
     * @param isSpaced whether blanks may stand between the digits of one number
     */
    static List<Atom> cut(String plain, Vocabulary vocabulary, boolean isSpaced) {
        Cutter cutter = new Cutter(plain, vocabulary, isSpaced);
        cutter.run();
        return cutter.atoms();
    }

    private void run() {
        java.util.Arrays.fill(cost, Double.POSITIVE_INFINITY);
        cost[0] = 0;
        for (int at = 0; at < text.length(); at++) {
            if (cost[at] == Double.POSITIVE_INFINITY) {
                continue;
            }
            char c = text.charAt(at);
            if (c == ' ') {
                reach(at, at + 1, new Step(at, Atom.Kind.BREAK, 0, List.of(), " ", 0));
            } else if (c == '\n') {
                reach(at, at + 1, new Step(at, Atom.Kind.BREAK, 0, List.of(), "\n", 0));
            } else {
                known(at);
                plusMinus(at);
                number(at);
                gap(at);
                unknown(at);
                code(at);
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

    private void reach(int from, int to, Step step) {
        double whole = cost[from] + step.cost();
        if (whole < cost[to]) {
            cost[to] = whole;
            came[to] = step;
        }
    }

    private void known(int from) {
        Node node = vocabulary.root;
        boolean isBehindNumber = came[from] != null && came[from].kind() == Atom.Kind.NUMBER;
        boolean isInLetters = from > 0 && !isBehindNumber && isLetter(from - 1) && isLetter(from);
        double soFar = KNOWN + (isInLetters ? WITHIN_LETTERS : 0);
        int length = 0;
        int skipped = 0;
        for (int at = from; at < text.length() && at - from < LONGEST_WORD; at++) {
            char c = text.charAt(at);
            Node next = node.step(Letterforms.folded(c));
            if (next == null) {
                if (length == 0 || !Vocabulary.isSkipped(c) || ++skipped > MOST_SKIPPED) {
                    return;
                }
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
        if (confused > 0 && length <= SHORT && node.meanings.stream().allMatch(Meaning.Filler.class::isInstance)) {
            return;
        }
        boolean isFromDigits = from > 0 && isDigit(from) && isDigit(from - 1);
        if (confused * 2 > length
                || (length == 1 && confused > 0)
                || (isFromDigits && isDigitLike(node.word.charAt(0)))) {
            return;
        }
        boolean isInLetters = isLetter(to - 1) && to < text.length() && isLetter(to);
        boolean isInDigits =
                isDigit(to - 1) && to < text.length() && (isDigit(to) || (text.charAt(to) == '/' && isDigit(to + 1)));
        boolean isBehindNumber = came[from] != null && came[from].kind() == Atom.Kind.NUMBER;
        boolean isLoneInLetters = length == 1 && isLetter(from) && from > 0 && isLetter(from - 1) && !isBehindNumber;
        boolean isBetween =
                length == 1 && isLetter(from) && from > 0 && isDigit(from - 1) && to < text.length() && isDigit(to);
        boolean isSaid = node.meanings.stream().allMatch(Meaning.Spoken.class::isInstance) && length > 1;
        boolean isGlued = (from > 0 && isAlphanumeric(from - 1)) || (to < text.length() && isAlphanumeric(to));
        if (isSaid && isGlued) {
            return;
        }
        if (isLoneInLetters || (length == 1 && isInLetters && SHORT_LETTERS.indexOf(text.charAt(from)) < 0)) {
            return;
        }
        double each = length <= 2 ? CONFUSED_IN_SHORT : CONFUSED;
        if (!isAlphanumeric(from)) {
            // a sign that is known is no longer just a sign
            soFar = SIGN / 2;
        }
        reach(
                from,
                to,
                new Step(
                        from,
                        Atom.Kind.PHRASE,
                        0,
                        node.meanings,
                        node.word,
                        soFar
                                + confused * each
                                + (isInDigits ? WITHIN_DIGITS : 0)
                                + (isFromDigits ? NUMBER : 0)
                                + (isBetween ? WITHIN_DIGITS : 0)));
    }

    private void number(int from) {
        boolean isBehindWord = came[from] != null && came[from].kind() == Atom.Kind.PHRASE;
        if (from > 0 && isDigit(from - 1) && isDigit(from) && !isBehindWord) {
            return;
        }
        double fraction = Letterforms.fraction(text.charAt(from));
        if (fraction > 0) {
            reach(from, from + 1, new Step(from, Atom.Kind.NUMBER, fraction, List.of(), "", NUMBER));
            return;
        }
        StringBuilder digits = new StringBuilder();
        boolean isApart = isSpaced && from > 1 && text.charAt(from - 1) == ' ' && isDigit(from - 2);
        double soFar = NUMBER + (from > 0 && isLetter(from - 1) ? GLUED_NUMBER : 0) + (isApart ? SPLIT_DIGITS / 4 : 0);
        int real = 0;
        int confused = 0;
        boolean hasPoint = false;
        for (int at = from; at < text.length() && digits.length() < LONGEST_NUMBER; at++) {
            char c = text.charAt(at);
            int digit = Letterforms.digit(c);
            if (digit >= 0) {
                digits.append((char) ('0' + digit));
                real += Letterforms.isDigit(c) ? 1 : 0;
                confused += Letterforms.isDigit(c) ? 0 : 1;
                number(from, at + 1, digits, soFar + (isDigit(at + 1) ? WITHIN_DIGITS : 0), real, confused);
            } else if ((c == '.' || c == ',') && isDigitLike(at + 1) && !hasPoint) {
                if (c == ',' && isThousand(from, at)) {
                    continue;
                }
                digits.append('.');
                hasPoint = true;
            } else if (c == ' ' && isSpaced && (isDigit(at + 1) || isPoint(at + 1)) && at > from && at - 1 >= from) {
                soFar += SPLIT_DIGITS / 12;
            } else if ((c == '.' || c == ',')
                    && isSpaced
                    && at + 2 < text.length()
                    && text.charAt(at + 1) == ' '
                    && isDigitLike(at + 2)
                    && !hasPoint) {
                digits.append('.');
                hasPoint = true;
            } else {
                return;
            }
        }
    }

    private void number(int from, int to, StringBuilder digits, double soFar, int real, int confused) {
        boolean isAlone = (from == 0 || !isAlphanumeric(from - 1)) && (to >= text.length() || !isAlphanumeric(to));
        boolean isBesideGap = (from > 0 && isGapSign(from - 1))
                || (to < text.length() && isGapSign(to))
                || (from > 1 && text.charAt(from - 1) == '.' && text.charAt(from - 2) == '.');
        boolean isLone =
                isAlone && to - from <= 2 && text.substring(from, to).chars().allMatch(c -> "lio|".indexOf(c) >= 0);
        boolean isJoined = to - from <= 3
                && (from == 0 || !isAlphanumeric(from - 1))
                && ((to + 1 < text.length() && "+/".indexOf(text.charAt(to)) >= 0 && isDigitLike(to + 1))
                        || (from > 1 && "+/".indexOf(text.charAt(from - 1)) >= 0 && isDigitLike(from - 2)));
        if (isBesideGap || (real == 0 && !isLone && !isJoined)) {
            return;
        }
        boolean isLong = digits.length() > MOST_DIGITS
                || (digits.length() > 2 && digits.charAt(0) == '0' && digits.charAt(1) != '.');
        boolean isInLetters = confused > 0 && isLetter(to - 1) && to < text.length() && isLetter(to);
        boolean startsInLetters = isLetter(from) && from > 0 && isLetter(from - 1);
        double each = real > 0 ? CONFUSED : isJoined ? UNKNOWN / 3 : UNKNOWN / 2;
        reach(
                from,
                to,
                new Step(
                        from,
                        Atom.Kind.NUMBER,
                        Double.parseDouble(digits.toString()),
                        List.of(),
                        digits.toString(),
                        soFar
                                + confused * each
                                + (isInLetters ? SPLIT_DIGITS / 5 : 0)
                                + (startsInLetters ? SPLIT_DIGITS : 0)
                                + (isLong && !isAlone ? LONG_NUMBER : 0)));
    }

    /** A comma with three digits behind it, and no more, parts thousands. */
    private boolean isThousand(int from, int comma) {
        return comma - from <= 3
                && text.charAt(from) != '0'
                && isDigitLike(comma + 1)
                && isDigitLike(comma + 2)
                && isDigitLike(comma + 3)
                && !isDigit(comma + 4);
    }

    /** Digits of which some are missing, or nothing where a figure stood. */
    private void gap(int from) {
        if (from > 0 && (isGapSign(from - 1) || isAlphanumeric(from - 1))) {
            return;
        }
        int to = from;
        boolean hasGap = false;
        boolean hasLetter = false;
        while (to < text.length()
                && to - from < LONGEST_WORD
                && (isAlphanumeric(to) || isGapSign(to) || text.charAt(to) == '.')) {
            boolean isDots = text.charAt(to) == '.' && to + 1 < text.length() && text.charAt(to + 1) == '.';
            hasGap |= isGapSign(to) || isDots;
            hasLetter |= isLetter(to) && Letterforms.digit(text.charAt(to)) < 0;
            if (hasLetter) {
                break;
            }
            to++;
        }
        boolean isLeader = to - from >= DOTS && text.substring(from, to).chars().allMatch(c -> c == '.');
        if (hasGap && !isLeader && to > from) {
            reach(from, to, new Step(from, Atom.Kind.NUMBER, Double.NaN, List.of(), text.substring(from, to), GAP));
        }
        if (isLeader) {
            boolean isRange = to - from == DOTS;
            reach(
                    from,
                    to,
                    new Step(from, isRange ? Atom.Kind.SIGN : Atom.Kind.BREAK, 0, List.of(), isRange ? "…" : " ", 0));
        }
        damagedWord(from);
    }

    /** A word with signs missing, where only one known word fits it. */
    private void damagedWord(int from) {
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
            reach(from, to, new Step(from, Atom.Kind.PHRASE, 0, node.meanings, node.word, KNOWN + GAP + gaps * GAP));
        } else {
            reach(from, to, new Step(from, Atom.Kind.WORD, 0, List.of(), text.substring(from, to), UNKNOWN));
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

    private void unknown(int from) {
        if (isDigit(from) && (from == 0 || !isDigit(from - 1))) {
            int to = from;
            while (isDigit(to)) {
                to++;
            }
            // longer than any figure
            reach(from, to, new Step(from, Atom.Kind.WORD, 0, List.of(), text.substring(from, to), 2 * CODE));
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
        reach(from, to, new Step(from, Atom.Kind.WORD, 0, List.of(), text.substring(from, to), each));
    }

    /** A run of letters and digits, as part numbers and file numbers are. */
    private void code(int from) {
        if (!isAlphanumeric(from) || (from > 0 && (isAlphanumeric(from - 1) || isCodeSign(from - 1)))) {
            return;
        }
        int to = from;
        int letters = 0;
        int digits = 0;
        while (to < text.length()
                && to - from < LONGEST_CODE
                && (isAlphanumeric(to) || (isCodeSign(to) && to + 1 < text.length() && isAlphanumeric(to + 1)))) {
            letters += isLetter(to) ? 1 : 0;
            digits += isDigit(to) ? 1 : 0;
            to++;
        }
        if (letters > 0 && digits > 0) {
            double usual = isBehindName(from) ? NAMED_CODE : CODE;
            reach(
                    from,
                    to,
                    new Step(
                            from,
                            Atom.Kind.CODE,
                            0,
                            List.of(),
                            text.substring(from, to),
                            usual + Math.max(0, to - from - USUAL_CODE) * CODE_LONGER));
        }
    }

    /** Whether the name of a code stands in front of here. */
    private boolean isBehindName(int from) {
        int at = from;
        while (at > 0 && came[at] != null && came[at].meanings().isEmpty() && from - at < USUAL_CODE / 2) {
            if (came[at].kind() != Atom.Kind.BREAK && came[at].kind() != Atom.Kind.SIGN) {
                return false;
            }
            at = came[at].from();
        }
        return at > 0
                && came[at] != null
                && came[at].meanings().stream()
                        .anyMatch(m -> m instanceof Meaning.Name name
                                && name.field().shape() != null
                                && name.field().shape().isCode());
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

    private boolean isLetter(int at) {
        return Letterforms.isLetter(text.charAt(at));
    }

    private boolean isDigit(int at) {
        return at < text.length() && Letterforms.isDigit(text.charAt(at));
    }

    private static boolean isDigitLike(char c) {
        return Letterforms.isDigit(c);
    }

    private boolean isDigitLike(int at) {
        return at < text.length() && Letterforms.digit(text.charAt(at)) >= 0;
    }

    private boolean isPoint(int at) {
        return at + 1 < text.length() && ".,".indexOf(text.charAt(at)) >= 0;
    }

    private boolean isAlphanumeric(int at) {
        return isLetter(at) || Letterforms.isDigit(text.charAt(at));
    }

    private boolean isGapSign(int at) {
        return text.charAt(at) == '?' || text.charAt(at) == '_';
    }

    private boolean isCodeSign(int at) {
        return text.charAt(at) == '-';
    }
}
