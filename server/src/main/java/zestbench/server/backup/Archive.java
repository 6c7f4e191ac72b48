package zestbench.server.backup;

import java.io.BufferedReader;
import java.io.FilterInputStream;
import java.io.FilterOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.DigestInputStream;
import java.security.DigestOutputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.List;
import java.util.UUID;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import java.util.zip.Deflater;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import zestbench.server.backup.Manifest.Member;

/** Writes a bench as one ZIP archive: its rows by table as lines of JSON, its photos, and a manifest of both. */
final class Archive {
    /** The header by which a running bench says whose archive it gives. */
    static final String BENCH = "X-Bench";

    static final String DATA = "data/";
    static final String ROWS = ".jsonl";
    static final String PHOTOS = "photos/";
    static final Pattern PHOTO = Pattern.compile("photos/[0-9a-f-]{36}\\.jpg");
    /** Of archives before this form, which held statements. */
    static final String SCRIPT = "database.sql";

    private Archive() {}

    /** Tells one bench's data from another's without telling where it lies. */
    static String nameOf(Path data) throws IOException {
        return UUID.nameUUIDFromBytes(data.toRealPath().toString().getBytes(StandardCharsets.UTF_8))
                .toString();
    }

    /**
     * Writes an archive in the memory of one page of rows. All rows are as they stood at one moment, while others go on
     * changing them; a photo is never changed, so photos need no such care.
     *
     * @param database open; left without a transaction
     */
    static void write(Connection database, Path photos, OutputStream to) throws IOException, SQLException {
        List<Member> members = new ArrayList<>();
        ZipOutputStream zip = new ZipOutputStream(to, StandardCharsets.UTF_8);
        zip.setLevel(Deflater.BEST_SPEED);
        boolean wasAutomatic = database.getAutoCommit();
        int isolation = database.getTransactionIsolation();
        database.setAutoCommit(false);
        database.setTransactionIsolation(Connection.TRANSACTION_REPEATABLE_READ);
        int schema;
        try {
            schema = schema(database);
            Tables tables = Tables.of(database);
            for (String table : tables.names()) {
                member(zip, DATA + table + ROWS, members, out -> tables.write(database, table, out));
            }
        } finally {
            database.rollback();
            database.setTransactionIsolation(isolation);
            database.setAutoCommit(wasAutomatic);
        }
        // a photo does not get smaller, only slower
        zip.setLevel(Deflater.NO_COMPRESSION);
        if (Files.isDirectory(photos)) {
            try (Stream<Path> all = Files.list(photos)) {
                for (Path photo : (Iterable<Path>) all::iterator) {
                    String name = PHOTOS + photo.getFileName();
                    if (PHOTO.matcher(name).matches()) {
                        member(zip, name, members, out -> Files.copy(photo, out));
                    }
                }
            }
        }
        zip.putNextEntry(new ZipEntry(Manifest.NAME));
        zip.write(new Manifest(Manifest.FORMAT, Manifest.VERSION, schema, members).text());
        zip.closeEntry();
        zip.finish();
        zip.flush();
    }

    /** The number of the last migration. */
    static int schema(Connection database) throws SQLException {
        try (Statement sql = database.createStatement();
                ResultSet last = sql.executeQuery("select max(cast(\"version\" as integer))"
                        + " from \"flyway_schema_history\" where \"success\" and \"version\" is not null")) {
            last.next();
            return last.getInt(1);
        }
    }

    /** Writes what a member has in it. */
    private interface Content {
        void to(OutputStream out) throws IOException, SQLException;
    }

    private static void member(ZipOutputStream zip, String name, List<Member> members, Content content)
            throws IOException, SQLException {
        zip.putNextEntry(new ZipEntry(name));
        Counting counted = new Counting(zip);
        DigestOutputStream digested = new DigestOutputStream(counted, sha256());
        content.to(digested);
        zip.closeEntry();
        members.add(new Member(
                name,
                counted.bytes,
                HexFormat.of().formatHex(digested.getMessageDigest().digest())));
    }

    private static final class Counting extends FilterOutputStream {
        private long bytes;

        Counting(OutputStream out) {
            super(out);
        }

        @Override
        public void write(byte[] from, int offset, int length) throws IOException {
            out.write(from, offset, length);
            bytes += length;
        }

        @Override
        public void write(int one) throws IOException {
            out.write(one);
            bytes++;
        }
    }

    static MessageDigest sha256() {
        try {
            return MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException missing) {
            throw new IllegalStateException(missing);
        }
    }

    /** A member as it is read: never more than the manifest says, and refused at its end where it is not what it says. */
    static final class Checked extends FilterInputStream {
        private final Member member;
        private final DigestInputStream digested;
        private long bytes;

        Checked(InputStream in, Member member) {
            super(new DigestInputStream(in, sha256()));
            this.member = member;
            this.digested = (DigestInputStream) this.in;
        }

        @Override
        public int read() throws IOException {
            byte[] one = new byte[1];
            return read(one, 0, 1) < 0 ? -1 : one[0] & 0xFF;
        }

        @Override
        public int read(byte[] to, int offset, int length) throws IOException {
            int read;
            try {
                read = in.read(to, offset, length);
            } catch (IOException broken) {
                throw damaged();
            }
            bytes += Math.max(0, read);
            if (bytes > member.bytes()) {
                throw new Refused(member.name() + " is larger than the archive says: take another archive.");
            }
            if (read < 0
                    && (bytes != member.bytes()
                            || !HexFormat.of()
                                    .formatHex(digested.getMessageDigest().digest())
                                    .equals(member.sha256()))) {
                throw damaged();
            }
            return read;
        }

        private Refused damaged() {
            return new Refused(member.name() + " is damaged: take another archive.");
        }
    }

    static BufferedReader lines(InputStream in) {
        return new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8));
    }
}
