package zestbench.core.quantity;

import java.math.BigDecimal;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Something given cannot be used: says which field, what was given, and what would be right. */
public final class InputProblem extends RuntimeException {
    private static final long serialVersionUID = 1L;
    private static final double LARGEST_PLAIN = 1e12;

    /** One field of the problem. */
    public record Field(String field, @Nullable String value, String problem) {}

    private final transient List<Field> fields;

    public InputProblem(List<Field> fields) {
        super(fields.isEmpty() ? "" : fields.get(0).problem());
        this.fields = List.copyOf(fields);
    }

    public static InputProblem of(String field, @Nullable String value, String problem) {
        return new InputProblem(List.of(new Field(field, value, problem)));
    }

    /** Throws unless {@code holds}. */
    public static void require(boolean holds, String field, @Nullable Object value, String problem) {
        if (!holds) {
            throw of(field, value == null ? null : text(value), problem);
        }
    }

    /** A figure as it is written: 200, not 200.0. */
    private static String text(Object value) {
        boolean isPlain = value instanceof Double figure && Double.isFinite(figure) && Math.abs(figure) < LARGEST_PLAIN;
        return isPlain
                ? BigDecimal.valueOf((Double) value).stripTrailingZeros().toPlainString()
                : String.valueOf(value);
    }

    /** The value itself; throws where it was left out. */
    public static <T> T given(@Nullable T value, String field, String problem) {
        if (value == null) {
            throw of(field, null, problem);
        }
        return value;
    }

    public List<Field> fields() {
        return fields;
    }

    /** The same problem, its fields named from the place {@code prefix}. */
    public InputProblem within(String prefix) {
        return new InputProblem(fields.stream()
                .map(f -> new Field(prefix + "." + f.field(), f.value(), f.problem()))
                .toList());
    }
}
