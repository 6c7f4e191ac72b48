package zestbench.core.label;

/** The numbers a text can be cut into, with digits that are mistaken for letters, digits apart and digits missing. */
final class NumberCuts extends Cuts {
    private static final double NUMBER = 0.1;
    private static final double GLUED_NUMBER = 0.25;
    private static final double UNKNOWN = 0.9;
    private static final double CONFUSED = 0.22;
    private static final double WITHIN_DIGITS = 0.4;
    private static final double SPLIT_DIGITS = 1.2;
    private static final double TAIL_OF_CODE = 2;
    private static final double TAIL_WITH_UNIT = 0.8;
    private static final double GAP = 0.15;
    /** Ratings have neither many digits nor noughts in front; numbers of parts do. */
    private static final double LONG_NUMBER = 0.4;

    private static final String NOUGHTS = "000";
    private static final int TAIL = 2;
    private static final int MOST_DIGITS = 4;
    private static final int DOTS = 3;
    private static final int LONGEST_WORD = 60;
    private static final int LONGEST_NUMBER = 12;

    private final boolean isSpaced;

    /** @param isSpaced whether blanks may stand between the digits of one number */
    NumberCuts(Ways ways, boolean isSpaced) {
        super(ways);
        this.isSpaced = isSpaced;
    }

    void number(int from) {
        boolean isBehindWord = came[from] != null && came[from].kind() == Item.Kind.PHRASE;
        if (from > 0 && isDigit(from - 1) && isDigit(from) && !isBehindWord) {
            return;
        }
        double fraction = Letterforms.fraction(text.charAt(from));
        if (fraction > 0) {
            number(from, from + 1, fraction, "", NUMBER);
            return;
        }
        StringBuilder digits = new StringBuilder();
        boolean isApart = isSpaced && from > 1 && text.charAt(from - 1) == ' ' && isDigit(from - 2);
        double soFar = NUMBER + (from > 0 && isLetter(from - 1) ? GLUED_NUMBER : 0) + (isApart ? SPLIT_DIGITS / 4 : 0);
        double tail = tailOfCode(from);
        boolean isTail = tail > 0;
        soFar += tail;
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
                if (isThousand(from, at) && (c == ',' || text.startsWith(NOUGHTS, at + 1))) {
                    continue;
                }
                digits.append('.');
                hasPoint = true;
            } else if (c == ' '
                    && isSpaced
                    && !isTail
                    && (isDigit(at + 1) || isPoint(at + 1))
                    && isDigitBefore(from, at)
                    && !hasPoint) {
                if (digits.length() >= MOST_DIGITS) {
                    return;
                }
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

    /** What a figure costs that may end a code of letters and digits before it: {@code AX65B-1 50 MFD}; 0 where none. */
    private double tailOfCode(int from) {
        int at = from - 1;
        if (at < 0 || text.charAt(at) != '-') {
            return 0;
        }
        int to = from;
        while (isDigit(to)) {
            to++;
        }
        boolean hasDigit = false;
        while (at > 0 && from - at < LONGEST_WORD && (isAlphanumeric(at - 1) || text.charAt(at - 1) == '-')) {
            at--;
            hasDigit |= isDigit(at);
        }
        if (!hasDigit || !isLetter(at) || to - from > TAIL || (to < text.length() && text.charAt(to) > ' ')) {
            return 0;
        }
        // what may be its unit speaks for a figure, as in R410A-6 LB
        boolean hasUnit = to + 1 < text.length() && isLetter(to + 1);
        return hasUnit ? TAIL_WITH_UNIT : TAIL_OF_CODE;
    }

    private boolean isDigitBefore(int from, int at) {
        return at > from && isDigit(at - 1);
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
        double cost = soFar
                + confused * each
                + (isInLetters ? SPLIT_DIGITS / 5 : 0)
                + (startsInLetters ? SPLIT_DIGITS : 0)
                + (isLong && !isAlone ? LONG_NUMBER : 0);
        if (ways.isCheaper(from, to, cost)) {
            String written = digits.toString();
            number(from, to, Double.parseDouble(written), written, cost);
        }
    }

    /** A comma with three digits behind it, and no more, parts thousands; so does a point before three noughts. */
    private boolean isThousand(int from, int comma) {
        return comma - from <= 3
                && text.charAt(from) != '0'
                && isDigitLike(comma + 1)
                && isDigitLike(comma + 2)
                && isDigitLike(comma + 3)
                && !isDigit(comma + 4);
    }

    /** Digits of which some are missing, or nothing where a figure stood. */
    void gap(int from) {
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
            number(from, to, Double.NaN, text.substring(from, to), GAP);
        }
        if (isLeader) {
            boolean isRange = to - from == DOTS;
            reach(from, to, isRange ? Item.Kind.SIGN : Item.Kind.BREAK, isRange ? "…" : " ");
        }
    }
}
