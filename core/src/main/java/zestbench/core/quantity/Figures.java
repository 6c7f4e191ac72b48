package zestbench.core.quantity;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;

/** The one formatter for figures: plain decimals, never an exponent, a real minus sign. */
public final class Figures {
    /** Two printed figures that differ by no more are the same: what is left of reckoning in doubles. */
    public static final double SAME = 1e-6;

    private static final int PLAIN_DECIMALS = 4;
    private static final int TIDY_DECIMALS = 9;
    private static final int TEN_THOUSAND = 10_000;
    private static final double BILLION = 1e9;
    /** Up to here what is rounded away in binary is less than the twentieth that is left to a tie. [physics: 2⁻⁵² of 10¹⁴] */
    private static final double LARGEST_IN_BINARY = 1e5;

    private static final double CLEAR_OF_A_TIE = 0.45;
    private static final int DOUBT_DIGITS = 2;

    private Figures() {}

    /** Prints {@code x} with exactly {@code decimals} decimals. */
    public static String fixed(double x, int decimals) {
        return signed(BigDecimal.valueOf(x).setScale(decimals, RoundingMode.HALF_UP));
    }

    /** Prints {@code x} with as many decimals as it needs, at most four. */
    public static String plain(double x) {
        if (x == Math.rint(x) && Math.abs(x) < LARGEST_IN_BINARY) {
            return String.valueOf((long) x).replace('-', '−');
        }
        double whole = Math.rint(x * TEN_THOUSAND);
        boolean isClear = Math.abs(x) < LARGEST_IN_BINARY && Math.abs(x * TEN_THOUSAND - whole) < CLEAR_OF_A_TIE;
        if (isClear) {
            return plain((long) whole);
        }
        BigDecimal rounded = BigDecimal.valueOf(x).setScale(PLAIN_DECIMALS, RoundingMode.HALF_UP);
        return signed(rounded.signum() == 0 ? BigDecimal.ZERO : rounded.stripTrailingZeros());
    }

    private static String plain(long tenThousandths) {
        if (tenThousandths == 0) {
            return "0";
        }
        long size = Math.abs(tenThousandths);
        String decimals = String.valueOf(TEN_THOUSAND + size % TEN_THOUSAND);
        int last = decimals.length();
        while (decimals.charAt(last - 1) == '0') {
            last--;
        }
        String sign = tenThousandths < 0 ? "−" : "";
        // the figure in front of the decimals only keeps their noughts
        return sign + size / TEN_THOUSAND + (last > 1 ? "." + decimals.substring(1, last) : "");
    }

    /** Takes the dust of binary arithmetic off a sum: 51.699999999999996 becomes 51.7. */
    public static double tidy(double x) {
        double billionths = x * BILLION;
        double whole = Math.rint(billionths);
        boolean isClear = Math.abs(x) < LARGEST_IN_BINARY && Math.abs(billionths - whole) < CLEAR_OF_A_TIE;
        if (isClear) {
            // so many digits a double holds, and adding nothing makes a negative nothing plain
            return whole / BILLION + 0.0;
        }
        return BigDecimal.valueOf(x)
                .setScale(TIDY_DECIMALS, RoundingMode.HALF_UP)
                .doubleValue();
    }

    /** A doubt to two significant digits, as a doubt is written. [JCGM 100, 7.2.6] */
    public static double doubt(double x) {
        return x == 0
                ? 0
                : BigDecimal.valueOf(x)
                        .round(new MathContext(DOUBT_DIGITS, RoundingMode.HALF_UP))
                        .doubleValue();
    }

    private static String signed(BigDecimal x) {
        return x.toPlainString().replace('-', '−');
    }
}
