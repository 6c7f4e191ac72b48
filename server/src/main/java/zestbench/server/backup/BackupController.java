package zestbench.server.backup;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.sql.Connection;
import java.sql.SQLException;
import javax.sql.DataSource;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import zestbench.server.data.DataFolder;

/** The archive of a bench that is running, written while it is fetched. */
@RestController
class BackupController {
    private final DataSource source;
    private final DataFolder folder;

    BackupController(DataSource source, DataFolder folder) {
        this.source = source;
        this.folder = folder;
    }

    /** All rows as they stand at one moment and all photos; nobody's change waits for it. */
    @GetMapping(value = "/api/backup.zip", produces = "application/zip")
    void backup(HttpServletResponse response) throws IOException, SQLException {
        response.setContentType("application/zip");
        response.setHeader(Archive.BENCH, Archive.nameOf(folder.path()));
        response.setHeader(
                HttpHeaders.CONTENT_DISPOSITION,
                ContentDisposition.attachment()
                        .filename("zest-bench-backup.zip")
                        .build()
                        .toString());
        try (Connection database = source.getConnection()) {
            Archive.write(database, folder.photos(), response.getOutputStream());
        }
    }
}
