package zestbench.core.quantity;

import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/** A day as 2026-12-01 (ISO 8601). The core is also compiled for the browser, which has no calendar of Java's. */
public final class IsoDate {
    private static final Pattern SHAPE = Pattern.compile("(\\d{4})-(\\d{2})-(\\d{2})");
    private static final List<Integer> DAYS = List.of(31, 28, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31);
    private static final int FEBRUARY = 2;

    private IsoDate() {}

    /** Whether {@code text} is a day of the Gregorian calendar. */
    public static boolean is(@Nullable String text) {
        Matcher shape = SHAPE.matcher(text == null ? "" : text);
        if (!shape.matches()) {
            return false;
        }
        int year = Integer.parseInt(shape.group(1));
        int month = Integer.parseInt(shape.group(2));
        int day = Integer.parseInt(shape.group(3));
        return month >= 1 && month <= DAYS.size() && day >= 1 && day <= days(year, month);
    }

    /** The same day {@code years} on; of a leap day the last of that February. @param day as 2026-12-01 */
    public static String yearsOn(String day, int years) {
        String month = day.substring(4, 7);
        int year = Integer.parseInt(day.substring(0, 4)) + years;
        String same = year + day.substring(4);
        return is(same) ? same : year + month + "-" + days(year, FEBRUARY);
    }

    private static int days(int year, int month) {
        boolean isLeap = year % 4 == 0 && (year % 100 != 0 || year % 400 == 0);
        return DAYS.get(month - 1) + (month == FEBRUARY && isLeap ? 1 : 0);
    }
}
