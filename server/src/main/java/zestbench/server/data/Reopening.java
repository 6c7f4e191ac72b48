package zestbench.server.data;

import com.zaxxer.hikari.HikariDataSource;
import java.nio.file.FileSystemException;
import java.sql.SQLException;
import java.util.Set;
import javax.sql.DataSource;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import zestbench.server.problem.DiskTrouble;
import zestbench.server.problem.NoRoom;

/** A database that closed itself, since the disk failed under it, is opened anew: nobody has to start the bench again. */
@Component
class Reopening implements DiskTrouble {
    /** H2: closed, closing, broken while reading or writing, no connection left. */
    private static final Set<Integer> CLOSED = Set.of(90_007, 90_028, 90_030, 90_031, 90_067, 90_098, 90_121);

    private final DataSource source;
    private final DataFolder folder;

    Reopening(DataSource source, DataFolder folder) {
        this.source = source;
        this.folder = folder;
    }

    @Override
    public @Nullable String refusal(Throwable problem) {
        if (isClosed(problem)) {
            return "The database in " + folder.path().toAbsolutePath()
                    + " was closed by a failure of the disk and is opened anew: send it again, look for room on the disk.";
        }
        for (Throwable at = problem; at != null; at = at.getCause()) {
            if (at instanceof FileSystemException
                    || String.valueOf(at.getMessage()).contains("No space left")) {
                return new NoRoom(folder.path(), "the disk refused it").getMessage();
            }
        }
        return null;
    }

    /** Whether {@code problem} came from a database that closed itself; its connections are given up then. */
    private boolean isClosed(Throwable problem) {
        for (Throwable at = problem; at != null; at = at.getCause()) {
            if (at instanceof SQLException refused && CLOSED.contains(refused.getErrorCode())) {
                if (source instanceof HikariDataSource pool && pool.getHikariPoolMXBean() != null) {
                    pool.getHikariPoolMXBean().softEvictConnections();
                }
                return true;
            }
        }
        return false;
    }
}
