package zestbench.server.backup;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;

/** A database script and the photo folder in one ZIP archive. */
final class Archive {
    private static final String DATABASE = "zestbench";
    /** The header by which a running bench says whose archive it gives. */
    static final String NAME = "X-Bench";

    private static final String SCRIPT = "database.sql";
    private static final String PHOTOS = "photos/";
    private static final Pattern PHOTO = Pattern.compile("photos/[0-9a-f-]{36}\\.jpg");
    /** A script of a bench has tables and rows, nothing that runs code of its own. */
    private static final Pattern RUNS_CODE = Pattern.compile(
            "^\\s*(CREATE\\s+(OR\\s+REPLACE\\s+)?(FORCE\\s+)?(ALIAS|TRIGGER|AGGREGATE|LINKED)|RUNSCRIPT|CALL)\\b.*",
            Pattern.CASE_INSENSITIVE | Pattern.DOTALL);

    private Archive() {}

    /** What cannot be backed up or restored, and what would be right. */
    static final class Refused extends RuntimeException {
        private static final long serialVersionUID = 1L;

        Refused(String message) {
            super(message);
        }
    }

    static Connection open(Path data) throws SQLException {
        return DriverManager.getConnection("jdbc:h2:file:" + data.resolve(DATABASE), "sa", "");
    }

    /** Tells one bench's data from another's without telling where it lies. */
    static String nameOf(Path data) throws IOException {
        return UUID.nameUUIDFromBytes(data.toRealPath().toString().getBytes(StandardCharsets.UTF_8))
                .toString();
    }

    static boolean hasDatabase(Path data) {
        return Files.exists(data.resolve(DATABASE + ".mv.db"));
    }

    /** Writes an archive. @param database open, and nothing else writing to it */
    static void write(Connection database, Path photos, OutputStream to) throws IOException, SQLException {
        ZipOutputStream zip = new ZipOutputStream(to, StandardCharsets.UTF_8);
        zip.putNextEntry(new ZipEntry(SCRIPT));
        try (Statement sql = database.createStatement();
                ResultSet lines = sql.executeQuery("SCRIPT NOPASSWORDS NOSETTINGS")) {
            while (lines.next()) {
                zip.write((lines.getString(1) + "\n").getBytes(StandardCharsets.UTF_8));
            }
        }
        zip.closeEntry();
        if (Files.isDirectory(photos)) {
            try (Stream<Path> all = Files.list(photos)) {
                for (Path photo : all.sorted().toList()) {
                    String name = PHOTOS + photo.getFileName();
                    if (PHOTO.matcher(name).matches()) {
                        zip.putNextEntry(new ZipEntry(name));
                        Files.copy(photo, zip);
                        zip.closeEntry();
                    }
                }
            }
        }
        zip.finish();
        zip.flush();
    }

    /** Restores an archive into a folder that has nothing in it yet: all of it, or nothing. */
    static void restore(Path archive, Path data) throws IOException {
        if (!Files.isRegularFile(archive)) {
            throw new Refused("there is no archive " + archive + ".");
        }
        if (Files.exists(data) && !isEmpty(data)) {
            throw new Refused("the folder " + data + " is not empty: give one that is, nothing is written over.");
        }
        Files.createDirectories(data);
        Path half = Files.createTempDirectory(
                data.toAbsolutePath().getParent() == null
                        ? data
                        : data.toAbsolutePath().getParent(),
                ".restore");
        try {
            unpack(archive, half);
            try (Stream<Path> all = Files.list(half)) {
                for (Path each : all.toList()) {
                    Files.move(each, data.resolve(each.getFileName()), StandardCopyOption.ATOMIC_MOVE);
                }
            }
        } finally {
            clear(half);
        }
    }

    private static boolean isEmpty(Path data) throws IOException {
        if (!Files.isDirectory(data)) {
            return false;
        }
        try (Stream<Path> all = Files.list(data)) {
            return all.findAny().isEmpty();
        }
    }

    private static void unpack(Path archive, Path to) throws IOException {
        try (ZipFile zip = new ZipFile(archive.toFile(), StandardCharsets.UTF_8)) {
            ZipEntry script = zip.getEntry(SCRIPT);
            if (script == null) {
                throw new Refused("this is no backup of a bench: there is no " + SCRIPT + " in it.");
            }
            Path photos = Files.createDirectories(to.resolve("photos"));
            for (ZipEntry entry : zip.stream().toList()) {
                if (entry.getName().equals(SCRIPT)) {
                    continue;
                }
                if (!PHOTO.matcher(entry.getName()).matches()) {
                    throw new Refused("this is no backup of a bench: " + entry.getName() + " does not belong in one.");
                }
                try (InputStream in = zip.getInputStream(entry)) {
                    Files.copy(in, photos.resolve(entry.getName().substring(PHOTOS.length())));
                }
            }
            try (InputStream in = zip.getInputStream(script)) {
                run(in, to);
            }
        } catch (ZipException broken) {
            throw new Refused("this is no ZIP archive, or a damaged one: " + broken.getMessage() + ".");
        }
    }

    private static void run(InputStream script, Path to) throws IOException {
        int number = 0;
        try (Connection database = open(to);
                Statement sql = database.createStatement();
                BufferedReader in = new BufferedReader(new InputStreamReader(script, StandardCharsets.UTF_8))) {
            for (String statement : statements(in)) {
                number++;
                if (RUNS_CODE.matcher(statement).matches()) {
                    throw new Refused("statement " + number + " of its database script would run code: "
                            + statement.strip().lines().findFirst().orElse("") + ".");
                }
                sql.execute(statement);
            }
            sql.execute("SHUTDOWN");
        } catch (SQLException broken) {
            throw new Refused("its database script is damaged at statement " + number + ": " + broken.getMessage());
        }
        if (number == 0) {
            throw new Refused("its database script is empty.");
        }
    }

    /** Statements end with a semicolon at the end of a line that is outside of quotes. */
    private static List<String> statements(BufferedReader in) throws IOException {
        List<String> out = new ArrayList<>();
        StringBuilder now = new StringBuilder();
        boolean isQuoted = false;
        for (String line = in.readLine(); line != null; line = in.readLine()) {
            if (!isQuoted && now.isEmpty() && (line.isBlank() || line.startsWith("--"))) {
                continue;
            }
            isQuoted ^= line.chars().filter(c -> c == '\'').count() % 2 == 1;
            now.append(line).append('\n');
            if (!isQuoted && line.stripTrailing().endsWith(";")) {
                out.add(now.toString());
                now.setLength(0);
            }
        }
        if (!now.toString().isBlank()) {
            out.add(now.toString());
        }
        return out;
    }

    private static void clear(Path folder) {
        try (Stream<Path> all = Files.walk(folder)) {
            for (Path each : all.sorted(Comparator.reverseOrder()).toList()) {
                Files.deleteIfExists(each);
            }
        } catch (IOException problem) {
            throw new UncheckedIOException(problem);
        }
    }
}
