package zestbench.server.backup;

import java.io.IOException;
import java.io.OutputStream;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.Duration;

/** {@code backup FILE DATA} and {@code restore FILE DATA} from the terminal; a running bench is asked for its archive. */
public final class BackupCommand {
    private static final Duration PATIENCE = Duration.ofMinutes(5);

    private BackupCommand() {}

    /** @param arguments what to do, the archive, the data folder */
    public static void main(String[] arguments) throws IOException, InterruptedException {
        Path archive = Path.of(arguments[1]);
        Path data = Path.of(arguments[2]);
        try {
            if (arguments[0].equals("backup")) {
                backup(archive, data);
                System.out.println("Backed up to " + archive + ".");
            } else {
                Archive.restore(archive, data);
                System.out.println("Restored into " + data + ". Open it with ./zest start --data " + data);
            }
        } catch (Archive.Refused refused) {
            System.err.println("zest: " + refused.getMessage());
            System.exit(1);
        } catch (SQLException refused) {
            System.err.println("zest: the database in " + data
                    + " cannot be opened; a bench that is just starting or stopping holds it: try again. ("
                    + refused.getMessage() + ")");
            System.exit(1);
        }
    }

    private static void backup(Path archive, Path data) throws IOException, InterruptedException, SQLException {
        if (!Archive.hasDatabase(data)) {
            throw new Archive.Refused("there is no bench database in " + data + ".");
        }
        if (Files.exists(archive)) {
            throw new Archive.Refused("there is a file " + archive + " already: give a new name.");
        }
        Path part = archive.resolveSibling(archive.getFileName() + ".part");
        try {
            if (!fromRunning(data, part)) {
                try (Connection database = Archive.open(data);
                        OutputStream out = Files.newOutputStream(part)) {
                    Archive.write(database, data.resolve("photos"), out);
                }
            }
            Files.move(part, archive, StandardCopyOption.ATOMIC_MOVE);
        } finally {
            Files.deleteIfExists(part);
        }
    }

    /** Whether a bench runs on the data and gave its archive. */
    private static boolean fromRunning(Path data, Path to) throws IOException, InterruptedException {
        Path port = data.resolve("port");
        if (!Files.exists(port)) {
            return false;
        }
        URI address = URI.create("http://127.0.0.1:" + Files.readString(port).strip() + "/api/backup.zip");
        HttpRequest.Builder request = HttpRequest.newBuilder(address).timeout(PATIENCE);
        Path code = data.resolve("access-code");
        if (Files.exists(code)) {
            request.header("Cookie", "zest-door=" + Files.readString(code).strip());
        }
        try {
            HttpResponse<Path> answer =
                    HttpClient.newHttpClient().send(request.build(), HttpResponse.BodyHandlers.ofFile(to));
            boolean isOurs =
                    answer.headers().firstValue(Archive.NAME).orElse("").equals(Archive.nameOf(data));
            if (!isOurs && answer.statusCode() != 401) {
                // another bench has that port now: this one was killed
                return false;
            }
            if (answer.statusCode() != 200) {
                throw new Archive.Refused("the running bench answered " + answer.statusCode() + ".");
            }
            return true;
        } catch (java.net.ConnectException gone) {
            return false;
        }
    }
}
