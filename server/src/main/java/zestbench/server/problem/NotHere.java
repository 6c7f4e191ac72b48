package zestbench.server.problem;

/** What was asked for is not kept here. */
public class NotHere extends RuntimeException {
    private static final long serialVersionUID = 1L;

    public NotHere(String message) {
        super(message);
    }
}
