package zestbench.core.stock;

/** Whoever asked for a search has ended it by interrupting its thread: nothing that it found by then is the best for sure. */
public final class Stopped extends RuntimeException {
    private static final long serialVersionUID = 1L;

    Stopped() {
        super("The search was ended before it was through.");
    }
}
