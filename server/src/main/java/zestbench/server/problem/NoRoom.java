package zestbench.server.problem;

import java.nio.file.Path;

/** A change cannot be kept; what is kept can still be read. */
public class NoRoom extends RuntimeException {
    private static final long serialVersionUID = 1L;

    public NoRoom(Path folder, String why) {
        super("Nothing can be kept in " + folder.toAbsolutePath() + ": " + why
                + ". What is kept can still be read; make room, then send it again.");
    }
}
