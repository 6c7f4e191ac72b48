package zestbench.server.problem;

/** Too much is under way for this to be begun now; it can be sent again in a moment. */
public class Busy extends RuntimeException {
    private static final long serialVersionUID = 1L;

    public Busy(String message) {
        super(message);
    }
}
