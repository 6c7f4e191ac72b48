package zestbench.core.charge;

import zestbench.core.quantity.Figures;

/** A weight of refrigerant as a scale shows it: pounds and ounces. */
public final class Weight {
    /** Avoirdupois. [physics] */
    public static final double OUNCES_PER_POUND = 16;

    private Weight() {}

    /** {@code 6 lb 4 oz}; a tenth of an ounce at the finest. @param ounces from 0 */
    public static String words(double ounces) {
        double tenths = Math.round(ounces * 10) / 10.0;
        double pounds = Math.floor(tenths / OUNCES_PER_POUND);
        String rest = Figures.plain(Figures.tidy(tenths - pounds * OUNCES_PER_POUND)) + " oz";
        return pounds == 0 ? rest : Figures.plain(pounds) + " lb" + (rest.equals("0 oz") ? "" : " " + rest);
    }
}
