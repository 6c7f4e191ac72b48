package zestbench.server.backup;

import java.io.IOException;
import java.io.OutputStream;
import java.net.ConnectException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.Optional;
import org.springframework.boot.logging.LoggingSystem;
import zestbench.server.data.DataFolder;
import zestbench.server.data.Running;
import zestbench.server.security.InnerPass;

/** {@code backup FILE DATA} and {@code restore FILE DATA} from the terminal; a running bench is asked for its archive. */
public final class BackupCommand {
    private BackupCommand() {}

    /** @param arguments what to do, the archive, the data folder */
    public static void main(String[] arguments) throws InterruptedException {
        // what the libraries tell is for a bench that runs; here one line says what became of it
        LoggingSystem.get(BackupCommand.class.getClassLoader()).beforeInitialize();
        Path archive = Path.of(arguments[1]);
        Path data = Path.of(arguments[2]);
        try {
            if (arguments[0].equals("backup")) {
                backup(archive, data);
                System.out.println("Backed up to " + archive + ".");
            } else {
                Restore.from(archive, data);
                System.out.println("Restored into " + data + ". Open it with ./zest start --data " + data);
            }
        } catch (Refused refused) {
            fail(String.valueOf(refused.getMessage()));
        } catch (SQLException refused) {
            fail("the database in " + data
                    + " cannot be opened; a bench that is just starting or stopping holds it: try again.");
        } catch (IOException problem) {
            fail("it could not be written or read to its end (" + problem.getMessage()
                    + "): look for room on the disk and try again.");
        }
    }

    private static void fail(String words) {
        System.err.println("zest: " + words.replaceAll("\\s*\\n\\s*", " "));
        System.exit(1);
    }

    static void backup(Path archive, Path data) throws IOException, InterruptedException, SQLException {
        DataFolder folder = new DataFolder(data);
        if (!Files.exists(folder.database())) {
            throw new Refused("there is no bench database in " + data + ".");
        }
        if (Files.exists(archive)) {
            throw new Refused("there is a file " + archive + " already: give a new name.");
        }
        Path part = archive.resolveSibling(archive.getFileName() + ".part");
        try {
            if (!fromRunning(data, part)) {
                try (Connection database = DriverManager.getConnection(folder.url(), "sa", "");
                        OutputStream out = Files.newOutputStream(part)) {
                    Archive.write(database, folder.photos(), out);
                }
            }
            Restore.check(part);
            Files.move(part, archive, StandardCopyOption.ATOMIC_MOVE);
        } finally {
            Files.deleteIfExists(part);
        }
    }

    /** Whether a bench runs on the data and gave its archive. */
    private static boolean fromRunning(Path data, Path to) throws IOException, InterruptedException {
        Optional<Running.Reach> running = Running.on(data);
        if (running.isEmpty()) {
            return false;
        }
        HttpRequest request = HttpRequest.newBuilder(URI.create(running.get().address() + "/api/backup.zip"))
                .header(InnerPass.HEADER, running.get().pass())
                .build();
        try {
            HttpResponse<Path> answer = HttpClient.newHttpClient().send(request, HttpResponse.BodyHandlers.ofFile(to));
            boolean isOurs =
                    answer.headers().firstValue(Archive.BENCH).orElse("").equals(Archive.nameOf(data));
            // else another bench has that port now: this one was killed
            return isOurs && answer.statusCode() == 200;
        } catch (ConnectException gone) {
            return false;
        }
    }
}
