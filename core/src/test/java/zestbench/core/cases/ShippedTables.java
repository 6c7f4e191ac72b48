package zestbench.core.cases;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import zestbench.core.proof.SaturationTable;

/** The saturation tables that ship with the application. */
public final class ShippedTables {
    private static final Path FOLDER = Path.of("..", "server", "src", "main", "resources", "refrigerants");

    private ShippedTables() {}

    public static @Nullable SaturationTable find(String refrigerant) {
        Path file = FOLDER.resolve(refrigerant + ".csv");
        if (refrigerant.isEmpty() || !Files.exists(file)) {
            return null;
        }
        List<SaturationTable.Row> rows = new ArrayList<>();
        try {
            for (String line : Files.readAllLines(file)) {
                String[] cells = line.split(",");
                if (cells.length == 3 && cells[0].matches("-?[0-9.]+")) {
                    rows.add(new SaturationTable.Row(
                            Double.parseDouble(cells[0]), Double.parseDouble(cells[1]), Double.parseDouble(cells[2])));
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return new SaturationTable(refrigerant, "as shipped", rows);
    }
}
