package zestbench.server.refrigerant;

import java.io.IOException;
import java.io.Reader;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
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

    private TableCsv() {}

    /** Reads a table; a damaged one names its line. */
    static SaturationTable read(String refrigerant, String source, Reader csv) {
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
        } catch (IOException | UncheckedIOException broken) {
            throw InputProblem.of("file", null, "this is no CSV that can be read: " + broken.getMessage());
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
