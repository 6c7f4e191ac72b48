package zestbench.core.label;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import zestbench.core.label.Meaning.Spoken;
import zestbench.core.label.Meaning.Spoken.Part;

/** The words one grammar knows, to be walked letter by letter; signs that are mistaken for one another are one. */
final class Vocabulary {
    /** One step on the way to a word. */
    static final class Node {
        private char[] letters = new char[2];
        private Node[] next = new Node[2];
        private int count;
        Meanings meanings = Meanings.NONE;
        /** The word that ends here, as it is written; empty where none does. */
        String word = "";

        @Nullable
        Node step(char folded) {
            for (int i = 0; i < count; i++) {
                if (letters[i] == folded) {
                    return next[i];
                }
            }
            return null;
        }

        private Node made(char folded) {
            Node known = step(folded);
            if (known != null) {
                return known;
            }
            if (count == letters.length) {
                letters = Arrays.copyOf(letters, 2 * count);
                next = Arrays.copyOf(next, 2 * count);
            }
            letters[count] = folded;
            next[count] = new Node();
            return next[count++];
        }

        /** The one thing that every word from here on stands for; null where they stand for several. */
        @Nullable
        Node only() {
            Node found = meanings.isEmpty() ? null : this;
            for (Node step : steps()) {
                Node below = step.only();
                if (below == null || (found != null && !below.first().equals(found.first()))) {
                    return null;
                }
                found = below;
            }
            return found;
        }

        private Meaning first() {
            return meanings.all[0];
        }

        List<Node> steps() {
            return Arrays.asList(next).subList(0, count);
        }
    }

    private static final List<String> SMALL = LabelField.words(
            "zero|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|thirteen|fourteen|fifteen",
            "sixteen|seventeen|eighteen|nineteen");
    private static final List<String> TENS = LabelField.words("twenty|thirty|forty|fifty|sixty|seventy|eighty|ninety");
    private static final Map<String, Double> SHARES = Map.of(
            "half", 0.5, "third", 1.0 / 3, "quarter", 0.25, "fourth", 0.25, "fifth", 0.2, "sixth", 1.0 / 6, "eighth",
            0.125, "tenth", 0.1, "twelfth", 1.0 / 12);

    final Node root = new Node();
    private final List<Node> named = new ArrayList<>();

    Vocabulary() {
        for (int i = 0; i < SMALL.size(); i++) {
            add(SMALL.get(i), new Spoken(i < 10 ? Part.DIGIT : Part.TEEN, i));
        }
        add("oh", new Spoken(Part.DIGIT, 0));
        for (int i = 0; i < TENS.size(); i++) {
            add(TENS.get(i), new Spoken(Part.TENS, 20 + 10 * i));
        }
        SHARES.forEach((word, value) -> add(word, new Spoken(Part.SHARE, value)));
        add("hundred", new Spoken(Part.HUNDRED, 100));
        add("point", new Spoken(Part.POINT, 0));
        add("and", new Spoken(Part.AND, 0));
        add("and a half", new Spoken(Part.HALF, 0.5));
        for (String range : List.of("to", "thru", "through", "dash")) {
            add(range, new Spoken(Part.JOIN, '-'));
        }
        for (String either : List.of("over", "slash", "or")) {
            add(either, new Spoken(Part.JOIN, '/'));
        }
        add("plus", new Spoken(Part.JOIN, '+'));
        add("x", new Spoken(Part.JOIN, 'x'));
        add("by", new Spoken(Part.JOIN, 'x'));
        for (Unit unit : Unit.values()) {
            unit.words().forEach(word -> add(word, new Meaning.OfUnit(unit)));
        }
    }

    /** Adds what a phrase stands for; spaces, full stops and hyphens in it are left out, since labels put them anywhere. */
    void add(String phrase, Meaning meaning) {
        Node at = root;
        String plain = Letterforms.plain(phrase);
        StringBuilder written = new StringBuilder();
        for (int i = 0; i < plain.length(); i++) {
            char c = plain.charAt(i);
            if (!isSkipped(c)) {
                written.append(c);
                at = at.made(Letterforms.folded(c));
            }
        }
        if (at.word.isEmpty()) {
            at.word = written.toString();
        }
        if (at.meanings.isEmpty()) {
            named.add(at);
        }
        at.meanings = at.meanings.and(meaning);
    }

    /** The one known word that ends like this; null where none or several do. */
    @Nullable
    Node ending(String letters) {
        Node found = null;
        for (Node node : named) {
            if (node.word.length() > letters.length() && node.word.endsWith(letters)) {
                if (found != null) {
                    return null;
                }
                found = node;
            }
        }
        return found;
    }

    /** Whether a character may stand or be missing within a phrase. */
    static boolean isSkipped(char c) {
        return c == ' ' || c == '.' || c == '-' || c == '\'' || c == ':';
    }
}
