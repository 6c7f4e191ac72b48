package zestbench.server.data;

import java.io.IOException;
import java.nio.file.Files;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;

/** Gives room back that the database file holds and does not use. */
final class Compacting {
    /** Below, it is not worth the wait. */
    private static final long WORTH_BYTES = 4L * 1024 * 1024;

    private static final double AIR = 0.5;
    private static final double PERCENT = 100;

    private Compacting() {}

    /** Compacts a file more than half of which is air. */
    static void where(DataFolder folder) throws IOException {
        if (Files.size(folder.database()) < WORTH_BYTES) {
            return;
        }
        try (Connection database = DriverManager.getConnection(folder.url(), "sa", "");
                Statement sql = database.createStatement();
                ResultSet fill = sql.executeQuery("select setting_value from information_schema.settings"
                        + " where setting_name = 'info.FILL_RATE'")) {
            if (fill.next() && Double.parseDouble(fill.getString(1)) / PERCENT < AIR) {
                sql.execute("SHUTDOWN COMPACT");
            }
        } catch (SQLException refused) {
            throw new IllegalStateException(refused);
        }
    }

    /** Writes all of it to the disk, as small as it goes. */
    static void now(DataFolder folder) {
        try (Connection database = DriverManager.getConnection(folder.url(), "sa", "");
                Statement sql = database.createStatement()) {
            sql.execute("SHUTDOWN COMPACT");
        } catch (SQLException refused) {
            throw new IllegalStateException(refused);
        }
    }
}
