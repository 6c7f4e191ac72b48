package zestbench.core.label;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;

/**
 * The words and numbers of a text that is no label, such as readings typed on one line: cut like a label's, so that numbers
 * may be said in words or with a comma. Made once for each set of words.
 */
public final class Tokens {
    /**
     * One word or number.
     *
     * @param text as it was written
     * @param word the name of a known word; empty for another and for a number
     * @param number NaN where it is a word
     */
    public record Token(String text, String word, double number) {
        public boolean isNumber() {
            return !Double.isNaN(number);
        }
    }

    /** A letter in a number, or for one: a label may be misprinted, a reading is not guessed at. */
    private static final Pattern GUESSED = Pattern.compile("[0-9.][A-Za-z|]|[A-Za-z|][0-9.]|^[A-Za-z|]$");

    private final Vocabulary vocabulary = new Vocabulary();

    /** @param words by name, as they are written, with a stroke between them */
    public Tokens(Map<String, String> words) {
        words.forEach((name, written) ->
                LabelField.words(written).forEach(word -> vocabulary.add(word, new Meaning.Word(name))));
    }

    /** Those of a text, in order; signs and ends of lines are left out. */
    public List<Token> of(String text) {
        String plain = Letterforms.plain(text);
        List<Token> out = new ArrayList<>();
        for (Item item : Joiner.items(Cutter.cut(plain, vocabulary, false), plain)) {
            String written = text.substring(item.start(), item.end());
            Figure figure = item.figure();
            if (figure != null && !GUESSED.matcher(written).find()) {
                figure.numbers().forEach(number -> out.add(new Token(written, "", number)));
            } else if (item.kind() != Item.Kind.SIGN && item.kind() != Item.Kind.BREAK) {
                out.add(new Token(written, name(item), Double.NaN));
            }
        }
        return out;
    }

    private static String name(Item item) {
        for (Meaning meaning : item.meanings().all) {
            if (meaning instanceof Meaning.Word word) {
                return word.name();
            }
        }
        return "";
    }
}
