package zestbench.server.data;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.util.stream.Stream;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.MigrationInfo;
import org.flywaydb.core.api.MigrationInfoService;
import org.flywaydb.core.api.MigrationVersion;
import org.springframework.boot.flyway.autoconfigure.FlywayMigrationStrategy;
import org.springframework.stereotype.Component;
import zestbench.server.CannotStart;

/**
 * Brings the database to the newest form, or leaves it as it was. The database commits each change of its form by itself,
 * so a migration that is cut off would leave half of one behind: before it begins the file is copied, and a start that
 * finds the copy knows that the last migration did not end, puts the copy back and tries again.
 */
@Component
class Schema implements FlywayMigrationStrategy {
    /** The database file as it was before a migration; empty where there was none. */
    private static final String BEFORE = "zestbench.before-migration";

    private static final String COPYING = BEFORE + ".part";

    private final DataFolder folder;

    Schema(DataFolder folder) {
        this.folder = folder;
    }

    @Override
    public void migrate(Flyway flyway) {
        folder.prepare();
        try {
            folder.take();
            putBack();
            clearParts();
            // a connection of its own, so that the file is closed again before it is copied
            Flyway own = Flyway.configure(getClass().getClassLoader())
                    .configuration(flyway.getConfiguration())
                    .dataSource(folder.url(), "sa", "")
                    .load();
            if (!Files.exists(folder.database()) || hasPending(own)) {
                copy();
                own.migrate();
                Compacting.now(folder);
                Files.delete(folder.path().resolve(BEFORE));
            } else {
                Compacting.where(folder);
            }
            folder.close();
        } catch (IOException problem) {
            throw new CannotStart("zest: the data in " + folder.path() + " could not be brought to the newest form ("
                    + problem.getMessage()
                    + "): make room and start again; the copy of before is kept until it is done.");
        }
    }

    private void putBack() throws IOException {
        Path before = folder.path().resolve(BEFORE);
        if (!Files.exists(before)) {
            return;
        }
        System.out.println("The last start was cut off while the database was brought to a newer form: it begins anew"
                + " from the copy that was made before.");
        if (Files.size(before) == 0) {
            Files.deleteIfExists(folder.database());
        } else {
            // copied, not moved: a kill right now must find it again
            Path part = folder.path().resolve(COPYING);
            Files.copy(before, part, StandardCopyOption.REPLACE_EXISTING);
            sync(part);
            Files.move(part, folder.database(), StandardCopyOption.ATOMIC_MOVE);
        }
    }

    /** Photos that were being written when the bench was killed. */
    private void clearParts() throws IOException {
        try (Stream<Path> all = Files.list(folder.photos())) {
            for (Path each : all.filter(p -> p.toString().endsWith(".part")).toList()) {
                Files.delete(each);
            }
        }
    }

    private boolean hasPending(Flyway flyway) {
        // asked once: each asking opens the database and closes it again
        MigrationInfoService info = flyway.info();
        MigrationInfo current = info.current();
        MigrationVersion newest = MigrationVersion.EMPTY;
        for (MigrationInfo each : info.all()) {
            if (each.getState().isResolved() && each.getVersion() != null) {
                newest = each.getVersion().compareTo(newest) > 0 ? each.getVersion() : newest;
            }
        }
        if (current != null && current.getVersion().compareTo(newest) > 0) {
            throw new CannotStart("zest: the data in " + folder.path() + " are of a newer bench (form "
                    + current.getVersion() + ", this one knows " + newest
                    + "): start the newer bench, or give another folder with --data.");
        }
        return info.pending().length > 0;
    }

    private void copy() throws IOException {
        Path part = folder.path().resolve(COPYING);
        if (Files.exists(folder.database())) {
            Files.copy(folder.database(), part, StandardCopyOption.REPLACE_EXISTING);
        } else {
            Files.deleteIfExists(part);
            Files.createFile(part);
        }
        sync(part);
        Files.move(part, folder.path().resolve(BEFORE), StandardCopyOption.ATOMIC_MOVE);
    }

    private static void sync(Path file) throws IOException {
        try (FileChannel channel = FileChannel.open(file, StandardOpenOption.WRITE)) {
            channel.force(true);
        }
    }
}
