package zestbench.server;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import org.flywaydb.core.Flyway;
import zestbench.server.data.DataFolder;

/** Data as an earlier version of the bench kept them: the unit "loft; 5's unit" and three pieces of one capacitor. */
public final class OlderData {
    private OlderData() {}

    /** @param schema the last migration that version knew, 1 to 5 */
    public static DataFolder make(Path data, int schema) throws IOException, SQLException {
        DataFolder folder = new DataFolder(data);
        Files.createDirectories(folder.photos());
        Flyway.configure()
                .dataSource(folder.url(), "sa", "")
                .target(String.valueOf(schema))
                .loggers("slf4j")
                .load()
                .migrate();
        try (Connection database = DriverManager.getConnection(folder.url(), "sa", "");
                Statement sql = database.createStatement()) {
            sql.execute(
                    switch (schema) {
                        case 1 ->
                            "insert into unit (site, name, tons, volts, phase, made, rated_load_amps, fan_full_load_amps)"
                                    + " values ('Net lofts', 'loft; 5''s unit', 2.5, '208/230', 1, '06/2019', 12.7, 1.1)";
                        case 2 -> "insert into unit (site, name) values ('Net lofts', 'loft; 5''s unit')";
                        default -> "insert into unit (site, name, uid) values ('Net lofts', 'loft; 5''s unit', 'u-1')";
                    });
            sql.execute("insert into stock_item (id, bin, kind, name, label, spec, quantity, minimum, cost"
                    + (schema >= 3 ? ", part_number" : "") + ") values ('CP-1', 'B1', 'capacitor', 'run capacitor',"
                    + " '5 MFD 440 VAC', '{}', 3, 1, 10" + (schema >= 3 ? ", 'CP-1'" : "") + ")");
            sql.execute("insert into service_call (unit_id, complaint, opened_at, status" + (schema >= 3 ? ", uid" : "")
                    + ") values (1, 'hums in the rain', current_timestamp, 'OPEN'" + (schema >= 3 ? ", 'c-1'" : "")
                    + ")");
            sql.execute("insert into tape_line (call_id, number, at, who, kind, entry) values (1, 1, current_timestamp,"
                    + " 'Tech 1', 'PartAdded', '{\"part\":\"p1\",\"kind\":\"capacitor\",\"title\":\"Run capacitor\","
                    + "\"place\":\"Outdoor unit\",\"serves\":\"compressor\"}')");
        }
        return folder;
    }
}
