package zestbench.core.call;

/** A command that is well formed, but cannot be done as things stand; its message says what to do first. */
public final class Refusal extends RuntimeException {
    private static final long serialVersionUID = 1L;
    private final Why why;

    /** What it fails on. */
    public enum Why {
        /** Something else has to be done first. */
        NOT_NOW,
        /** What is meant is not there. */
        NOT_HERE
    }

    Refusal(String words) {
        this(Why.NOT_NOW, words);
    }

    Refusal(Why why, String words) {
        super(words);
        this.why = why;
    }

    public Why why() {
        return why;
    }
}
