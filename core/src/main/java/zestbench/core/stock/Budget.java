package zestbench.core.stock;

/** How many combinations a search may look at, so that no truck, however odd, makes it hang. */
final class Budget {
    private static final int MOST = 3_000_000;

    private int spent;

    /** Throws where nothing is left: what was found by then may not be the best. */
    void spend() {
        if (++spent > MOST) {
            throw new TooManyCombinations();
        }
    }
}
