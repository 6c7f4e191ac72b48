package zestbench.server.exchange;

import java.time.Instant;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import zestbench.core.shop.ShopRules;
import zestbench.server.tape.CallCopies.CallCopy;
import zestbench.server.truck.Depots.DepotView;
import zestbench.server.truck.StockRow;
import zestbench.server.unit.UnitCopy;

/**
 * What goes from bench to bench: a call, a unit, or everything.
 *
 * @param format always {@code zest-bench}
 * @param version of the format, 1
 * @param rules the shop's; left out where only a call or unit is carried
 */
record Bundle(
        String format,
        int version,
        Instant madeAt,
        List<UnitCopy> units,
        List<CallCopy> calls,
        List<DepotView> depots,
        List<StockRow> stock,
        List<TableCopy> tables,
        @Nullable ShopRules rules,
        List<PhotoCopy> photos) {
    static final String FORMAT = "zest-bench";
    static final int VERSION = 1;

    Bundle {
        depots = Objects.requireNonNullElse(depots, List.of());
        stock = Objects.requireNonNullElse(stock, List.of());
        tables = Objects.requireNonNullElse(tables, List.of());
        photos = Objects.requireNonNullElse(photos, List.of());
    }

    /** A saturation table that was brought in. @param csv as it can be brought in by itself */
    record TableCopy(String refrigerant, String source, String csv) {}

    /** A photo. @param jpeg in base 64 */
    record PhotoCopy(String name, byte[] jpeg) {}
}
