package zestbench.core.tape;

/** What a call waits for, beside parts that were ordered. */
public enum WaitsFor {
    THAW("the coil to thaw", 1),
    CUSTOMER("the customer's decision", 3),
    OTHER_TRADE("another trade", 7),
    DELIVERY("a delivery", 3),
    ACCESS("a way in", 2);

    private final String words;
    private final int days;

    WaitsFor(String words, int days) {
        this.words = words;
        this.days = days;
    }

    /** After how many days to look again, where nobody says. [practice] */
    public int days() {
        return days;
    }

    /** Behind "waits for". */
    public String words() {
        return words;
    }
}
