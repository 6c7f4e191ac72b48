package zestbench.core.stock;

/** How many combinations a search may look at, so that no truck, however odd, makes it hang. */
final class Budget {
    private static final int MOST = 3_000_000;
    /** How often it is asked whether anybody still waits: seldom enough to cost nothing. */
    private static final int ASK_EVERY = 1024;

    private int spent;

    /** Throws where nothing is left, or the thread was interrupted: what was found by then may not be the best. */
    void spend() {
        if (++spent > MOST) {
            throw new TooManyCombinations();
        }
        if (spent % ASK_EVERY == 0 && Thread.currentThread().isInterrupted()) {
            throw new Stopped();
        }
    }
}
