package zestbench.core.quantity;

/** Small and large letters of plain Latin text, whatever language the machine is set to. */
public final class Letters {
    private Letters() {}

    public static char small(char c) {
        return c >= 'A' && c <= 'Z' ? (char) (c + ('a' - 'A')) : c;
    }

    public static String small(String text) {
        StringBuilder out = new StringBuilder(text.length());
        for (int i = 0; i < text.length(); i++) {
            out.append(small(text.charAt(i)));
        }
        return out.toString();
    }

    public static String large(String text) {
        StringBuilder out = new StringBuilder(text.length());
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            out.append(c >= 'a' && c <= 'z' ? (char) (c - ('a' - 'A')) : c);
        }
        return out.toString();
    }

    /** The first letter large, as at the start of a sentence. */
    public static String capital(String text) {
        return text.isEmpty() ? text : large(text.substring(0, 1)) + text.substring(1);
    }

    /** The first letter small, as inside a sentence; a name in capitals stays as it is. */
    public static String inSentence(String title) {
        boolean isName = title.length() > 1 && small(title.charAt(1)) != title.charAt(1);
        return title.isEmpty() || isName ? title : small(title.charAt(0)) + title.substring(1);
    }
}
