package zestbench.core.plate;

import java.util.OptionalInt;
import zestbench.core.family.Spec;

/** How old a unit is, by the month on its plate. */
public final class UnitAge {
    private static final int YEAR_DIGITS = 4;

    private UnitAge() {}

    /** Whole years; empty where the plate does not say when it was made. @param today as 2026-11-28 */
    public static OptionalInt years(Spec plate, String today) {
        String made = plate.text("manufactured").orElse("");
        boolean isKnown = made.matches("\\d{4}(-\\d{2})?.*") && today.matches("\\d{4}-.*");
        if (!isKnown) {
            return OptionalInt.empty();
        }
        int years =
                Integer.parseInt(today.substring(0, YEAR_DIGITS)) - Integer.parseInt(made.substring(0, YEAR_DIGITS));
        // months as they are written sort as they come
        boolean isToCome =
                made.length() > YEAR_DIGITS && made.substring(YEAR_DIGITS).compareTo(today.substring(YEAR_DIGITS)) > 0;
        int whole = years - (isToCome ? 1 : 0);
        return whole < 0 ? OptionalInt.empty() : OptionalInt.of(whole);
    }

    public static String words(int years) {
        return years == 1 ? "1 year" : years + " years";
    }
}
