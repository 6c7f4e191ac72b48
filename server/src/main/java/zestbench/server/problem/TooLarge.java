package zestbench.server.problem;

/** More was given than is taken at once. */
public class TooLarge extends RuntimeException {
    private static final long serialVersionUID = 1L;

    public TooLarge(String message) {
        super(message);
    }
}
