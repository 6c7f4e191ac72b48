package zestbench.server.backup;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.sql.Connection;
import java.sql.SQLException;
import javax.sql.DataSource;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import zestbench.server.Settings;
import zestbench.server.call.Turn;

/** The archive of a bench that is running. */
@RestController
class BackupHttp {
    private final DataSource source;
    private final Settings settings;
    private final Turn turn;

    BackupHttp(DataSource source, Settings settings, Turn turn) {
        this.source = source;
        this.settings = settings;
        this.turn = turn;
    }

    /** The database as a script and all photos, as they are between two changes. */
    @GetMapping(value = "/api/backup.zip", produces = "application/zip")
    ResponseEntity<byte[]> backup() throws IOException {
        byte[] bytes = turn.take(() -> {
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            try (Connection database = source.getConnection()) {
                Archive.write(database, settings.photos(), out);
            } catch (IOException problem) {
                throw new UncheckedIOException(problem);
            } catch (SQLException problem) {
                throw new IllegalStateException(problem);
            }
            return out.toByteArray();
        });
        return ResponseEntity.ok()
                .header(Archive.NAME, Archive.nameOf(settings.data()))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("zest-bench-backup.zip")
                                .build()
                                .toString())
                .contentType(MediaType.parseMediaType("application/zip"))
                .body(bytes);
    }
}
