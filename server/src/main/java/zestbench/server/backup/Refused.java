package zestbench.server.backup;

/** What cannot be backed up or restored; the message says in one line why, and what would be right. */
final class Refused extends RuntimeException {
    private static final long serialVersionUID = 1L;

    Refused(String message) {
        super(message);
    }
}
