package zestbench.server.board;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDate;
import java.time.Year;
import java.time.ZoneId;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import zestbench.core.charge.Weight;
import zestbench.core.quantity.Figures;
import zestbench.core.quantity.InputProblem;

/** The year's refrigerant: what went into each unit and came out of it, cylinder by cylinder. */
@RestController
class ChargeLog {
    private static final int FIRST_YEAR = 2000;
    private static final int LAST_YEAR = 2999;

    private final JdbcTemplate rows;

    ChargeLog(JdbcTemplate rows) {
        this.rows = rows;
    }

    /** @param added ounces that went in @param recovered ounces that came out @param times it was weighed */
    record Total(
            String site, String unit, String refrigerant, String cylinder, double added, double recovered, int times) {}

    @GetMapping("/api/refrigerant-log/{year}.csv")
    ResponseEntity<String> csv(@PathVariable int year) {
        InputProblem.require(
                year >= FIRST_YEAR && year <= LAST_YEAR, "year", year, "give the year in four digits, such as 2026");
        StringWriter out = new StringWriter();
        try (CSVPrinter printer = new CSVPrinter(out, CSVFormat.DEFAULT)) {
            printer.printRecord(
                    "year",
                    "site",
                    "unit",
                    "refrigerant",
                    "cylinder",
                    "addedOunces",
                    "recoveredOunces",
                    "added",
                    "recovered",
                    "times");
            for (Total each : totals(year)) {
                printer.printRecord(
                        year,
                        each.site(),
                        each.unit(),
                        each.refrigerant(),
                        each.cylinder(),
                        Figures.plain(Figures.tidy(each.added())),
                        Figures.plain(Figures.tidy(each.recovered())),
                        Weight.words(each.added()),
                        Weight.words(each.recovered()),
                        each.times());
            }
        } catch (IOException problem) {
            throw new UncheckedIOException(problem);
        }
        return ResponseEntity.ok()
                .contentType(new MediaType("text", "csv", StandardCharsets.UTF_8))
                .header("Content-Disposition", "attachment; filename=\"refrigerant-" + year + ".csv\"")
                .body(out.toString());
    }

    private List<Total> totals(int year) {
        return rows.query(
                "select u.site, u.name, g.refrigerant, g.cylinder,"
                        + " sum(case when g.way = 'ADDED' then g.ounces else 0 end),"
                        + " sum(case when g.way = 'RECOVERED' then g.ounces else 0 end), count(*)"
                        + " from call_charge g join unit u on u.id = g.unit_id join service_call c on c.id = g.call_id"
                        + " where g.at >= ? and g.at < ? and c.status <> 'CANCELLED'"
                        + " group by u.id, u.site, u.name, g.refrigerant, g.cylinder"
                        + " order by u.site, u.name, g.refrigerant, g.cylinder",
                (row, number) -> new Total(
                        row.getString(1),
                        row.getString(2),
                        row.getString(3),
                        row.getString(4),
                        row.getDouble(5),
                        row.getDouble(6),
                        row.getInt(7)),
                java.sql.Timestamp.from(start(year)),
                java.sql.Timestamp.from(start(year + 1)));
    }

    private static Instant start(int year) {
        LocalDate first = Year.of(year).atDay(1);
        return first.atStartOfDay(ZoneId.systemDefault()).toInstant();
    }
}
