package zestbench.server.truck;

import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.regex.Pattern;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import zestbench.core.quantity.InputProblem;

/**
 * Stock as CSV. Every column but {@code id} may be left out: what is not in the file stays as it is, so that a price list
 * is a file of {@code id,cost,price}. Lines that are new need all that a line of stock needs.
 */
final class StockCsv {
    static final List<String> COLUMNS = List.of(
            "id", "partNumber", "depot", "bin", "kind", "name", "label", "quantity", "minimum", "cost", "price");
    private static final CSVFormat FORMAT = CSVFormat.DEFAULT
            .builder()
            .setHeader()
            .setSkipHeaderRecord(true)
            .setIgnoreSurroundingSpaces(true)
            .setIgnoreEmptyLines(true)
            .setTrailingData(false)
            .get();

    private static final char QUOTE = '\'';
    private static final Pattern FIGURE = Pattern.compile("-?\\d{1,9}(\\.\\d{1,17})?");

    private StockCsv() {}

    static String write(List<StockRow> rows) {
        StringWriter out = new StringWriter();
        try (CSVPrinter printer = new CSVPrinter(out, CSVFormat.DEFAULT)) {
            printer.printRecord(COLUMNS);
            for (StockRow r : rows) {
                printer.printRecord(
                        safe(r.id()),
                        safe(r.partNumber()),
                        safe(r.depot()),
                        safe(r.bin()),
                        safe(r.kind()),
                        safe(r.name()),
                        safe(r.label()),
                        r.quantity(),
                        r.minimum(),
                        r.cost(),
                        r.price());
            }
        } catch (IOException problem) {
            throw new UncheckedIOException(problem);
        }
        return out.toString();
    }

    /** Reads every line over what is known; a damaged one names its line. @param known by id */
    static List<StockRow> read(String csv, Function<String, Optional<StockRow>> known) {
        List<StockRow> out = new ArrayList<>();
        Set<String> ids = new LinkedHashSet<>();
        try (CSVParser parser = FORMAT.parse(new StringReader(csv))) {
            List<String> names = parser.getHeaderNames();
            InputProblem.require(
                    names.contains("id"),
                    "line 1",
                    String.join(",", names),
                    "the first line names the columns, id first");
            List<String> unknown =
                    names.stream().filter(n -> !COLUMNS.contains(n)).toList();
            InputProblem.require(
                    unknown.isEmpty(),
                    "line 1",
                    String.join(",", unknown),
                    "known columns are " + String.join(", ", COLUMNS));
            for (CSVRecord record : parser) {
                StockRow row =
                        atLine(parser.getCurrentLineNumber(), () -> known(row(record, known, names.size()), known));
                InputProblem.require(
                        ids.add(row.id()),
                        "line " + parser.getCurrentLineNumber() + ", id",
                        row.id(),
                        "this id stood on an earlier line");
                out.add(row);
            }
        } catch (InputProblem problem) {
            throw problem;
        } catch (IOException | UncheckedIOException | IllegalArgumentException broken) {
            throw InputProblem.of(
                    "file",
                    null,
                    "this is no CSV that can be read: look for a quote that does not end, or a column named twice");
        }
        InputProblem.require(!out.isEmpty(), "file", null, "there is no line of stock in it");
        return out;
    }

    private static StockRow atLine(long line, java.util.function.Supplier<StockRow> read) {
        try {
            return read.get();
        } catch (InputProblem problem) {
            InputProblem.Field field = problem.fields().get(0);
            throw InputProblem.of("line " + line + ", " + field.field(), field.value(), field.problem());
        }
    }

    private static StockRow row(CSVRecord record, Function<String, Optional<StockRow>> known, int columns) {
        InputProblem.require(
                record.size() == columns, "columns", record.size(), "the first line names " + columns + " columns");
        String id = text(record, "id", "");
        StockRow before = known.apply(id).orElse(null);
        return new StockRow(
                id,
                text(record, "partNumber", before == null ? id : before.partNumber()),
                text(record, "depot", before == null ? Depots.FIRST : before.depot()),
                text(record, "bin", before == null ? "" : before.bin()),
                text(record, "kind", before == null ? "" : before.kind()),
                text(record, "name", before == null ? "" : before.name()),
                text(record, "label", before == null ? "" : before.label()),
                (int) number(record, "quantity", before == null ? 0 : before.quantity(), true),
                (int) number(record, "minimum", before == null ? 0 : before.minimum(), true),
                number(record, "cost", before == null ? 0 : before.cost(), false),
                number(record, "price", before == null ? 0 : before.price(), false));
    }

    /** A line that is new has to be right in all; of one that was kept under earlier rules only what the file says. */
    private static StockRow known(StockRow row, Function<String, Optional<StockRow>> known) {
        return known.apply(row.id()).isPresent() ? row : row.checked();
    }

    private static String text(CSVRecord record, String column, String otherwise) {
        if (!record.isSet(column)) {
            return otherwise;
        }
        String text = record.get(column);
        return text.length() > 1 && text.charAt(0) == QUOTE && isFormula(text.substring(1)) ? text.substring(1) : text;
    }

    /** What a spreadsheet would carry out; it goes out behind a quote, and comes in without it. */
    private static String safe(String text) {
        return isFormula(text) ? QUOTE + text : text;
    }

    private static boolean isFormula(String text) {
        return !text.isEmpty() && "=+-@\t\r".indexOf(text.charAt(0)) >= 0;
    }

    private static double number(CSVRecord record, String column, double otherwise, boolean isWhole) {
        if (!record.isSet(column)) {
            return otherwise;
        }
        String text = record.get(column);
        try {
            boolean isPlain = FIGURE.matcher(text).matches();
            if (!isPlain) {
                throw new NumberFormatException();
            }
            return isWhole ? Integer.parseInt(text) : Double.parseDouble(text);
        } catch (NumberFormatException none) {
            throw InputProblem.of(column, text, isWhole ? "give a whole number" : "give a number, as 12.50");
        }
    }
}
