package zestbench.server.json;

import zestbench.core.quantity.InputProblem;

/** Text that paper, files and screens can show: no control characters but tab and line end, no half characters. */
public final class CleanText {
    public static final String WORDS = "there is a sign in it that cannot be shown: type it anew";
    private static final char NO_CHARACTER = '\uFFFE';

    private CleanText() {}

    public static boolean isClean(String text) {
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            boolean isLineEnd = c == '\t' || c == '\n' || c == '\r';
            if ((Character.isISOControl(c) && !isLineEnd) || c >= NO_CHARACTER) {
                return false;
            }
            if (Character.isHighSurrogate(c) && i + 1 < text.length() && Character.isLowSurrogate(text.charAt(i + 1))) {
                i++;
            } else if (Character.isSurrogate(c)) {
                return false;
            }
        }
        return true;
    }

    /** @return the text; throws where it is not clean */
    public static String checked(String field, String text) {
        InputProblem.require(isClean(text), field, null, WORDS);
        return text;
    }

    /** The text without what cannot be shown, for what was kept before that was refused. */
    public static String shown(String text) {
        if (isClean(text)) {
            return text;
        }
        StringBuilder out = new StringBuilder(text.length());
        text.codePoints().filter(c -> isClean(new String(Character.toChars(c)))).forEach(out::appendCodePoint);
        return out.toString();
    }
}
