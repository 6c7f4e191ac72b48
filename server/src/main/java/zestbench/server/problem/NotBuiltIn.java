package zestbench.server.problem;

/** This bench was built without what that needs. */
public class NotBuiltIn extends RuntimeException {
    private static final long serialVersionUID = 1L;

    public NotBuiltIn(String message) {
        super(message);
    }
}
