package zestbench.server.backup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import zestbench.server.RunningBench;

/** The whole bench in one file: out of a running or a stopped one, into an empty folder, into a newer version. */
class BackupTest {
    private static final String PHOTO = "01234567-89ab-cdef-0123-456789abcdef.jpg";

    @Test
    void aRunningBenchGivesItsArchiveAndAnotherOpensIt(@TempDir Path folder) throws Exception {
        Path archive = folder.resolve("bench.zip");
        Path restored = folder.resolve("restored");
        String all;
        Path data = folder.resolve("data");
        Files.createDirectories(data.resolve("photos"));
        Files.writeString(data.resolve("photos").resolve(PHOTO), "a picture");
        try (RunningBench bench = RunningBench.start("--zest.data=" + data)) {
            assertThat(data.resolve("port")).as("how a backup finds it").exists();
            BackupCommand.main(new String[] {"backup", archive.toString(), data.toString()});
            all = bench.get("/api/everything.json").text();
        }
        BackupCommand.main(new String[] {"restore", archive.toString(), restored.toString()});
        assertThat(restored.resolve("photos").resolve(PHOTO)).hasContent("a picture");
        try (RunningBench bench = RunningBench.start("--zest.data=" + restored)) {
            assertThat(withoutTime(bench.get("/api/everything.json").text())).isEqualTo(withoutTime(all));
            assertThat(bench.get("/api/people").json().size()).as("people too").isEqualTo(3);
        }
    }

    @Test
    void aStoppedBenchIsBackedUpFromItsFolder(@TempDir Path folder) throws Exception {
        Path data = folder.resolve("data");
        String calls;
        try (RunningBench bench = RunningBench.start("--zest.data=" + data)) {
            calls = bench.get("/api/calls").text();
        }
        Path archive = folder.resolve("bench.zip");
        BackupCommand.main(new String[] {"backup", archive.toString(), data.toString()});
        Archive.restore(archive, folder.resolve("new"));
        try (RunningBench bench = RunningBench.start("--zest.data=" + folder.resolve("new"))) {
            assertThat(bench.get("/api/calls").text()).isEqualTo(calls);
        }
    }

    /** A bench that was killed leaves its port behind; who listens there now is somebody else. */
    @Test
    void aBenchOnAnOldPortIsNotTakenForThisOne(@TempDir Path folder) throws Exception {
        Path data = folder.resolve("data");
        try (RunningBench bench = RunningBench.start("--zest.data=" + data)) {
            assertThat(bench.get("/api/units").json().size()).isPositive();
        }
        Path archive = folder.resolve("bench.zip");
        try (RunningBench other = RunningBench.start("--zest.demo=false")) {
            Files.writeString(data.resolve("port"), other.address().replaceAll(".*:", ""));
            BackupCommand.main(new String[] {"backup", archive.toString(), data.toString()});
        }
        Archive.restore(archive, folder.resolve("new"));
        try (RunningBench bench = RunningBench.start("--zest.data=" + folder.resolve("new"), "--zest.demo=false")) {
            assertThat(bench.get("/api/units").json().size())
                    .as("its own units")
                    .isPositive();
        }
    }

    @Test
    void anArchiveOfTheFirstVersionOpensInThisOne(@TempDir Path folder) throws Exception {
        Path old = Files.createDirectories(folder.resolve("old"));
        String url = "jdbc:h2:file:" + old.resolve("zestbench");
        Flyway.configure()
                .dataSource(url, "sa", "")
                .target("1")
                .loggers("slf4j")
                .load()
                .migrate();
        try (Connection connection = DriverManager.getConnection(url, "sa", "");
                Statement sql = connection.createStatement()) {
            sql.execute("insert into unit (site, name, tons, volts, phase, made, rated_load_amps, fan_full_load_amps)"
                    + " values ('Net lofts', 'loft; 5''s unit', 2.5, '208/230', 1, '06/2019', 12.7, 1.1)");
            sql.execute("insert into stock_item (id, bin, kind, name, label, spec, quantity, minimum, cost)"
                    + " values ('CP-1', 'B1', 'capacitor', 'run capacitor', '5 MFD 440 VAC', '{}', 3, 1, 10)");
        }
        Path archive = folder.resolve("old.zip");
        try (Connection connection = Archive.open(old);
                OutputStream out = Files.newOutputStream(archive)) {
            Archive.write(connection, old.resolve("photos"), out);
        }
        Path restored = folder.resolve("restored");
        Archive.restore(archive, restored);
        try (RunningBench bench = RunningBench.start("--zest.data=" + restored, "--zest.demo=false")) {
            assertThat(bench.get("/api/units/1").json().at("/unit/name").asString())
                    .isEqualTo("loft; 5's unit");
            assertThat(bench.get("/api/units/1")
                            .json()
                            .at("/plate/compressors/0/ratedLoadAmps")
                            .asDouble())
                    .isEqualTo(12.7);
            assertThat(bench.get("/api/truck").json().at("/0/price").asDouble())
                    .as("what came after the first version has its default")
                    .isEqualTo(16);
            assertThat(bench.get("/api/truck").json().at("/0/depot").asString()).isEqualTo("Truck 1");
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "database.sql|CREATE TABLE T(X INT);\\nINSERT INTO T VALUES ('a word');|damaged at statement 2",
                "database.sql|CREATE ALIAS RUN AS 'int x() { return 1; }';|would run code",
                "database.sql|create  or replace force trigger T before insert on X call 'x';|would run code",
                "database.sql|''|is empty",
                "notes.txt|hello|no database.sql in it",
                "photos/../../escaped.jpg|x|no database.sql in it"
            })
    void whatIsNoBackupIsRefusedAndLeavesNothing(String entry, String text, String words, @TempDir Path folder)
            throws IOException {
        Path archive = folder.resolve("bad.zip");
        try (ZipOutputStream zip = new ZipOutputStream(Files.newOutputStream(archive))) {
            zip.putNextEntry(new ZipEntry(entry));
            zip.write(text.replace("\\n", "\n").getBytes(StandardCharsets.UTF_8));
            zip.closeEntry();
        }
        Path to = folder.resolve("to");
        assertThatThrownBy(() -> Archive.restore(archive, to))
                .isInstanceOf(Archive.Refused.class)
                .hasMessageContaining(words);
        assertThat(to).isEmptyDirectory();
        assertThat(folder.resolve("escaped.jpg")).doesNotExist();
    }

    @Test
    void nothingIsWrittenOverAndAFileThatDoesNotBelongIsNamed(@TempDir Path folder) throws Exception {
        Path archive = folder.resolve("good.zip");
        ByteArrayOutputStream script = new ByteArrayOutputStream();
        try (Connection connection = DriverManager.getConnection("jdbc:h2:mem:");
                Statement sql = connection.createStatement()) {
            sql.execute("create table t(x varchar(40))");
            sql.execute("insert into t values ('it''s; here'), ('--')");
            Archive.write(connection, folder, script);
        }
        Files.write(archive, script.toByteArray());
        Path full = Files.createDirectories(folder.resolve("full"));
        Files.writeString(full.resolve("letter.txt"), "mine");
        assertThatThrownBy(() -> Archive.restore(archive, full)).hasMessageContaining("is not empty");
        assertThat(full.resolve("letter.txt")).hasContent("mine");
        assertThatThrownBy(() -> Archive.restore(folder.resolve("none.zip"), folder.resolve("to")))
                .hasMessageContaining("there is no archive");
        Path restored = folder.resolve("restored");
        Archive.restore(archive, restored);
        try (Connection connection = Archive.open(restored);
                Statement sql = connection.createStatement();
                var rows = sql.executeQuery("select x from t order by x")) {
            rows.next();
            assertThat(rows.getString(1)).isEqualTo("--");
            rows.next();
            assertThat(rows.getString(1)).isEqualTo("it's; here");
        } catch (SQLException problem) {
            throw new AssertionError(problem);
        }
    }

    private static String withoutTime(String bundle) {
        return bundle.replaceFirst("\"madeAt\" : \"[^\"]+\"", "");
    }
}
