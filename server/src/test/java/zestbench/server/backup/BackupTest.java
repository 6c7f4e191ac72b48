package zestbench.server.backup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import zestbench.server.OlderData;
import zestbench.server.RunningBench;
import zestbench.server.data.DataFolder;

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
        Files.write(data.resolve("photos").resolve(PHOTO), Crafted.photo());
        try (RunningBench bench = RunningBench.start("--zest.data=" + data)) {
            assertThat(data.resolve("running")).as("how a backup finds it").exists();
            BackupCommand.main(new String[] {"backup", archive.toString(), data.toString()});
            all = bench.get("/api/everything.json").text();
        }
        BackupCommand.main(new String[] {"restore", archive.toString(), restored.toString()});
        assertThat(restored.resolve("photos").resolve(PHOTO)).hasBinaryContent(Crafted.photo());
        try (RunningBench bench = RunningBench.start("--zest.data=" + restored)) {
            assertThat(withoutTime(bench.get("/api/everything.json").text())).isEqualTo(withoutTime(all));
            assertThat(bench.get("/api/people").json().size()).as("people too").isEqualTo(3);
            assertThat(bench.post("/api/people", "{\"name\":\"Tech 9\"}").status())
                    .as("new rows are numbered behind the restored ones")
                    .isEqualTo(200);
            assertThat(bench.get("/api/people").json().size()).isEqualTo(4);
        }
    }

    @Test
    void aSharedBenchIsBackedUpFromItsOwnMachine(@TempDir Path folder) throws Exception {
        Path archive = folder.resolve("bench.zip");
        Path data = folder.resolve("data");
        try (RunningBench bench =
                RunningBench.start("--zest.data=" + data, "--zest.demo=false", "--zest.host=127.0.0.1")) {
            assertThat(bench.get("/api/backup.zip").status()).isEqualTo(401);
            BackupCommand.backup(archive, data);
        }
        assertThat(archive).exists();
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
        Restore.from(archive, folder.resolve("new"));
        try (RunningBench bench = RunningBench.start("--zest.data=" + folder.resolve("new"))) {
            assertThat(bench.get("/api/calls").text()).isEqualTo(calls);
        }
    }

    /** A bench that was killed leaves its address behind; who listens there now is somebody else. */
    @Test
    void aBenchOnAnOldPortIsNotTakenForThisOne(@TempDir Path folder) throws Exception {
        Path data = folder.resolve("data");
        String running;
        try (RunningBench bench = RunningBench.start("--zest.data=" + data)) {
            running = Files.readString(data.resolve("running"));
        }
        Path archive = folder.resolve("bench.zip");
        try (RunningBench other = RunningBench.start("--zest.demo=false")) {
            Files.writeString(
                    data.resolve("running"),
                    other.address() + "\n" + running.lines().skip(1).findFirst().orElseThrow() + "\n");
            BackupCommand.main(new String[] {"backup", archive.toString(), data.toString()});
        }
        Restore.from(archive, folder.resolve("new"));
        try (RunningBench bench = RunningBench.start("--zest.data=" + folder.resolve("new"), "--zest.demo=false")) {
            assertThat(bench.get("/api/units").json().size())
                    .as("its own units")
                    .isPositive();
        }
    }

    @Test
    void anArchiveOfEachEarlierFormOpensInThisOne(@TempDir Path folder) throws Exception {
        for (int schema = 1; schema <= 5; schema++) {
            DataFolder old = OlderData.make(folder.resolve("old" + schema), schema);
            Path archive = folder.resolve("old" + schema + ".zip");
            try (Connection connection = DriverManager.getConnection(old.url(), "sa", "");
                    OutputStream out = Files.newOutputStream(archive)) {
                Archive.write(connection, old.photos(), out);
            }
            Path restored = folder.resolve("restored" + schema);
            Restore.from(archive, restored);
            try (RunningBench bench = RunningBench.start("--zest.data=" + restored, "--zest.demo=false")) {
                assertThat(bench.get("/api/units/1").json().at("/unit/name").asString())
                        .isEqualTo("loft; 5's unit");
                assertThat(bench.get("/api/truck").json().at("/0/price").asDouble())
                        .as("what came after the first version has its default")
                        .isEqualTo(schema >= 3 ? 0 : 16);
                assertThat(bench.get("/api/truck").json().at("/0/depot").asString())
                        .isEqualTo("Truck 1");
                JsonNode found = bench.get("/api/calls?find=rain+lofts").json().at("/calls/0");
                assertThat(found.at("/next").asString())
                        .as("what lists show is made of the tapes")
                        .isEqualTo(bench.get("/api/calls/1")
                                .json()
                                .at("/next/text")
                                .asString())
                        .isNotEmpty();
            }
        }
    }

    @Test
    void nothingIsWrittenOver(@TempDir Path folder) throws Exception {
        Path archive = Crafted.whole().write(folder.resolve("good.zip"));
        Path full = Files.createDirectories(folder.resolve("full"));
        Files.writeString(full.resolve("letter.txt"), "mine");
        assertThatThrownBy(() -> Restore.from(archive, full)).hasMessageContaining("is not empty");
        assertThat(full.resolve("letter.txt")).hasContent("mine");
        assertThatThrownBy(() -> Restore.from(folder.resolve("none.zip"), folder.resolve("to")))
                .hasMessageContaining("there is no archive");
        assertThatThrownBy(() -> BackupCommand.backup(archive, folder.resolve("full")))
                .hasMessageContaining("no bench database");
    }

    private static String withoutTime(String bundle) {
        return bundle.replaceFirst("\"madeAt\" : \"[^\"]+\"", "");
    }
}
