package zestbench.server;

/** The bench cannot start; the message says in one line why, and what to do. */
public class CannotStart extends RuntimeException {
    private static final long serialVersionUID = 1L;

    public CannotStart(String message) {
        super(message);
    }
}
