package zestbench.core.label;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import zestbench.core.label.Meaning.Spoken;
import zestbench.core.label.Meaning.Spoken.Part;
import zestbench.core.quantity.Letters;

/** Model and serial numbers as they are said: letter by letter, letters also by the words of the telephone. */
final class Spelled {
    private static final int SHORTEST = 3;
    /** ITU-R Radio Regulations, appendix 14: the word for each letter, and how some are also written. */
    private static final Map<String, String> LETTERS = Map.ofEntries(
            Map.entry("alpha", "A"),
            Map.entry("alfa", "A"),
            Map.entry("bravo", "B"),
            Map.entry("charlie", "C"),
            Map.entry("delta", "D"),
            Map.entry("echo", "E"),
            Map.entry("foxtrot", "F"),
            Map.entry("golf", "G"),
            Map.entry("hotel", "H"),
            Map.entry("india", "I"),
            Map.entry("juliet", "J"),
            Map.entry("juliett", "J"),
            Map.entry("kilo", "K"),
            Map.entry("lima", "L"),
            Map.entry("mike", "M"),
            Map.entry("november", "N"),
            Map.entry("oscar", "O"),
            Map.entry("papa", "P"),
            Map.entry("quebec", "Q"),
            Map.entry("romeo", "R"),
            Map.entry("sierra", "S"),
            Map.entry("tango", "T"),
            Map.entry("uniform", "U"),
            Map.entry("victor", "V"),
            Map.entry("whiskey", "W"),
            Map.entry("whisky", "W"),
            Map.entry("xray", "X"),
            Map.entry("yankee", "Y"),
            Map.entry("zulu", "Z"),
            Map.entry("dash", "-"));

    private final List<Item> atoms;

    Spelled(List<Item> atoms) {
        this.atoms = atoms;
    }

    /** Where the code that begins here ends; {@code from} where none does, or no name of one stands in front. */
    int end(int from) {
        if (from == 0 || !isName(atoms.get(from - 1))) {
            return from;
        }
        int to = from;
        boolean hasWords = false;
        while (to < atoms.size()) {
            String each = sign(to);
            if (each == null) {
                break;
            }
            hasWords |= atoms.get(to).spoken() != null || atoms.get(to).text().length() > 1;
            to++;
        }
        return hasWords && to - from >= SHORTEST ? to : from;
    }

    /** What was said from here to there, as it is written. */
    String text(int from, int to) {
        StringBuilder out = new StringBuilder();
        for (int i = from; i < to; i++) {
            String each = sign(i);
            out.append(each == null ? "" : each);
        }
        return out.toString();
    }

    private static boolean isName(Item atom) {
        return atom.meanings().areOfCode();
    }

    /** The letter, digit or number of an atom; null where it is no part of a code. */
    private @Nullable String sign(int i) {
        Item atom = atoms.get(i);
        Spoken spoken = atom.spoken();
        if (spoken != null && !LETTERS.containsKey(atom.text())) {
            boolean isNumber = spoken.part() == Part.DIGIT || spoken.part() == Part.TEEN || spoken.part() == Part.TENS;
            boolean isTens = isTens(atom) && i + 1 < atoms.size() && isDigit(atoms.get(i + 1));
            int value = (int) spoken.value();
            return isNumber ? String.valueOf(isTens ? value / 10 : value) : null;
        }
        if (atom.isFigure()) {
            return atom.isGap() ? null : atom.text();
        }
        boolean isLetter =
                atom.text().length() == 1 && Character.isLetter(atom.text().charAt(0)) && atom.kind() != Item.Kind.SIGN;
        if (isLetter) {
            return Letters.large(atom.text());
        }
        // "x ray" is cut in two
        return atom.text().equals("ray") ? "" : LETTERS.get(atom.text());
    }

    private static boolean isTens(Item atom) {
        Spoken spoken = atom.spoken();
        return spoken != null && spoken.part() == Part.TENS;
    }

    private static boolean isDigit(Item atom) {
        Spoken spoken = atom.spoken();
        return spoken != null && spoken.part() == Part.DIGIT && spoken.value() > 0;
    }
}
