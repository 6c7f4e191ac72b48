package zestbench.core.label;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import zestbench.core.quantity.Letters;

/** Cuts a label's text into tokens: units with their usual misreadings, numbers with confused digits, spoken numbers. */
public final class Lexer {
    /** Units as printed, typed or misread; longest first. The word they stand for is the second entry. */
    private static final List<Unit> UNITS = List.of(
            new Unit("micro ?farads?|microfarad|mikrofarad|mmfd|ufd|mfds?|mfo|mf0|nfd|uf|µf|pf|mf", "µf"),
            new Unit("volts? ?ac|vac|v4c|va0|volts?|v", "v"),
            new Unit(Pattern.compile("v(?=dc(?![a-z]))"), "v"),
            new Unit("hertz|hz|h2|cycles|cps", "hz"),
            new Unit("percent|pct|pc", "%"),
            new Unit("degrees? ?c|deg ?c|°c|celsius", "°c"));

    private static final Pattern PROTECTION = Pattern.compile("[sp][0-3](?![0-9a-z.])");
    private static final Pattern THOUSANDS = Pattern.compile("[1-9][0-9]{0,2}(,[0-9]{3})+");
    private static final Pattern PLUS_MINUS =
            Pattern.compile("\\+ ?/ ?-|\\+-(?= ?[0-9osl])|plus or minus|plus minus|±");
    private static final Pattern WORD = Pattern.compile("[a-zäöüß]+");
    private static final double CLEAR = 0.99;
    private static final double CONFUSED = 0.8;
    private static final int LONGEST_NUMBER = 9;
    /** A run of digits is looked at so far for a number; beyond it is none, and is passed over whole. */
    private static final int LONGEST_RUN = 24;

    private record Unit(Pattern pattern, String word) {
        Unit(String pattern, String word) {
            this(Pattern.compile("(" + pattern + ")(?![a-z])"), word);
        }
    }

    private final String text;
    private final List<Token> tokens = new ArrayList<>();

    private Lexer(String given) {
        this.text = plain(given);
    }

    /** The tokens of {@code text}, in order; white space falls away. */
    public static List<Token> tokens(String text) {
        Lexer lexer = new Lexer(text);
        lexer.run();
        return Glue.mark(SpokenNumbers.collapse(lexer.tokens), lexer.text);
    }

    private void run() {
        int at = 0;
        while (at < text.length()) {
            if (Character.isWhitespace(text.charAt(at))) {
                at++;
                continue;
            }
            Token token = next(at);
            tokens.add(token);
            at = token.end();
        }
    }

    private Token next(int at) {
        boolean afterLetter = at > 0 && isLetter(text.charAt(at - 1));
        char first = text.charAt(at);
        Matcher sign = "+p±".indexOf(first) >= 0 ? matchAt(PLUS_MINUS, at) : null;
        if (sign != null) {
            return new Token(Token.Kind.SIGN, "±", 0, at, sign.end(), CLEAR, false);
        }
        if (!afterLetter && (Character.isLetter(first) || first == '°')) {
            Matcher protection = matchAt(PROTECTION, at);
            if (protection != null) {
                return new Token(Token.Kind.WORD, protection.group(), 0, at, protection.end(), CLEAR, false);
            }
            for (Unit unit : UNITS) {
                Matcher matcher = matchAt(unit.pattern(), at);
                if (matcher != null) {
                    return new Token(Token.Kind.WORD, unit.word(), 0, at, matcher.end(), CLEAR, false);
                }
            }
        }
        Token number = number(at, afterLetter);
        if (number != null) {
            return number;
        }
        Matcher word = Character.isLetter(first) ? matchAt(WORD, at) : null;
        if (word != null) {
            return new Token(Token.Kind.WORD, word.group(), 0, at, word.end(), CLEAR, false);
        }
        return new Token(Token.Kind.SIGN, text.substring(at, at + 1), 0, at, at + 1, CLEAR, false);
    }

    private @Nullable Token number(int at, boolean afterLetter) {
        if (!isOfNumber(at) || (afterLetter && isLetter(text.charAt(at)))) {
            return null;
        }
        int end = cutBack(at, endOfRun(at, LONGEST_RUN));
        if (end <= at) {
            return null;
        }
        String run = text.substring(at, end);
        boolean hasDigit = run.chars().anyMatch(Character::isDigit);
        if (!hasDigit && !(isBesideNumber(at, end) && !run.contains("."))) {
            return null;
        }
        String digits = THOUSANDS.matcher(run).matches()
                ? run.replace(",", "")
                : run.replace(',', '.')
                        .replace('o', '0')
                        .replace('i', '1')
                        .replace('l', '1')
                        .replace('|', '1')
                        .replace('s', '5')
                        .replace('b', '8')
                        .replace('z', '2');
        int secondPoint = digits.indexOf('.', digits.indexOf('.') + 1);
        if (digits.indexOf('.') >= 0 && secondPoint > 0) {
            end = at + secondPoint;
            digits = digits.substring(0, secondPoint);
        }
        if (digits.equals(".")) {
            return null;
        }
        if (digits.length() > LONGEST_NUMBER) {
            int whole = cutBack(at, endOfRun(at, text.length()));
            return new Token(Token.Kind.SIGN, text.substring(at, whole), 0, at, whole, CLEAR, false);
        }
        boolean confused = run.chars().anyMatch(c -> isLetter((char) c) || c == '|');
        return new Token(
                Token.Kind.NUMBER, digits, Double.parseDouble(digits), at, end, confused ? CONFUSED : CLEAR, false);
    }

    /** Digits, what is taken for digits, and what stands between them. */
    private boolean isOfNumber(int at) {
        char c = text.charAt(at);
        return (c >= '0' && c <= '9') || "oilsbz.,|".indexOf(c) >= 0;
    }

    private int endOfRun(int at, int longest) {
        int end = at;
        while (end < text.length() && end - at < longest && isOfNumber(end)) {
            end++;
        }
        return end;
    }

    /** Gives back letters that belong to a following word, and a full stop that ends a sentence. */
    private int cutBack(int at, int runEnd) {
        int end = runEnd;
        boolean wordFollows = end < text.length() && isLetter(text.charAt(end)) && !unitAt(end);
        while (end > at
                && (".,".indexOf(text.charAt(end - 1)) >= 0 || (wordFollows && isLetter(text.charAt(end - 1))))) {
            end--;
        }
        return end;
    }

    /** A run of confusable letters alone counts as a number only where one stands right across a + or /. */
    private boolean isBesideNumber(int at, int end) {
        boolean before = at > 1 && "+/".indexOf(text.charAt(at - 1)) >= 0 && isDigitLike(text.charAt(at - 2));
        boolean behind =
                end + 1 < text.length() && "+/".indexOf(text.charAt(end)) >= 0 && isDigitLike(text.charAt(end + 1));
        return (before || behind) && end - at <= 3 && (at == 0 || !isLetter(text.charAt(at - 1)));
    }

    private boolean unitAt(int at) {
        return UNITS.stream().anyMatch(unit -> matchAt(unit.pattern(), at) != null);
    }

    private @Nullable Matcher matchAt(Pattern pattern, int at) {
        Matcher matcher = pattern.matcher(text);
        matcher.region(at, text.length());
        matcher.useTransparentBounds(true);
        return matcher.lookingAt() ? matcher : null;
    }

    private static boolean isDigitLike(char c) {
        return Character.isDigit(c) || "osl".indexOf(c) >= 0;
    }

    private static boolean isLetter(char c) {
        return c >= 'a' && c <= 'z';
    }

    /** Small letters and one sign for each meaning, every character in its old place. */
    private static String plain(String given) {
        StringBuilder out = new StringBuilder(given.length());
        for (int i = 0; i < given.length(); i++) {
            char c = given.charAt(i);
            out.append(
                    switch (c) {
                        case '\u03bc', '\u00b5' -> 'µ';
                        case '–', '—', '−', '‐', '‑' -> '-';
                        case '／', '∕' -> '/';
                        case '，' -> ',';
                        case '×' -> 'x';
                        case '～', '∼' -> '~';
                        case '％' -> '%';
                        case '\u201d', '\u2033' -> '"';
                        default -> Letters.small(c);
                    });
        }
        return out.toString();
    }
}
