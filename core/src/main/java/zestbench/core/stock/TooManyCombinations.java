package zestbench.core.stock;

/** There are more ways to combine pieces than a search looks at, so that nothing can be called the best of them. */
public final class TooManyCombinations extends RuntimeException {
    private static final long serialVersionUID = 1L;

    TooManyCombinations() {
        super("There are too many ways to combine these pieces: give fewer lines of stock.");
    }
}
