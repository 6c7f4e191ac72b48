package zestbench.server.problem;

/** What was asked for takes more work than one request is given. */
public class TooLong extends RuntimeException {
    private static final long serialVersionUID = 1L;

    public TooLong(String message) {
        super(message);
    }
}
