package zestbench.server.data;

import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.FileSystemException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.PosixFileAttributeView;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.stereotype.Component;
import zestbench.server.CannotStart;
import zestbench.server.Settings;
import zestbench.server.problem.NoRoom;

/** The folder of database and photos; nobody but its owner reads in it. */
@Component
public class DataFolder {
    /** So much stays free for what the database does by itself; below, nothing is changed any more. */
    static final long ROOM_BYTES = 8L * 1024 * 1024;

    private static final String DATABASE = "zestbench";
    private static final String RUNNING = "running";
    private static final String LOCK = "lock";

    private final Path folder;
    private @Nullable FileChannel held;

    @Autowired
    DataFolder(Settings settings) {
        this(settings.data());
    }

    public DataFolder(Path folder) {
        this.folder = folder;
    }

    public Path path() {
        return folder;
    }

    public Path photos() {
        return folder.resolve("photos");
    }

    /** The address and inner pass of the bench that runs on this data. */
    Path running() {
        return folder.resolve(RUNNING);
    }

    public Path database() {
        return folder.resolve(DATABASE + ".mv.db");
    }

    /** How the database is opened. */
    public String url() {
        return "jdbc:h2:file:" + folder.toAbsolutePath().resolve(DATABASE);
    }

    /** Makes the folder where it is missing, and closes it to others; throws where it cannot be written. */
    public void prepare() {
        try {
            Files.createDirectories(photos());
            close();
            Files.delete(Files.createTempFile(folder, ".try", null));
        } catch (FileSystemException refused) {
            String why = refused.getReason() == null ? refused.getClass().getSimpleName() : refused.getReason();
            throw new CannotStart("zest: nothing can be written into " + folder + " (" + why
                    + "): make room, let it be written by this user, or give another folder with --data.");
        } catch (IOException problem) {
            throw new CannotStart("zest: nothing can be written into " + folder + ": " + problem.getMessage());
        }
    }

    /**
     * Takes the folder for this bench until it ends; throws where another has it. A bench that is just starting does not
     * hold the database yet, and what it does with the files nobody else may do at the same time.
     */
    void take() throws IOException {
        FileChannel channel =
                FileChannel.open(folder.resolve(LOCK), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
        FileLock lock = null;
        try {
            lock = channel.tryLock();
        } catch (OverlappingFileLockException ours) {
            lock = null;
        }
        if (lock == null) {
            channel.close();
            throw new CannotStart(
                    "zest: another bench has these data open: stop it, or give another folder with --data.");
        }
        held = channel;
    }

    @PreDestroy
    void giveUp() throws IOException {
        if (held != null) {
            held.close();
        }
    }

    /** The folder is for its owner, and so is each file in it. */
    public void close() throws IOException {
        if (Files.getFileAttributeView(folder, PosixFileAttributeView.class) == null) {
            return;
        }
        try (Stream<Path> all = Files.walk(folder)) {
            for (Path each : all.toList()) {
                Files.setPosixFilePermissions(
                        each, PosixFilePermissions.fromString(Files.isDirectory(each) ? "rwx------" : "rw-------"));
            }
        }
    }

    /** Throws {@link NoRoom} where a change could not be kept whole. */
    public void needRoom() {
        try {
            if (Files.getFileStore(folder).getUsableSpace() < ROOM_BYTES) {
                throw new NoRoom(folder, "the disk is full");
            }
            if (!Files.isWritable(folder)) {
                throw new NoRoom(folder, "it is read-only");
            }
        } catch (IOException problem) {
            throw new NoRoom(folder, String.valueOf(problem.getMessage()));
        }
    }

    /** Writes a file whole or not at all. */
    void write(Path file, String text) {
        try {
            Path part = file.resolveSibling(file.getFileName() + ".part");
            Files.writeString(part, text);
            Files.setPosixFilePermissions(part, PosixFilePermissions.fromString("rw-------"));
            Files.move(part, file, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        } catch (IOException problem) {
            throw new UncheckedIOException(problem);
        }
    }
}
