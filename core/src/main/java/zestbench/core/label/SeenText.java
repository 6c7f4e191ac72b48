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

    /** As a reader knows a sign that is not there. */
    private static final char OPEN = '_';

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

    /**
     * A piece that may be another.
     *
     * @param piece as it was read
     * @param alternative what a sign of it may be
     */
    public record Rival(Piece piece, Alternative alternative) {
        /** The piece as it would be with that other sign. */
        public String other() {
            int at = alternative.at() - piece.start();
            return piece.text().substring(0, at)
                    + alternative.other()
                    + piece.text().substring(at + 1);
        }

        /** The piece with its doubted sign left open, which a reader never makes up. */
        public String open() {
            int at = alternative.at() - piece.start();
            return piece.text().substring(0, at) + OPEN + piece.text().substring(at + 1);
        }
    }

    /** What was read of it. @param rivals one a piece at most */
    public record Seen(LabelRead label, List<Rival> rivals) {}

    /** A rival with the label as it would be read with it. */
    private record Instead(Rival rival, LabelRead label) {}

    /** Reads it by {@code reader}, such as that of a family. */
    public Seen read(Function<String, LabelRead> reader) {
        LabelRead read = reader.apply(text);
        List<Alternative> likely = alternatives.stream()
                .filter(a -> a.sure() >= LEAST_SURE)
                .sorted(Comparator.comparingDouble(Alternative::sure).reversed())
                .limit(MOST_TRIED)
                .toList();
        List<Instead> found = new ArrayList<>();
        for (Alternative alternative : likely) {
            LabelRead other = reader.apply(
                    text.substring(0, alternative.at()) + alternative.other() + text.substring(alternative.at() + 1));
            pieces(read, other, alternative).stream()
                    .filter(p -> isAnother(read, other, p.field()))
                    .filter(p -> found.stream().noneMatch(f -> f.rival().piece().start() == p.start()))
                    .findFirst()
                    .ifPresent(p -> found.add(new Instead(new Rival(p, alternative), other)));
        }
        return new Seen(
                withDoubts(read, found), found.stream().map(Instead::rival).toList());
    }

    /** What stands where a sign may be another; what nothing was read of may be something with that other sign. */
    private List<Piece> pieces(LabelRead read, LabelRead other, Alternative alternative) {
        List<Piece> known = piecesAt(read, alternative);
        return known.isEmpty() && alternative.other().length() == 1
                ? piecesAt(other, alternative).stream().map(this::asItStands).toList()
                : known;
    }

    private static List<Piece> piecesAt(LabelRead read, Alternative alternative) {
        return read.reads().stream()
                .filter(p -> p.start() <= alternative.at() && alternative.at() < p.end())
                .toList();
    }

    private Piece asItStands(Piece piece) {
        return new Piece(piece.field(), text.substring(piece.start(), piece.end()), piece.start(), piece.end(), 0);
    }

    /** A value that is gone with the other sign is no other value: the label as a whole speaks for the one that was read. */
    private static boolean isAnother(LabelRead read, LabelRead other, String field) {
        Value instead = at(other.fields(), field);
        return instead != null && !instead.equals(at(read.fields(), field));
    }

    private static LabelRead withDoubts(LabelRead read, List<Instead> found) {
        List<Doubt> doubts = new ArrayList<>(read.doubts());
        List<Piece> pieces = new ArrayList<>(read.reads());
        for (Instead instead : found) {
            Piece piece = instead.rival().piece();
            double sure = 1 - instead.rival().alternative().sure();
            Piece doubted =
                    new Piece(piece.field(), piece.text(), piece.start(), piece.end(), Math.min(piece.sure(), sure));
            pieces.replaceAll(p -> p.equals(piece) ? doubted : p);
            String why = piece.text() + " may be " + instead.rival().other() + " on the picture";
            doubt(doubts, piece.field(), why, at(instead.label().fields(), piece.field()));
            // one sign may tell of several fields, as a lead's colour does of the volts behind it
            for (String field : read.fields().fields().keySet()) {
                boolean isHeld = doubts.stream().anyMatch(d -> d.field().matches(field + "([\\[.].*)?"));
                if (!isHeld && isAnother(read, instead.label(), field)) {
                    doubt(doubts, field, why, at(instead.label().fields(), field));
                }
            }
        }
        return new LabelRead(read.kind(), read.sure(), read.fields(), pieces, doubts, read.unread());
    }

    private static void doubt(List<Doubt> doubts, String field, String why, @Nullable Value suggest) {
        if (doubts.stream().noneMatch(d -> d.field().equals(field))) {
            doubts.add(new Doubt(field, why, suggest));
        }
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
