package zestbench.core.label;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import zestbench.core.value.Value;

/** The workspace of a label grammar: which tokens are taken, and the fields, pieces and doubts gathered so far. */
public final class Grammar {
    private final String text;
    private final List<Token> tokens;
    private final boolean[] taken;
    private final Map<String, Value> fields = new LinkedHashMap<>();
    private final List<LabelRead.Piece> pieces = new ArrayList<>();
    private final List<LabelRead.Doubt> doubts = new ArrayList<>();

    public Grammar(String text) {
        this(text, text);
    }

    /** @param cleaned the text as it is to be cut, every character in its old place */
    public Grammar(String text, String cleaned) {
        this.text = text;
        this.tokens = Lexer.tokens(cleaned);
        this.taken = new boolean[tokens.size()];
    }

    /** The text behind tokens [from, to), as it was given. */
    public String printed(int from, int to) {
        return text.substring(tokens.get(from).start(), tokens.get(to - 1).end());
    }

    /** Whether token {@code i} follows the one before it without a gap. */
    public boolean touches(int i) {
        return i > 0
                && i < tokens.size()
                && tokens.get(i - 1).end() == tokens.get(i).start();
    }

    public int size() {
        return tokens.size();
    }

    public Token at(int i) {
        return tokens.get(i);
    }

    /** Whether token {@code i} exists, is still free and is this word or sign. */
    public boolean is(int i, String word) {
        return free(i) && tokens.get(i).is(word);
    }

    /** Whether token {@code i} exists, is still free and is one of these words. */
    public boolean isOneOf(int i, Set<String> words) {
        return free(i) && !isNumber(i) && words.contains(tokens.get(i).word());
    }

    public boolean isNumber(int i) {
        return free(i) && tokens.get(i).isNumber();
    }

    public boolean free(int i) {
        return i >= 0 && i < tokens.size() && !taken[i];
    }

    /** Takes tokens [from, to) as the source of {@code field}. */
    public void read(String field, Value value, int from, int to) {
        fields.put(field, value);
        take(field, from, to);
    }

    /** Takes tokens [from, to) as the source of {@code field}, whose value is set elsewhere. */
    public void take(String field, int from, int to) {
        double sure = 1;
        for (int i = from; i < to; i++) {
            taken[i] = true;
            sure = Math.min(sure, tokens.get(i).sure());
            if (tokens.get(i).isNumber() && tokens.get(i).sure() < 0.9) {
                confusedDigits(field, tokens.get(i));
            }
        }
        cite(field, from, to, sure);
    }

    /** Names the piece of text behind {@code field} without taking it. */
    public void cite(String field, int from, int to, double sure) {
        int start = tokens.get(from).start();
        int end = tokens.get(to - 1).end();
        pieces.add(new LabelRead.Piece(field, text.substring(start, end), start, end, sure));
    }

    /** Takes tokens that only join others. */
    public void skip(int from, int to) {
        for (int i = from; i < to; i++) {
            taken[i] = true;
        }
    }

    public void set(String field, Value value) {
        fields.put(field, value);
    }

    public boolean has(String field) {
        return fields.containsKey(field);
    }

    /** Whether {@code field} was read as this. */
    public boolean is(String field, Value value) {
        return value.equals(fields.get(field));
    }

    public void doubt(String field, String why, @Nullable Value suggest) {
        doubts.add(new LabelRead.Doubt(field, why, suggest));
    }

    /** Closes the reading; {@code sure} is that of the least certain piece. */
    public LabelRead done(@Nullable String kind) {
        double sure = pieces.isEmpty() ? 0 : 1;
        for (LabelRead.Piece piece : pieces) {
            sure = Math.min(sure, piece.sure());
        }
        List<LabelRead.Piece> inOrder = new ArrayList<>(pieces);
        inOrder.sort(Comparator.comparingInt(LabelRead.Piece::start));
        return new LabelRead(kind, sure, new Value.Fields(fields), inOrder, List.copyOf(doubts), unread());
    }

    private void confusedDigits(String field, Token token) {
        String printed = text.substring(token.start(), token.end());
        if (!printed.equals(token.word())) {
            doubt(field, "\"" + printed + "\" was taken as " + token.word() + "; compare with the label", null);
        }
    }

    private List<String> unread() {
        List<String> out = new ArrayList<>();
        int i = 0;
        while (i < tokens.size()) {
            if (taken[i]) {
                i++;
                continue;
            }
            int to = i + 1;
            while (to < tokens.size()
                    && !taken[to]
                    && tokens.get(to - 1).end() == tokens.get(to).start()) {
                to++;
            }
            String piece =
                    text.substring(tokens.get(i).start(), tokens.get(to - 1).end());
            if (piece.codePoints().anyMatch(Character::isLetterOrDigit)) {
                out.add(piece);
            }
            i = to;
        }
        return out;
    }
}
