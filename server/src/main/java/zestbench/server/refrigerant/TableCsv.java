package zestbench.server.refrigerant;

import java.io.IOException;
import java.io.Reader;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import zestbench.core.proof.SaturationTable;
import zestbench.core.proof.SaturationTable.Row;
import zestbench.core.quantity.InputProblem;

/** A saturation table as CSV: {@code fahrenheit,bubblePsig,dewPsig}, lines that begin with # are remarks. */
final class TableCsv {
    private static final String FAHRENHEIT = "fahrenheit";
    private static final String BUBBLE = "bubblePsig";
    private static final String DEW = "dewPsig";
    private static final CSVFormat FORMAT = CSVFormat.DEFAULT
            .builder()
            .setHeader()
            .setSkipHeaderRecord(true)
            .setCommentMarker('#')
            .setIgnoreSurroundingSpaces(true)
            .setIgnoreEmptyLines(true)
            .get();

    private static final Pattern FIGURE = Pattern.compile("-?\\d{1,6}(\\.\\d{1,6})?");
    private static final int LONGEST_NAME = 20;
    private static final int LONGEST_SOURCE = 300;

    private TableCsv() {}

    /** Reads a table; a damaged one names its line. */
    static SaturationTable read(String refrigerant, String source, Reader csv) {
        InputProblem.require(
                !refrigerant.isBlank() && refrigerant.length() <= LONGEST_NAME,
                "refrigerant",
                refrigerant,
                "give 1 to 20 characters, such as R-410A");
        InputProblem.require(
                !source.isBlank() && source.length() <= LONGEST_SOURCE,
                "source",
                source,
                "say in 1 to 300 characters where the figures are from");
        List<Row> rows = new ArrayList<>();
        List<Long> lines = new ArrayList<>();
        try (CSVParser parser = FORMAT.parse(csv)) {
            InputProblem.require(
                    Set.copyOf(parser.getHeaderNames()).containsAll(Set.of(FAHRENHEIT, BUBBLE, DEW)),
                    "line 1",
                    String.join(",", parser.getHeaderNames()),
                    "the first line names the columns: fahrenheit,bubblePsig,dewPsig");
            for (CSVRecord row : parser) {
                long line = parser.getCurrentLineNumber();
                lines.add(line);
                rows.add(new Row(figure(row, FAHRENHEIT, line), figure(row, BUBBLE, line), figure(row, DEW, line)));
            }
        } catch (IOException | UncheckedIOException | IllegalStateException broken) {
            throw InputProblem.of(
                    "file",
                    null,
                    "this is no CSV that can be read: look for a quote that does not end, or a column named twice");
        }
        try {
            return new SaturationTable(refrigerant, source, rows);
        } catch (InputProblem problem) {
            throw atLine(problem, lines);
        }
    }

    private static double figure(CSVRecord row, String column, long line) {
        String text = row.isSet(column) ? row.get(column) : "";
        try {
            if (!FIGURE.matcher(text).matches()) {
                throw new NumberFormatException();
            }
            return Double.parseDouble(text);
        } catch (NumberFormatException none) {
            throw InputProblem.of("line " + line + ", " + column, text, "give a number, as 118.0");
        }
    }

    private static InputProblem atLine(InputProblem problem, List<Long> lines) {
        InputProblem.Field field = problem.fields().get(0);
        if (!field.field().startsWith("rows[")) {
            return problem;
        }
        int index = Integer.parseInt(
                field.field().substring("rows[".length(), field.field().indexOf(']')));
        String column = field.field().substring(field.field().indexOf('.') + 1);
        return InputProblem.of("line " + lines.get(index) + ", " + column, field.value(), field.problem());
    }

    static String write(SaturationTable table) {
        StringWriter out = new StringWriter();
        try (CSVPrinter printer = new CSVPrinter(
                out, CSVFormat.DEFAULT.builder().setCommentMarker('#').get())) {
            printer.printComment(table.refrigerant() + ": " + table.source());
            printer.printRecord(FAHRENHEIT, BUBBLE, DEW);
            for (Row row : table.rows()) {
                printer.printRecord(row.fahrenheit(), row.bubblePsig(), row.dewPsig());
            }
        } catch (IOException problem) {
            throw new UncheckedIOException(problem);
        }
        return out.toString();
    }
}
