package zestbench.core.quantity;

/** The band a value has to lie in, both ends included. */
public record Limits(double low, double high) {
    public Limits {
        low = Figures.tidy(low);
        high = Figures.tidy(high);
        if (!(low <= high)) {
            throw new IllegalArgumentException("a band from " + low + " to " + high + " is empty");
        }
    }

    public boolean contains(double x) {
        return low <= x && x <= high;
    }

    public boolean contains(Limits other) {
        return low <= other.low && other.high <= high;
    }

    /** Worst case of values that add. */
    public Limits plus(Limits other) {
        return new Limits(low + other.low, high + other.high);
    }

    public String text() {
        return Figures.plain(low) + " to " + Figures.plain(high);
    }
}
