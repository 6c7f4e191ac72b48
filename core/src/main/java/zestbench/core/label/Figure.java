package zestbench.core.label;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Numbers that stand together, as {@code 1-1/2}, {@code 208-230/460}, {@code 45+5}; what they mean is for the field to say.
 *
 * @param numbers in their order; NaN where a digit is missing
 * @param joins the signs between them, one fewer
 * @param isSigned whether a plus or minus stands in front of the first
 * @param isEnclosed whether it stands by itself in brackets, as how many there are does: {@code COND FAN (2)}
 */
public record Figure(List<Double> numbers, String joins, boolean isSigned, boolean isEnclosed) {
    private static final Set<Double> DENOMINATORS = Set.of(
            2.0, 3.0, 4.0, 5.0, 6.0, 8.0, 10.0, 12.0, 15.0, 16.0, 20.0, 25.0, 30.0, 32.0, 40.0, 50.0, 70.0, 100.0);
    private static final double LARGEST_WHOLE = 60;

    Figure(List<Double> numbers, String joins, boolean isSigned) {
        this(numbers, joins, isSigned, false);
    }

    /** Whether a digit of any of its numbers is missing. */
    public boolean hasGap() {
        for (Double number : numbers) {
            if (number.isNaN()) {
                return true;
            }
        }
        return false;
    }

    public int size() {
        return numbers.size();
    }

    public double first() {
        return numbers.get(0);
    }

    /** Its one value: a plain number, a fraction, or a whole number with one, without its sign; null where it is several or
     * has a gap. */
    @Nullable
    public Double single() {
        if (hasGap()) {
            return null;
        }
        if (size() == 1) {
            return Math.abs(first());
        }
        if (size() == 2 && joins.equals("/") && isFraction(0)) {
            return Math.abs(numbers.get(0)) / numbers.get(1);
        }
        boolean isMixed = size() == 3 && (joins.equals("-/") || joins.equals(" /")) && isFraction(1);
        return isMixed && isWhole(numbers.get(0)) && numbers.get(0) <= LARGEST_WHOLE
                ? Double.valueOf(numbers.get(0) + numbers.get(1) / numbers.get(2))
                : null;
    }

    private boolean isFraction(int at) {
        return isWhole(numbers.get(at))
                && numbers.get(at) > 0
                && numbers.get(at) < numbers.get(at + 1)
                && DENOMINATORS.contains(numbers.get(at + 1));
    }

    /** Its numbers between these signs only; null where another sign stands between them. */
    @Nullable
    public List<Double> list(String allowed) {
        for (int i = 0; i < joins.length(); i++) {
            if (allowed.indexOf(joins.charAt(i)) < 0) {
                return null;
            }
        }
        return numbers;
    }

    /** Its two ends, each a number or a fraction, with the sign of a range between; null where it is none. */
    @Nullable
    public List<Double> range() {
        for (int i = 0; i < joins.length(); i++) {
            if (joins.charAt(i) == '-') {
                Double low = part(0, i + 1).single();
                Double high = part(i + 1, size()).single();
                if (low != null && high != null) {
                    return List.of(low, high);
                }
            }
        }
        return null;
    }

    /** The numbers [from, to) with what stands between them. */
    public Figure part(int from, int to) {
        return new Figure(
                numbers.subList(from, to), joins.substring(from, Math.max(from, to - 1)), from == 0 && isSigned);
    }

    /** Its parts between signs of this kind. */
    public List<Figure> split(char sign) {
        List<Figure> out = new ArrayList<>();
        int from = 0;
        for (int i = 0; i < joins.length(); i++) {
            if (joins.charAt(i) == sign) {
                out.add(part(from, i + 1));
                from = i + 1;
            }
        }
        out.add(part(from, size()));
        return out;
    }

    private static boolean isWhole(double number) {
        return number == Math.rint(number);
    }

    Figure enclosed() {
        return new Figure(numbers, joins, isSigned, true);
    }
}
