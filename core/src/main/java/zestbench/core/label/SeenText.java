package zestbench.core.label;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import zestbench.core.label.LabelRead.Doubt;
import zestbench.core.label.LabelRead.Piece;
import zestbench.core.value.Value;

/**
 * A label as a camera saw it: its text, and signs of it that may be others. A field that would be another with one of them
 * is doubted, and the other value is its suggestion; one that the whole label settles stays as it is.
 *
 * @param text the lines
 * @param alternatives what single signs may be instead
 */
public record SeenText(String text, List<Alternative> alternatives) {
    /** Below it a sign is no rival of the one that was taken; from made-up pictures, common practice at best. */
    private static final double LEAST_SURE = .08;

    /** Each costs a reading of the whole label. */
    private static final int MOST_TRIED = 12;

    /**
     * A sign that may be another.
     *
     * @param at its offset in the text
     * @param other what it may be; empty where it may be none
     * @param sure 0 to 1, of that other
     */
    public record Alternative(int at, String other, double sure) {}

    /** Reads it by {@code reader}, such as that of a family. */
    public LabelRead read(Function<String, LabelRead> reader) {
        LabelRead read = reader.apply(text);
        List<Doubt> doubts = new ArrayList<>(read.doubts());
        List<Piece> pieces = new ArrayList<>(read.reads());
        List<Alternative> rivals = alternatives.stream()
                .filter(a -> a.sure() >= LEAST_SURE
                        && read.reads().stream().anyMatch(p -> p.start() <= a.at() && a.at() < p.end()))
                .sorted(Comparator.comparingDouble(Alternative::sure).reversed())
                .limit(MOST_TRIED)
                .toList();
        for (Alternative rival : rivals) {
            LabelRead other =
                    reader.apply(text.substring(0, rival.at()) + rival.other() + text.substring(rival.at() + 1));
            for (int i = 0; i < pieces.size(); i++) {
                Piece piece = pieces.get(i);
                if (piece.start() <= rival.at() && rival.at() < piece.end()) {
                    Value instead = at(other.fields(), piece.field());
                    boolean isOther = instead != null && !instead.equals(at(read.fields(), piece.field()));
                    if (isOther) {
                        pieces.set(
                                i,
                                new Piece(
                                        piece.field(),
                                        piece.text(),
                                        piece.start(),
                                        piece.end(),
                                        Math.min(piece.sure(), 1 - rival.sure())));
                        boolean isSaid = doubts.stream().anyMatch(d -> d.field().equals(piece.field()));
                        if (!isSaid) {
                            doubts.add(new Doubt(piece.field(), why(piece, rival), instead));
                        }
                    }
                }
            }
        }
        return new LabelRead(read.kind(), read.sure(), read.fields(), pieces, doubts, read.unread());
    }

    private String why(Piece piece, Alternative rival) {
        String seen = text.substring(rival.at(), rival.at() + 1);
        return "\"" + seen + "\" of " + piece.text() + " may be "
                + (rival.other().isBlank() ? "no sign at all" : "\"" + rival.other() + "\"") + " on the picture";
    }

    /** The value of a field, by its path as {@code sections[0].microfarads}; null where there is none. */
    private static @Nullable Value at(Value.Fields fields, String path) {
        Value value = fields;
        for (String step : path.split("\\.|(?=\\[)")) {
            if (step.startsWith("[") && value instanceof Value.Items items) {
                int index = Integer.parseInt(step.substring(1, step.length() - 1));
                value = index < items.items().size() ? items.items().get(index) : null;
            } else {
                value = value instanceof Value.Fields named ? named.fields().get(step) : null;
            }
        }
        return value;
    }
}
