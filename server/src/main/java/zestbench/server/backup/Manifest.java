package zestbench.server.backup;

import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import java.util.regex.Pattern;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/**
 * What an archive has in it. It stands last, so that an archive that was cut off has none.
 *
 * @param format always {@code zest-bench-backup}
 * @param version of the format, 1
 * @param schema version of the database's form, the number of its last migration
 */
record Manifest(String format, int version, int schema, List<Member> members) {
    static final String NAME = "manifest.json";
    static final String FORMAT = "zest-bench-backup";
    static final int VERSION = 1;
    private static final int MOST_BYTES = 64 * 1024 * 1024;
    private static final Pattern SHA = Pattern.compile("[0-9a-f]{64}");
    private static final JsonMapper JSON = JsonMapper.builder().build();

    /** One file of the archive. @param sha256 in hexadecimal */
    record Member(String name, long bytes, String sha256) {}

    byte[] text() {
        return JSON.writeValueAsBytes(this);
    }

    /** Reads a manifest; what is not in the form of one is refused. */
    static Manifest read(InputStream in) throws IOException {
        byte[] bytes = in.readNBytes(MOST_BYTES + 1);
        Manifest manifest;
        try {
            manifest = JSON.readValue(bytes, Manifest.class);
        } catch (JacksonException broken) {
            throw new Refused("its " + NAME + " cannot be read: take another archive.");
        }
        if (bytes.length > MOST_BYTES || !FORMAT.equals(manifest.format)) {
            throw new Refused("this is no backup of a bench: take one that ./zest backup made.");
        }
        if (manifest.version > VERSION) {
            throw new Refused("this archive is of a newer bench (form " + manifest.version + ", this one reads "
                    + VERSION + "): restore it with that one.");
        }
        boolean isWhole = manifest.version == VERSION
                && manifest.schema > 0
                && manifest.members != null
                && manifest.members.stream()
                        .allMatch(m -> m != null
                                && m.name() != null
                                && m.bytes() >= 0
                                && m.sha256() != null
                                && SHA.matcher(m.sha256()).matches());
        if (!isWhole) {
            throw new Refused("its " + NAME + " is damaged: take another archive.");
        }
        return manifest;
    }
}
