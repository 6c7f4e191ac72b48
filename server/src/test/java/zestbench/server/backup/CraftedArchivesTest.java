package zestbench.server.backup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Random;
import java.util.function.Consumer;
import java.util.stream.Stream;
import java.util.zip.ZipInputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import zestbench.server.data.DataFolder;

/** Archives that nobody's bench made: damaged, foreign, newer, larger than they say, or out to run something. */
class CraftedArchivesTest {
    private static final int FLIPS = 60;

    /** Every statement that once had an effect outside the database; no statement is carried out any more. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "/* a */ CREATE ALIAS X AS $$ void x() throws Exception { new java.io.File(\"ran\").createNewFile(); } $$;",
                "CREATE/**/ALIAS X AS $$ void x() { } $$;",
                "CREATE -- x\n ALIAS X AS $$ void x() { } $$;",
                "SELECT 1; CREATE ALIAS X AS $$ void x() { } $$; CALL X();",
                "INSERT INTO T VALUES ('it''s; '); CREATE ALIAS X AS $$ void x() { } $$;",
                "EXECUTE IMMEDIATE 'CREATE ALIAS X AS $$ void x() { } $$';",
                "CREATE/**/TRIGGER T BEFORE INSERT ON X AS $$ org.h2.api.Trigger x() { return null; } $$;",
                "SELECT FILE_WRITE('x', 'ran');",
                "CALL CSVWRITE('ran', 'SELECT 1');",
                "SCRIPT TO 'ran';",
                "BACKUP TO 'ran';",
                "CREATE TABLE T AS SELECT FILE_READ('/etc/hostname');",
                "CALL LINK_SCHEMA('A', '', 'jdbc:h2:file:./ran', 'sa', '', 'PUBLIC');",
                "CREATE TABLE T (X BINARY DEFAULT FILE_WRITE('x', 'ran'));",
                "/**/RUNSCRIPT FROM 'x.sql';",
                "create alias x as 'int x() { return 1; }';",
                "\u000bCREATE ALIAS X AS $$ void x() { } $$;",
                "\uFEFFCREATE ALIAS X AS $$ void x() { } $$;",
                "CREATE ALIAS IF NOT EXISTS X AS $$ void x() { } $$;",
                "CREATE LINKED TABLE T('', 'jdbc:h2:mem:;INIT=RUNSCRIPT FROM ''x''', 'sa', '', 'T');",
                "CREATE OR REPLACE FORCE TRIGGER T BEFORE INSERT ON X CALL 'x';",
                "CREATE TABLE T(X INT); INSERT INTO T VALUES (1);"
            })
    void statementsOfAnEarlierFormAreNotCarriedOut(String script, @TempDir Path folder) throws IOException {
        Crafted archive = Crafted.whole();
        archive.members.clear();
        archive.with("database.sql", script).manifest = new byte[0];
        refused(archive, "earlier form", folder);
        assertThat(Path.of("ran")).doesNotExist();
    }

    static Stream<Arguments> bad() {
        Map<String, Map.Entry<String, Consumer<Crafted>>> all = new LinkedHashMap<>();
        all.put("no manifest", Map.entry("no backup of a bench", a -> a.manifest = new byte[0]));
        all.put(
                "a manifest that is no JSON",
                Map.entry("cannot be read", a -> a.manifest = "{".getBytes(StandardCharsets.UTF_8)));
        all.put(
                "a manifest of something else",
                Map.entry("cannot be read", a -> a.manifest = "[1]".getBytes(StandardCharsets.UTF_8)));
        all.put(
                "a manifest without members",
                Map.entry(
                        "is damaged",
                        a -> a.manifest = "{\"format\":\"zest-bench-backup\",\"version\":1,\"schema\":4}"
                                .getBytes(StandardCharsets.UTF_8)));
        all.put("another format", Map.entry("no backup of a bench", a -> a.format = "other"));
        all.put("a newer form of archive", Map.entry("newer bench", a -> a.version = 2));
        all.put("data of a newer bench", Map.entry("newer bench", a -> a.schema = 99));
        all.put("data of no bench", Map.entry("damaged", a -> a.schema = 0));
        all.put("a way out of the folder", Map.entry("does not belong", a -> a.with("photos/../../escaped.jpg", "x")));
        all.put("a file of its own", Map.entry("does not belong", a -> a.with("notes.txt", "hello")));
        all.put("a file it does not list", Map.entry("does not belong", a -> {
            a.with("photos/11111111-89ab-cdef-0123-456789abcdef.jpg", "x");
            a.unlisted.add("photos/11111111-89ab-cdef-0123-456789abcdef.jpg");
        }));
        all.put(
                "a photo that is missing",
                Map.entry("is missing", a -> a.with("missing:photos/11111111-89ab-cdef-0123-456789abcdef.jpg", "x")));
        all.put("a photo that is none", Map.entry("is no photo", a -> a.with(Crafted.PHOTO, "<svg onload=alert(1)>")));
        all.put("a table of its own", Map.entry("no bench has", a -> a.with("data/x.jsonl", "{\"a\":1}\n")));
        all.put(
                "a table whose name is a statement",
                Map.entry("no bench has", a -> a.with("data/unit; drop table unit.jsonl", "{\"id\":1}\n")));
        all.put("a table that is missing", Map.entry("is missing", a -> a.members.remove("data/meter.jsonl")));
        all.put(
                "a column of its own",
                Map.entry("row 1 of its table unit", a -> a.changed("unit", "{", "{\"x\\\"; drop table unit\":1,")));
        all.put(
                "a column that is missing",
                Map.entry("row 1 of its table unit", a -> a.changed("unit", "\"site\":\"Net lofts\",", "")));
        all.put(
                "words for a figure",
                Map.entry(
                        "row 1 of its table unit",
                        a -> a.changed("unit", "\"altitude_feet\":0.0", "\"altitude_feet\":\"high\"")));
        all.put(
                "no time for a time",
                Map.entry("row 1 of its table tape_line", a -> a.changed("tape_line", "\"at\":\"", "\"at\":\"x")));
        all.put("a row that is a list", Map.entry("row 1 of its table unit", a -> a.with("data/unit.jsonl", "[1]\n")));
        all.put(
                "a call of a unit that is not there",
                Map.entry("contradicts the rest", a -> a.changed("service_call", "\"unit_id\":1", "\"unit_id\":7")));
        all.put("two units of one number", Map.entry("contradicts the rest", a -> {
            byte[] row = a.members.get("data/unit.jsonl");
            a.with("data/unit.jsonl", new String(row, StandardCharsets.UTF_8).repeat(2));
        }));
        all.put("more than it says", Map.entry("larger than the archive says", a -> {
            a.with("data/meter.jsonl", " ".repeat(5_000_000));
            a.saidBytes.put("data/meter.jsonl", 10L);
        }));
        all.put(
                "a photo larger than any",
                Map.entry("larger than any photo", a -> a.saidBytes.put(Crafted.PHOTO, 20_000_000L)));
        all.put("less than it says", Map.entry("is damaged", a -> a.saidBytes.put("data/unit.jsonl", 10_000L)));
        all.put(
                "more than there is room for",
                Map.entry("more than there is room for", a -> a.saidBytes.put("data/unit.jsonl", Long.MAX_VALUE)));
        return all.entrySet().stream()
                .map(e -> Arguments.of(
                        e.getKey(), e.getValue().getKey(), e.getValue().getValue()));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("bad")
    void whatIsNoBackupIsRefusedAndLeavesNothing(
            String name, String words, Consumer<Crafted> damage, @TempDir Path folder) throws IOException {
        Crafted archive = Crafted.whole();
        damage.accept(archive);
        refused(archive, words, folder);
        assertThat(folder.resolve("escaped.jpg")).doesNotExist();
    }

    private static void refused(Crafted crafted, String words, Path folder) throws IOException {
        Path archive = crafted.write(folder.resolve("bad.zip"));
        Path to = folder.resolve("to");
        assertThatThrownBy(() -> Restore.from(archive, to))
                .isInstanceOf(Refused.class)
                .hasMessageContaining(words)
                .message()
                .doesNotContain("\n");
        assertThat(to).isEmptyDirectory();
        assertThat(folder)
                .isDirectoryNotContaining(p -> p.getFileName().toString().startsWith(".restore"));
    }

    @Test
    void aNameThatStandsTwiceIsRefused(@TempDir Path folder) throws IOException {
        Path archive = Crafted.whole()
                .with("photos/11111111-89ab-cdef-0123-456789abcdef.jpg", "x")
                .write(folder.resolve("bad.zip"));
        byte[] bytes = Files.readAllBytes(archive);
        String text = new String(bytes, StandardCharsets.ISO_8859_1)
                .replace("photos/11111111-89ab-cdef-0123-456789abcdef.jpg", Crafted.PHOTO);
        Files.write(archive, text.getBytes(StandardCharsets.ISO_8859_1));
        assertThatThrownBy(() -> Restore.from(archive, folder.resolve("to")))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("twice");
    }

    /** A bit that flips anywhere is found, or changed nothing that is kept. */
    @Test
    void noDamageGoesUnseen(@TempDir Path folder) throws Exception {
        byte[] good = Files.readAllBytes(Crafted.whole().write(folder.resolve("good.zip")));
        Random random = new Random(13);
        int refused = 0;
        for (int i = 0; i < FLIPS; i++) {
            byte[] bad = good.clone();
            int at = random.nextInt(bad.length);
            bad[at] ^= (byte) (1 << random.nextInt(8));
            Path archive = Files.write(folder.resolve("bad" + i + ".zip"), bad);
            Path to = folder.resolve("to" + i);
            try {
                Restore.from(archive, to);
                assertThat(members(to)).as("restored with byte %d changed", at).isEqualTo(members(good));
            } catch (Refused known) {
                refused++;
            }
        }
        // what flips in the times and rights of a member changes nothing that is kept
        assertThat(refused).isGreaterThan(FLIPS / 4);
    }

    /** Each bit of the list of contents, which no list vouches for: none may change what is restored. */
    @Test
    void noDamageToTheListGoesUnseen(@TempDir Path folder) throws Exception {
        byte[] good = Files.readAllBytes(Crafted.whole().write(folder.resolve("good.zip")));
        String text = new String(good, StandardCharsets.ISO_8859_1);
        int from = text.indexOf(Manifest.NAME) + Manifest.NAME.length();
        for (int i = 0; i < FLIPS; i++) {
            byte[] bad = good.clone();
            bad[from + i / 8] ^= (byte) (1 << i % 8);
            Path archive = Files.write(folder.resolve("list" + i + ".zip"), bad);
            Path to = folder.resolve("to" + i);
            try {
                Restore.from(archive, to);
                assertThat(members(to)).as("restored with bit %d changed", i).isEqualTo(members(good));
            } catch (Refused known) {
                assertThat(known).hasMessageNotContaining("\n");
            }
        }
    }

    @Test
    void anArchiveThatWasCutOffIsRefused(@TempDir Path folder) throws IOException {
        byte[] good = Files.readAllBytes(Crafted.whole().write(folder.resolve("good.zip")));
        for (int percent : new int[] {0, 1, 50, 90, 99}) {
            Path archive =
                    Files.write(folder.resolve("cut.zip"), java.util.Arrays.copyOf(good, good.length * percent / 100));
            assertThatThrownBy(() -> Restore.from(archive, folder.resolve("to")))
                    .as("%d %%", percent)
                    .isInstanceOf(Refused.class);
        }
    }

    private static Map<String, String> members(byte[] archive) throws IOException {
        Map<String, String> out = new LinkedHashMap<>();
        try (ZipInputStream zip = new ZipInputStream(new java.io.ByteArrayInputStream(archive))) {
            for (var each = zip.getNextEntry(); each != null; each = zip.getNextEntry()) {
                byte[] bytes = zip.readAllBytes();
                if (!each.getName().equals(Manifest.NAME)) {
                    out.put(each.getName(), new String(bytes, StandardCharsets.ISO_8859_1));
                }
            }
        }
        return out;
    }

    private static Map<String, String> members(Path data) throws Exception {
        DataFolder folder = new DataFolder(data);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (Connection database = DriverManager.getConnection(folder.url(), "sa", "")) {
            Archive.write(database, folder.photos(), out);
        }
        return members(out.toByteArray());
    }
}
