package zestbench.core.judgement;

import org.jspecify.annotations.Nullable;
import zestbench.core.quantity.Figures;
import zestbench.core.quantity.Limits;

/**
 * Where a reading lies, in percent of an axis that always runs from 15 % under the rated value to 15 % over it, so that
 * a small miss looks small. Off the axis the reading is held at its end.
 *
 * @param doubtFrom start of the meter's doubt around the reading
 * @param lastAt the same at the last visit; null where none was read, or it lies off the axis
 * @param off whether the reading lies off the axis
 */
public record Scale(
        double lowAt,
        double highAt,
        @Nullable Double ratedAt,
        double valueAt,
        double doubtFrom,
        double doubtTo,
        @Nullable Double lastAt,
        Off off) {
    /** Which end the reading lies beyond. */
    public enum Off {
        NO,
        UNDER,
        OVER
    }

    private static final double REACH = 0.15;
    private static final double WIDE_REACH = 0.3;
    private static final double WHOLE = 100;

    /** The scale of {@code judged}; null where it has no figure or no limits. @param last the same at the last visit */
    public static @Nullable Scale of(Judged judged, @Nullable Double last) {
        Limits limits = judged.limits();
        if (limits == null || !judged.reading().isFigure()) {
            return null;
        }
        double middle = judged.rated() != null ? judged.rated() : (limits.low() + limits.high()) / 2;
        boolean wide = limits.low() < middle * (1 - REACH) || limits.high() > middle * (1 + REACH);
        double reach = wide ? Math.max(WIDE_REACH, (limits.high() - middle) / middle * 1.2) : REACH;
        double from = limits.low() == 0 ? 0 : middle * (1 - reach);
        double to = middle * (1 + reach);
        double x = judged.reading().value();
        Off off = x < from ? Off.UNDER : x > to ? Off.OVER : Off.NO;
        double doubt = judged.uncertainty();
        return new Scale(
                share(limits.low(), from, to),
                share(limits.high(), from, to),
                judged.rated() == null ? null : share(middle, from, to),
                share(x, from, to),
                share(x - doubt, from, to),
                share(x + doubt, from, to),
                last == null || last < from || last > to ? null : share(last, from, to),
                off);
    }

    private static double share(double x, double from, double to) {
        double share = (x - from) / (to - from) * WHOLE;
        return Figures.tidy(Math.max(0, Math.min(WHOLE, share)));
    }
}
