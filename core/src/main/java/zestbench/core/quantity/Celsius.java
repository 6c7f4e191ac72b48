package zestbench.core.quantity;

/** Degrees Celsius beside a reading in °F. [physics: 0 °C = 32 °F, 5 °C = 9 °F] */
public final class Celsius {
    private static final double FREEZING_FAHRENHEIT = 32;
    private static final double FAHRENHEIT_EACH = 1.8;
    private static final double TENTHS = 10;

    private Celsius() {}

    /** A temperature in words, such as "23.9 °C". */
    public static String of(double fahrenheit) {
        return words((fahrenheit - FREEZING_FAHRENHEIT) / FAHRENHEIT_EACH);
    }

    /** A difference of two temperatures, such as a superheat of 9 °F, "5 °C". */
    public static String ofDifference(double fahrenheit) {
        return words(fahrenheit / FAHRENHEIT_EACH);
    }

    private static String words(double celsius) {
        return Figures.plain(Math.round(celsius * TENTHS) / TENTHS) + " °C";
    }
}
