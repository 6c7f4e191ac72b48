package zestbench.core.label;

import java.util.List;
import org.jspecify.annotations.Nullable;
import zestbench.core.value.Value;

/**
 * What came of a label's text.
 *
 * @param kind the family it was read as; null where that cannot be told
 * @param sure 0 to 1
 * @param unread pieces of the text that no field took
 */
public record LabelRead(
        @Nullable String kind,
        double sure,
        Value.Fields fields,
        List<Piece> reads,
        List<Doubt> doubts,
        List<String> unread) {
    /** The piece of text a field was read from; offsets are UTF-16. */
    public record Piece(String field, String text, int start, int end, double sure) {}

    /** A value that is missing or unsure, and what is usual there. */
    public record Doubt(String field, String why, @Nullable Value suggest) {
        /** The attribute it is about, whichever row of it. */
        public String attribute() {
            return field.replaceAll("[\\[.].*", "");
        }

        /** What the whole attribute would be with what is suggested; null where nothing is, or a row of it is meant. */
        public @Nullable Value instead() {
            return field.equals(attribute()) ? suggest : null;
        }
    }
}
