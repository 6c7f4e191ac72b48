package zestbench.server.backup;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
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
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import javax.imageio.ImageIO;
import org.flywaydb.core.Flyway;
import zestbench.server.data.DataFolder;

/** An archive that somebody made by hand, its manifest right for what is in it unless it says otherwise. */
final class Crafted {
    static final String PHOTO = "photos/01234567-89ab-cdef-0123-456789abcdef.jpg";
    private static Map<String, byte[]> example;

    final Map<String, byte[]> members = new LinkedHashMap<>();
    final List<String> unlisted = new ArrayList<>();
    final Map<String, Long> saidBytes = new LinkedHashMap<>();
    String format = Manifest.FORMAT;
    int version = Manifest.VERSION;
    int schema = 7;
    byte[] manifest;

    private Crafted() {}

    /** One that restores: a unit with a call, and a photo. */
    static synchronized Crafted whole() {
        if (example == null) {
            example = made();
        }
        Crafted out = new Crafted();
        out.members.putAll(example);
        return out;
    }

    private static Map<String, byte[]> made() {
        try {
            DataFolder folder = new DataFolder(Files.createTempDirectory("zest-crafted"));
            Files.createDirectories(folder.photos());
            Files.write(folder.path().resolve(PHOTO), photo());
            Flyway.configure()
                    .dataSource(folder.url(), "sa", "")
                    .loggers("slf4j")
                    .load()
                    .migrate();
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            try (Connection database = DriverManager.getConnection(folder.url(), "sa", "");
                    Statement sql = database.createStatement()) {
                sql.execute("insert into unit (site, name, uid) values ('Net lofts', 'loft 5', 'u-1')");
                sql.execute("insert into service_call (unit_id, complaint, opened_at, status, uid)"
                        + " values (1, 'hums', current_timestamp, 'OPEN', 'c-1')");
                sql.execute("insert into tape_line (call_id, number, at, who, kind, entry)"
                        + " values (1, 1, current_timestamp, 'Tech 1', 'Noted', '{\"text\":\"a note\"}')");
                Archive.write(database, folder.photos(), out);
            }
            Map<String, byte[]> members = new LinkedHashMap<>();
            try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(out.toByteArray()))) {
                for (ZipEntry each = zip.getNextEntry(); each != null; each = zip.getNextEntry()) {
                    if (!each.getName().equals(Manifest.NAME)) {
                        members.put(each.getName(), zip.readAllBytes());
                    }
                }
            }
            return members;
        } catch (IOException | SQLException problem) {
            throw new IllegalStateException(problem);
        }
    }

    static byte[] photo() {
        try {
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            ImageIO.write(new BufferedImage(8, 6, BufferedImage.TYPE_INT_RGB), "jpg", out);
            return out.toByteArray();
        } catch (IOException problem) {
            throw new IllegalStateException(problem);
        }
    }

    Crafted with(String name, String text) {
        members.put(name, text.getBytes(StandardCharsets.UTF_8));
        return this;
    }

    /** A table's rows with {@code old} replaced. */
    Crafted changed(String table, String old, String with) {
        String name = "data/" + table + ".jsonl";
        String text = new String(members.get(name), StandardCharsets.UTF_8);
        if (!text.contains(old)) {
            throw new AssertionError(text);
        }
        return with(name, text.replace(old, with));
    }

    Path write(Path to) throws IOException {
        try (OutputStream out = Files.newOutputStream(to);
                ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8)) {
            List<Manifest.Member> listed = new ArrayList<>();
            for (Map.Entry<String, byte[]> member : members.entrySet()) {
                if (!member.getKey().startsWith("missing:")) {
                    zip.putNextEntry(new ZipEntry(member.getKey()));
                    zip.write(member.getValue());
                    zip.closeEntry();
                }
                if (!unlisted.contains(member.getKey())) {
                    listed.add(new Manifest.Member(
                            member.getKey().replace("missing:", ""),
                            saidBytes.getOrDefault(member.getKey(), (long) member.getValue().length),
                            HexFormat.of().formatHex(Archive.sha256().digest(member.getValue()))));
                }
            }
            byte[] text = manifest == null ? new Manifest(format, version, schema, listed).text() : manifest;
            if (text.length > 0) {
                zip.putNextEntry(new ZipEntry(Manifest.NAME));
                zip.write(text);
                zip.closeEntry();
            }
        }
        return to;
    }
}
