package zestbench.core.label;

/** Runs of letters and digits, as part numbers and file numbers are. */
final class CodeCuts extends Cuts {
    static final double CODE = 1.25;
    private static final double CODE_LONGER = 0.2;
    private static final int USUAL_CODE = 12;
    private static final double NAMED_CODE = 0.2;
    private static final int LONGEST_CODE = 40;

    CodeCuts(Ways ways) {
        super(ways);
    }

    void code(int from) {
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
            reach(from, to, Item.Kind.CODE, usual + Math.max(0, to - from - USUAL_CODE) * CODE_LONGER);
        }
    }

    /** Whether the name of a code stands in front of here. */
    private boolean isBehindName(int from) {
        int at = from;
        while (at > 0 && came[at] != null && came[at].meanings().isEmpty() && from - at < USUAL_CODE / 2) {
            if (came[at].kind() != Item.Kind.BREAK && came[at].kind() != Item.Kind.SIGN) {
                return false;
            }
            at = came[at].from();
        }
        Meanings name = at > 0 && came[at] != null ? came[at].meanings() : Meanings.NONE;
        return name.areOfCode() || (name.has(Meaning.Kind.FOREIGN) && text.lastIndexOf('\n', from) < at);
    }
}
