package zestbench.server.problem;

/** What was sent as a picture is none that can be read. */
public class NotAPicture extends RuntimeException {
    private static final long serialVersionUID = 1L;

    public NotAPicture(String message) {
        super(message);
    }
}
