package zestbench.server;

import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Objects;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;

/** A CSV file that ships with the program. */
public final class CsvResource {
    private CsvResource() {}

    /** Its lines under the names of the first. @param name such as {@code /demo/truck.csv} */
    public static List<CSVRecord> read(String name) {
        CSVFormat format = CSVFormat.DEFAULT
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get();
        var stream = Objects.requireNonNull(CsvResource.class.getResourceAsStream(name), name);
        try (Reader in = new InputStreamReader(stream, StandardCharsets.UTF_8)) {
            return format.parse(in).getRecords();
        } catch (IOException problem) {
            throw new UncheckedIOException(problem);
        }
    }
}
