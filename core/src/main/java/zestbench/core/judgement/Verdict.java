package zestbench.core.judgement;

/** What a measured value says of a part, from best to worst. */
public enum Verdict {
    /** kept, with nothing known yet to hold it against; it never stands for a good reading */
    NOT_JUDGED,
    GOOD,
    WEAK,
    TOO_CLOSE,
    FAILED;

    public Verdict worst(Verdict other) {
        return compareTo(other) >= 0 ? this : other;
    }

    public String word() {
        return name().replace('_', ' ');
    }
}
