package zestbench.core.label;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** Turns spoken numbers and signs into figures: "four forty" is 440, "seven point five" is 7.5, "over" is a slash. */
final class SpokenNumbers {
    private static final Map<String, Integer> SMALL = Map.ofEntries(
            Map.entry("zero", 0),
            Map.entry("oh", 0),
            Map.entry("one", 1),
            Map.entry("two", 2),
            Map.entry("three", 3),
            Map.entry("four", 4),
            Map.entry("five", 5),
            Map.entry("six", 6),
            Map.entry("seven", 7),
            Map.entry("eight", 8),
            Map.entry("nine", 9),
            Map.entry("ten", 10),
            Map.entry("eleven", 11),
            Map.entry("twelve", 12),
            Map.entry("thirteen", 13),
            Map.entry("fourteen", 14),
            Map.entry("fifteen", 15),
            Map.entry("sixteen", 16),
            Map.entry("seventeen", 17),
            Map.entry("eighteen", 18),
            Map.entry("nineteen", 19));
    private static final Map<String, Integer> TENS = Map.of(
            "twenty", 20, "thirty", 30, "forty", 40, "fifty", 50, "sixty", 60, "seventy", 70, "eighty", 80, "ninety",
            90);
    private static final Map<String, String> SIGNS =
            Map.of("over", "/", "slash", "/", "plus", "+", "to", "-", "dash", "-", "minus", "-");
    private static final double HEARD = 0.93;

    private final List<Token> tokens;
    private final List<Token> out = new ArrayList<>();
    private int at;

    private SpokenNumbers(List<Token> tokens) {
        this.tokens = tokens;
    }

    static List<Token> collapse(List<Token> tokens) {
        SpokenNumbers spoken = new SpokenNumbers(tokens);
        spoken.run();
        return spoken.out;
    }

    private void run() {
        while (at < tokens.size()) {
            Token token = tokens.get(at);
            int from = at;
            Double value = number();
            if (value != null) {
                Token last = tokens.get(at - 1);
                String digits = zestbench.core.quantity.Figures.plain(value);
                out.add(new Token(
                        Token.Kind.NUMBER, digits, value, tokens.get(from).start(), last.end(), HEARD, false));
                continue;
            }
            String sign = token.kind() == Token.Kind.WORD ? SIGNS.get(token.word()) : null;
            out.add(
                    sign == null
                            ? token
                            : new Token(Token.Kind.SIGN, sign, 0, token.start(), token.end(), HEARD, false));
            at++;
        }
    }

    /** A number from the words here on, or null with {@code at} unmoved. */
    private @Nullable Double number() {
        Double whole = null;
        Double chunk = chunk();
        while (chunk != null) {
            whole = whole == null ? chunk : joined(whole, chunk);
            boolean isAfterNought = chunk == 0 && whole >= 10 && whole < 100 && isDigit();
            chunk = joinable(whole) || isAfterNought ? chunk() : null;
        }
        if (whole == null) {
            return null;
        }
        return whole + fraction();
    }

    /** "forty five", "twelve", "four hundred and forty". */
    private @Nullable Double chunk() {
        Integer tens = word(TENS);
        if (tens != null) {
            at++;
            Integer unit = word(SMALL);
            if (unit != null && unit > 0 && unit < 10) {
                at++;
                return (double) (tens + unit);
            }
            return (double) tens;
        }
        Integer small = word(SMALL);
        if (small == null) {
            return null;
        }
        at++;
        if (isWord("hundred")) {
            at++;
            if (isWord("and")) {
                at++;
            }
            Double rest = chunk();
            return small * 100 + (rest == null ? 0 : rest);
        }
        return (double) small;
    }

    /** Whether a single digit comes next, as the eight of "two oh eight". */
    private boolean isDigit() {
        Integer next = word(SMALL);
        return next != null && next > 0 && next < 10;
    }

    /** "four" and "forty" make 440; "one" and "oh" make 10. */
    private static double joined(double left, double right) {
        return left * (right >= 10 ? 100 : 10) + right;
    }

    private static boolean joinable(double soFar) {
        return soFar < 100 && (soFar < 20);
    }

    private double fraction() {
        if (isWord("point")) {
            int point = at++;
            double value = 0;
            double place = 0.1;
            for (Integer digit = word(SMALL); digit != null && digit < 10; digit = word(SMALL)) {
                value += digit * place;
                place /= 10;
                at++;
            }
            if (at == point + 1) {
                at = point;
            }
            return value;
        }
        if (isWord("and")
                && at + 2 < tokens.size()
                && tokens.get(at + 1).is("a")
                && tokens.get(at + 2).is("half")) {
            at += 3;
            return 0.5;
        }
        return 0;
    }

    private @Nullable Integer word(Map<String, Integer> words) {
        return at < tokens.size() && tokens.get(at).kind() == Token.Kind.WORD
                ? words.get(tokens.get(at).word())
                : null;
    }

    private boolean isWord(String word) {
        return at < tokens.size() && tokens.get(at).is(word);
    }
}
