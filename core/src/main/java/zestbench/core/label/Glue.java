package zestbench.core.label;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** Marks numbers that hang in a run such as {@code SH-1} or {@code PD45-5}: a part number, not a rating. */
final class Glue {
    /** Words that may touch a number without making a part number of it. */
    private static final Set<String> UNITS =
            Set.of("µf", "v", "hz", "%", "°c", "c", "x", "in", "ac", "a", "b", "d", "h", "cl");

    private Glue() {}

    static List<Token> mark(List<Token> tokens, String text) {
        List<Token> out = new ArrayList<>(tokens);
        int from = 0;
        while (from < out.size()) {
            int to = from + 1;
            while (to < out.size() && touches(out.get(to - 1), out.get(to), text)) {
                to++;
            }
            if (isPartNumber(out.subList(from, to))) {
                for (int i = from; i < to; i++) {
                    out.set(i, out.get(i).asGlued());
                }
            }
            from = to;
        }
        return out;
    }

    private static boolean touches(Token left, Token right, String text) {
        return left.end() == right.start() && text.charAt(left.end() - 1) != ':' && text.charAt(right.start()) != ':';
    }

    private static boolean isPartNumber(List<Token> run) {
        return run.size() > 1
                && run.stream()
                        .anyMatch(t ->
                                t.isNumber() && t.end() - t.start() == t.word().length())
                && run.get(0).kind() == Token.Kind.WORD
                && !UNITS.contains(run.get(0).word());
    }
}
