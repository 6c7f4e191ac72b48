package zestbench.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import zestbench.server.data.DataFolder;

/** A disk that fails, data that another bench holds, migrations that were cut off: said in a line, and nothing is lost. */
class DiskTroubleTest {
    @Test
    void aDatabaseThatClosedItselfIsOpenedAnew(@TempDir Path data) throws Exception {
        try (RunningBench bench = RunningBench.start("--zest.data=" + data)) {
            Bench call = Bench.callTo(bench, "rooftop 1");
            call.does("/notes", "{\"text\":\"kept\"}");
            bench.sql("SHUTDOWN IMMEDIATELY");
            int refused = 0;
            while (bench.get(call.call).status() != 200 && refused < 20) {
                refused++;
            }
            assertThat(refused).as("requests until it is open again").isLessThan(20);
            assertThat(call.does("/notes", "{\"text\":\"again\"}").at("/tape").toString())
                    .contains("kept", "again");
        }
    }

    @Test
    void aSecondBenchOnTheSameDataSaysSoInOneLine(@TempDir Path data) throws IOException {
        try (RunningBench first = RunningBench.start("--zest.data=" + data, "--zest.demo=false")) {
            Process second = new ProcessBuilder(
                            Path.of(System.getProperty("java.home"), "bin", "java")
                                    .toString(),
                            "-XX:TieredStopAtLevel=1",
                            "-cp",
                            System.getProperty("java.class.path"),
                            "zestbench.server.ZestBench",
                            "--server.port=0",
                            "--zest.data=" + data)
                    .redirectErrorStream(true)
                    .start();
            assertThat(new String(second.getInputStream().readAllBytes(), StandardCharsets.UTF_8).strip())
                    .isEqualTo("zest: another bench has these data open: stop it, or give another folder with --data.");
            assertThat(first.get("/api/people").status()).isEqualTo(200);
        }
    }

    @Test
    void dataOfANewerBenchAreLeftAlone(@TempDir Path data) throws SQLException {
        RunningBench.start("--zest.data=" + data, "--zest.demo=false").close();
        DataFolder folder = new DataFolder(data);
        try (Connection database = DriverManager.getConnection(folder.url(), "sa", "");
                Statement sql = database.createStatement()) {
            sql.execute(
                    "insert into \"flyway_schema_history\" select 99, '99', 'newer', \"type\", \"script\", \"checksum\","
                            + " \"installed_by\", \"installed_on\", \"execution_time\", \"success\""
                            + " from \"flyway_schema_history\" where \"installed_rank\" = 1");
        }
        assertThat(told(() -> RunningBench.start("--zest.data=" + data)))
                .startsWith("zest: the data in")
                .contains("of a newer bench")
                .doesNotContain("\n");
    }

    @Test
    void aFolderThatCannotBeWrittenIsNamedInOneLine(@TempDir Path folder) throws IOException {
        Path file = Files.writeString(folder.resolve("file"), "in the way");
        assertThat(told(() -> RunningBench.start("--zest.data=" + file.resolve("data"))))
                .startsWith("zest: nothing can be written into " + file)
                .doesNotContain("\n");
    }

    @Test
    void aNameThatIsNotThisMachinesIsRefusedInOneLine() {
        assertThat(told(() -> RunningBench.start("--zest.host=192.0.2.77", "--zest.demo=false")))
                .startsWith("zest: 192.0.2.77 is no address of this machine; it has ")
                .doesNotContain("\n");
    }

    /** A bench that is still bringing its data to a newer form has them, though it does not answer yet. */
    @Test
    void whileOneBenchMigratesAnotherLeavesItsCopyAlone(@TempDir Path data) throws Exception {
        try (RunningBench first = RunningBench.start("--zest.data=" + data, "--zest.demo=false")) {
            Path copy = Files.writeString(data.resolve("zestbench.before-migration"), "of the one that migrates");
            assertThat(told(() -> RunningBench.start("--zest.data=" + data)))
                    .startsWith("zest: another bench has these data open");
            assertThat(copy).hasContent("of the one that migrates");
            assertThat(first.get("/api/people").status()).isEqualTo(200);
            Files.delete(copy);
        }
    }

    /** A start that finds the copy of before a migration knows that the migration did not end. */
    @Test
    void aMigrationThatWasCutOffBeginsAnewFromItsCopy(@TempDir Path data) throws Exception {
        DataFolder folder = new DataFolder(data);
        Files.createDirectories(folder.photos());
        Flyway.configure()
                .dataSource(folder.url(), "sa", "")
                .target("1")
                .loggers("slf4j")
                .load()
                .migrate();
        try (Connection database = DriverManager.getConnection(folder.url(), "sa", "");
                Statement sql = database.createStatement()) {
            sql.execute("insert into unit (site, name, tons, volts, phase, made, rated_load_amps, fan_full_load_amps)"
                    + " values ('Net lofts', 'loft 5', 2.5, '208/230', 1, '06/2019', 12.7, 1.1)");
        }
        Files.copy(folder.database(), data.resolve("zestbench.before-migration"));
        try (Connection database = DriverManager.getConnection(folder.url(), "sa", "");
                Statement sql = database.createStatement()) {
            sql.execute("alter table unit add column plate varchar(20000) default '{}' not null");
        }
        try (RunningBench bench = RunningBench.start("--zest.data=" + data, "--zest.demo=false")) {
            assertThat(bench.get("/api/units/1").json().at("/unit/name").asString())
                    .isEqualTo("loft 5");
        }
        assertThat(data.resolve("zestbench.before-migration")).doesNotExist();
    }

    /** What a start that fails says on the terminal. */
    private static String told(Runnable start) {
        PrintStream terminal = System.err;
        ByteArrayOutputStream said = new ByteArrayOutputStream();
        System.setErr(new PrintStream(said, true, StandardCharsets.UTF_8));
        try {
            assertThatThrownBy(start::run).isInstanceOf(RuntimeException.class);
        } finally {
            System.setErr(terminal);
        }
        return said.toString(StandardCharsets.UTF_8).strip();
    }
}
