package zestbench.core.stock;

/** What one terminal wants, in thousandths: the rated figure, and the band that is allowed (equal ends where only the rated figure is). */
public record Want(long rated, long low, long high) {
    public static Want exactly(long rated) {
        return new Want(rated, rated, rated);
    }

    double error(long sum) {
        return Math.abs((double) (sum - rated)) / rated;
    }
}
