package zestbench.core.label;

import zestbench.core.quantity.Letters;

/** Characters as they are printed, and as they are mistaken for one another. */
final class Letterforms {
    private static final String ACCENTED = "àáâãäåçèéêëìíîïñòóôõöùúûüý";
    private static final String BARE = "aaaaaaceeeeiiiinooooouuuuy";

    private Letterforms() {}

    /** Small letters without accents and one sign for each meaning, every character in its old place. */
    static String plain(String given) {
        StringBuilder out = new StringBuilder(given.length());
        for (int i = 0; i < given.length(); i++) {
            char c = Letters.small(given.charAt(i));
            int accent = c < 128 ? -1 : ACCENTED.indexOf(Character.toLowerCase(c));
            out.append(accent >= 0 ? BARE.charAt(accent) : one(c));
        }
        return out.toString();
    }

    private static char one(char c) {
        return switch (c) {
            case '\u03bc', '\u00b5' -> 'µ';
            case '–', '—', '−', '‐', '‑' -> '-';
            case '／', '∕', '⁄' -> '/';
            case '，' -> ',';
            case '×' -> 'x';
            case '～', '∼' -> '~';
            case '％' -> '%';
            case '\u201d', '\u2033', '〃' -> '"';
            case 'ø', 'Ø', 'φ', 'Φ' -> 'ø';
            case '·', '•' -> ';';
            case '\u00a0', '\r' -> ' ';
            default -> c;
        };
    }

    /** One sign for all that are taken for each other: 0 and O, 1 and l and I, 5 and S, 8 and B, 2 and Z, 6 and G. */
    static char folded(char c) {
        return switch (c) {
            case '0' -> 'o';
            case '1', 'i', '|' -> 'l';
            case '5' -> 's';
            case '8' -> 'b';
            case '2' -> 'z';
            case '6' -> 'g';
            default -> c;
        };
    }

    /** The digit that a character is or is taken for; -1 where it is none. */
    static int digit(char c) {
        return switch (c) {
            case 'o' -> 0;
            case 'i', 'l', '|' -> 1;
            case 'z' -> 2;
            case 's' -> 5;
            case 'b' -> 8;
            default -> isDigit(c) ? c - '0' : -1;
        };
    }

    static boolean isDigit(char c) {
        return c >= '0' && c <= '9';
    }

    static boolean isLetter(char c) {
        return (c >= 'a' && c <= 'z') || c == 'µ' || c == 'ø' || c == 'ω';
    }

    /** What a fraction sign stands for; 0 where it is none. */
    static double fraction(char c) {
        return switch (c) {
            case '½' -> 0.5;
            case '¼' -> 0.25;
            case '¾' -> 0.75;
            case '⅓' -> 1.0 / 3;
            case '⅔' -> 2.0 / 3;
            case '⅕' -> 0.2;
            case '⅙' -> 1.0 / 6;
            case '⅛' -> 0.125;
            case '⅜' -> 0.375;
            case '⅝' -> 0.625;
            case '⅞' -> 0.875;
            default -> 0;
        };
    }
}
