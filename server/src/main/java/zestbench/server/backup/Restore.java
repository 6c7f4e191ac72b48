package zestbench.server.backup;

import java.io.BufferedReader;
import java.io.ByteArrayInputStream;
import java.io.EOFException;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import java.util.zip.CRC32;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipFile;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.MigrationInfo;
import org.flywaydb.core.api.configuration.FluentConfiguration;
import zestbench.server.backup.Manifest.Member;
import zestbench.server.data.DataFolder;

/**
 * Restores an archive into a folder that has nothing in it yet: all of it, or nothing. Every member is read to its end and
 * compared with the manifest before the first row is written; rows go into tables that this bench's migrations made.
 */
final class Restore {
    private static final String SUMMARY_FORM = "summary_form";
    private static final int LARGEST_MANIFEST = 64 * 1024 * 1024;
    /** No photo that is kept is larger; so one at a time fits into memory. */
    private static final long LARGEST_PHOTO = 12L * 1024 * 1024;

    private final ZipFile zip;
    private final Manifest manifest;
    private final Map<String, ZipEntry> entries;

    private Restore(ZipFile zip) throws IOException {
        this.zip = zip;
        this.entries = entries(zip);
        ZipEntry entry = entries.get(Manifest.NAME);
        if (entry == null) {
            throw new Refused(
                    entries.containsKey(Archive.SCRIPT)
                            ? "this archive is of an earlier form that holds statements, which are not carried out any"
                                    + " more: open its bench with the version that made it, start this version on the same"
                                    + " data once, and back up anew."
                            : "this is no backup of a bench, or it was cut off: take one that ./zest backup made.");
        }
        this.manifest = Manifest.read(new ByteArrayInputStream(whole(zip, entry)));
        sameNames();
    }

    /** A member nobody else vouches for, held against the check sum of the archive itself. */
    private static byte[] whole(ZipFile zip, ZipEntry entry) throws IOException {
        try (InputStream in = zip.getInputStream(entry)) {
            byte[] bytes = in.readNBytes(LARGEST_MANIFEST);
            CRC32 sum = new CRC32();
            sum.update(bytes);
            if (sum.getValue() != entry.getCrc()) {
                throw new Refused("its list of contents is damaged: take another archive.");
            }
            return bytes;
        }
    }

    /** @param archive the file @param data an empty folder, or none */
    static void from(Path archive, Path data) throws IOException {
        if (!Files.isRegularFile(archive)) {
            throw new Refused("there is no archive " + archive + ".");
        }
        if (Files.exists(data) && !isEmpty(data)) {
            throw new Refused("the folder " + data + " is not empty: give one that is, nothing is written over.");
        }
        Files.createDirectories(data);
        Path parent = data.toAbsolutePath().getParent();
        Path beside = parent == null ? data : parent;
        String halfName = ".restore-" + data.getFileName() + "-";
        clearEarlier(beside, halfName);
        Path half = Files.createTempDirectory(beside, halfName);
        try (ZipFile zip = new ZipFile(archive.toFile())) {
            new Restore(zip).into(new DataFolder(half));
            // one step: whoever looks finds nothing, or all of it
            Files.move(half, data, StandardCopyOption.ATOMIC_MOVE);
        } catch (ZipException | EOFException | IllegalArgumentException broken) {
            throw new Refused("this is no ZIP archive, or a damaged one: take another archive.");
        } finally {
            clear(half);
        }
    }

    /** Reads an archive to its end, so that what was just written is known to be whole. */
    static void check(Path archive) throws IOException {
        try (ZipFile zip = new ZipFile(archive.toFile())) {
            Restore restore = new Restore(zip);
            for (Member member : restore.manifest.members()) {
                try (InputStream in = restore.open(member)) {
                    in.transferTo(java.io.OutputStream.nullOutputStream());
                }
            }
        }
    }

    private static Map<String, ZipEntry> entries(ZipFile zip) {
        Map<String, ZipEntry> out = new HashMap<>();
        for (Iterator<? extends ZipEntry> each = zip.entries().asIterator(); each.hasNext(); ) {
            ZipEntry entry = each.next();
            if (out.put(entry.getName(), entry) != null) {
                throw new Refused(entry.getName() + " stands in it twice: take another archive.");
            }
        }
        return out;
    }

    /** What is in the archive is what its manifest lists, nothing less and nothing more. */
    private void sameNames() {
        Set<String> listed = new HashSet<>(Set.of(Manifest.NAME));
        for (Member member : manifest.members()) {
            boolean isRows =
                    member.name().startsWith(Archive.DATA) && member.name().endsWith(Archive.ROWS);
            if (!isRows && !Archive.PHOTO.matcher(member.name()).matches()) {
                throw new Refused(member.name() + " does not belong in a backup: take another archive.");
            }
            if (!isRows && member.bytes() > LARGEST_PHOTO) {
                throw new Refused(member.name() + " is larger than any photo: take another archive.");
            }
            if (!listed.add(member.name())) {
                throw new Refused(member.name() + " is listed in it twice: take another archive.");
            }
            if (!entries.containsKey(member.name())) {
                throw new Refused(member.name() + " is missing in it: take another archive.");
            }
        }
        for (String name : entries.keySet()) {
            if (!listed.contains(name)) {
                throw new Refused(name + " does not belong in this backup: take another archive.");
            }
        }
    }

    private InputStream open(Member member) throws IOException {
        return new Archive.Checked(zip.getInputStream(entries.get(member.name())), member);
    }

    private static String table(Member member) {
        return member.name().substring(Archive.DATA.length(), member.name().length() - Archive.ROWS.length());
    }

    /** What lists show follows from the tapes: the next start makes it of them, whatever the archive says. */
    private static void makeAnew(Connection database, Tables tables) throws SQLException {
        if (tables.names().contains(SUMMARY_FORM)) {
            try (Statement sql = database.createStatement()) {
                sql.executeUpdate("delete from " + SUMMARY_FORM);
            }
        }
    }

    private void into(DataFolder folder) throws IOException {
        room(folder);
        Files.createDirectories(folder.photos());
        try (Connection database = made(folder)) {
            Tables tables = Tables.of(database);
            check(tables);
            database.setAutoCommit(false);
            fill(database, tables);
            makeAnew(database, tables);
            database.commit();
            tables.goOnCounting(database);
            try (Statement sql = database.createStatement()) {
                sql.execute("SHUTDOWN COMPACT");
            }
        } catch (SQLException broken) {
            throw new IOException(broken);
        }
        for (Member member : manifest.members()) {
            if (member.name().startsWith(Archive.PHOTOS)) {
                try (InputStream in = open(member)) {
                    Files.copy(in, folder.photos().resolve(member.name().substring(Archive.PHOTOS.length())));
                }
            }
        }
        folder.close();
    }

    private void room(DataFolder folder) throws IOException {
        long needed = 0;
        for (Member member : manifest.members()) {
            needed += member.bytes();
            if (needed < 0 || needed > Files.getFileStore(folder.path()).getUsableSpace()) {
                throw new Refused("it says it holds more than there is room for in "
                        + folder.path().toAbsolutePath().getParent() + ": make room, or restore elsewhere.");
            }
        }
    }

    /** A database in the form the archive was made from, empty. */
    private Connection made(DataFolder folder) throws SQLException {
        FluentConfiguration migrations = Flyway.configure(getClass().getClassLoader())
                .dataSource(folder.url(), "sa", "")
                .loggers("slf4j");
        int newest = 0;
        for (MigrationInfo each : migrations.load().info().all()) {
            newest = Math.max(newest, Integer.parseInt(each.getVersion().getVersion()));
        }
        if (manifest.schema() > newest) {
            throw new Refused("this archive is of a newer bench (data of form " + manifest.schema()
                    + ", this one knows " + newest + "): restore it with that one.");
        }
        migrations.target(String.valueOf(manifest.schema())).load().migrate();
        Connection database = DriverManager.getConnection(folder.url(), "sa", "");
        try (Statement sql = database.createStatement()) {
            // what a migration put in by itself is in the archive too
            sql.execute("SET REFERENTIAL_INTEGRITY FALSE");
            for (String table : Tables.of(database).names()) {
                sql.execute("truncate table \"" + table.toUpperCase(java.util.Locale.ROOT) + "\"");
            }
            sql.execute("SET REFERENTIAL_INTEGRITY TRUE");
        }
        return database;
    }

    private void check(Tables tables) throws IOException {
        Set<String> missing = new HashSet<>(tables.names());
        for (Member member : manifest.members()) {
            try (InputStream in = open(member)) {
                if (member.name().startsWith(Archive.PHOTOS)) {
                    checkPicture(member, in);
                } else {
                    missing.remove(table(member));
                    BufferedReader lines = Archive.lines(in);
                    long number = 0;
                    for (String line = lines.readLine(); line != null; line = lines.readLine()) {
                        tables.row(table(member), line, ++number);
                    }
                }
            }
        }
        if (!missing.isEmpty()) {
            throw new Refused("its table " + missing.iterator().next() + " is missing: take another archive.");
        }
    }

    private static void checkPicture(Member member, InputStream in) throws IOException {
        byte[] bytes = in.readAllBytes();
        try (ImageInputStream image = ImageIO.createImageInputStream(new java.io.ByteArrayInputStream(bytes))) {
            Iterator<ImageReader> readers = ImageIO.getImageReadersByFormatName("jpeg");
            ImageReader reader = readers.next();
            reader.setInput(image, true, true);
            reader.getWidth(0);
        } catch (IOException | RuntimeException broken) {
            throw new Refused(member.name() + " is no photo: take another archive.");
        }
    }

    private void fill(Connection database, Tables tables) throws IOException, SQLException {
        Map<String, Member> byTable = new HashMap<>();
        manifest.members().stream()
                .filter(m -> m.name().startsWith(Archive.DATA))
                .forEach(m -> byTable.put(table(m), m));
        for (String table : List.copyOf(tables.names())) {
            Member member = byTable.get(table);
            try (InputStream in = open(java.util.Objects.requireNonNull(member));
                    Tables.Filling filling = tables.new Filling(database, table)) {
                BufferedReader lines = Archive.lines(in);
                long number = 0;
                for (String line = lines.readLine(); line != null; line = lines.readLine()) {
                    filling.add(tables.row(table, line, ++number));
                }
            }
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

    /** What a restore that was killed left behind. */
    private static void clearEarlier(Path beside, String name) throws IOException {
        try (Stream<Path> all = Files.list(beside)) {
            all.filter(p -> p.getFileName().toString().startsWith(name)).forEach(Restore::clear);
        }
    }

    private static void clear(Path folder) {
        if (!Files.exists(folder)) {
            return;
        }
        try (Stream<Path> all = Files.walk(folder)) {
            for (Path each : all.sorted(Comparator.reverseOrder()).toList()) {
                Files.deleteIfExists(each);
            }
        } catch (IOException problem) {
            throw new UncheckedIOException(problem);
        }
    }
}
