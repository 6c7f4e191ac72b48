package zestbench.core.judgement;

/** How well an offer serves, from best to worst. The grade of an offer is the worst of its criteria. */
public enum Grade {
    LIKE_FOR_LIKE("LIKE FOR LIKE"),
    SUITABLE("SUITABLE"),
    NEEDS_CHANGE("NEEDS A CHANGE"),
    STOPGAP("STOPGAP"),
    UNDECIDED("UNDECIDED"),
    REFUSED("REFUSED");

    private final String word;

    Grade(String word) {
        this.word = word;
    }

    public String word() {
        return word;
    }

    public Grade worst(Grade other) {
        return compareTo(other) >= 0 ? this : other;
    }

    /** Whether it may be fitted at all. */
    public boolean fits() {
        return compareTo(UNDECIDED) < 0;
    }

    /** Whether what it was given to comes out again, on a day that has to be named. */
    public boolean needsReturnDate() {
        return this == STOPGAP;
    }
}
