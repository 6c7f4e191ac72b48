package zestbench.server.problem;

/** What was asked for is well formed, but things do not stand so that it could be done now. */
public class Conflict extends RuntimeException {
    private static final long serialVersionUID = 1L;

    public Conflict(String message) {
        super(message);
    }
}
