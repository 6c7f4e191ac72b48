package zestbench.core.plate;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.DoublePredicate;
import zestbench.core.quantity.Figures;

/** Figures read with one digit wrong, or two neighbours in the wrong order. */
final class Digits {
    /** Digits that are taken for each other. [practice] */
    private static final List<String> USUAL_SWAPS = List.of("17", "71", "38", "83", "56", "65", "08", "80");

    private Digits() {}

    /**
     * Every figure one digit off {@code read}, or with two neighbouring digits in the wrong order, that {@code mends} what
     * is wrong; usual swaps first, then near {@code aim}.
     */
    static List<PlateChecks.Correction> mending(String field, double read, double aim, DoublePredicate mends) {
        List<PlateChecks.Correction> out = new ArrayList<>();
        String text = Figures.plain(read);
        for (int i = 0; i < text.length(); i++) {
            char was = text.charAt(i);
            for (char digit = '0'; digit <= '9' && was != '.'; digit++) {
                double likely = Double.parseDouble(text.substring(0, i) + digit + text.substring(i + 1));
                if (digit != was && likely > 0 && mends.test(likely)) {
                    out.add(new PlateChecks.Correction(field, read, likely, USUAL_SWAPS.contains("" + was + digit)));
                }
            }
        }
        String digits = text.replace(".", "");
        for (int i = 1; i < digits.length(); i++) {
            String turned =
                    digits.substring(0, i - 1) + digits.charAt(i) + digits.charAt(i - 1) + digits.substring(i + 1);
            int point = text.indexOf('.');
            double likely =
                    Double.parseDouble(point < 0 ? turned : turned.substring(0, point) + "." + turned.substring(point));
            if (likely != read && likely > 0 && mends.test(likely)) {
                out.add(new PlateChecks.Correction(field, read, likely, false));
            }
        }
        out.sort(Comparator.comparing((PlateChecks.Correction c) -> !c.usual())
                .thenComparing(c -> Math.abs(c.likely() - aim)));
        return out;
    }
}
