package zestbench.server.backup;

import java.io.IOException;
import java.io.OutputStream;
import java.math.BigDecimal;
import java.sql.Connection;
import java.sql.Date;
import java.sql.JDBCType;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * The tables of a database with their columns, as the migrations made them: what rows are read from, and the only thing
 * rows are written into. Nothing that an archive says ever becomes part of a statement.
 */
final class Tables {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final String HISTORY = "flyway_schema_history";
    private static final int PAGE = 500;

    /** @param key its primary key, a single column in every table */
    record Table(String name, String key, Map<String, Column> columns) {}

    record Column(JDBCType type, boolean mayBeNull, boolean isCounted) {}

    private final Map<String, Table> byName = new LinkedHashMap<>();

    private Tables() {}

    /** The tables of an open database, each behind those it refers to. */
    static Tables of(Connection database) throws SQLException {
        Map<String, Table> found = new LinkedHashMap<>();
        Map<String, Set<String>> needs = new LinkedHashMap<>();
        try (ResultSet tables =
                database.getMetaData().getTables(null, "PUBLIC", null, new String[] {"TABLE", "BASE TABLE"})) {
            while (tables.next()) {
                String name = tables.getString("TABLE_NAME");
                if (!name.equalsIgnoreCase(HISTORY)) {
                    found.put(name, table(database, name));
                    needs.put(name, needs(database, name));
                }
            }
        }
        Tables out = new Tables();
        while (!found.isEmpty()) {
            String next = found.keySet().stream()
                    .filter(name -> needs.getOrDefault(name, Set.of()).stream().noneMatch(found::containsKey))
                    .findFirst()
                    .orElseThrow();
            out.byName.put(next.toLowerCase(Locale.ROOT), found.get(next));
            found.remove(next);
        }
        return out;
    }

    private static Table table(Connection database, String name) throws SQLException {
        Map<String, Column> columns = new LinkedHashMap<>();
        try (ResultSet each = database.getMetaData().getColumns(null, "PUBLIC", name, null)) {
            while (each.next()) {
                columns.put(
                        each.getString("COLUMN_NAME"),
                        new Column(
                                JDBCType.valueOf(each.getInt("DATA_TYPE")),
                                "YES".equals(each.getString("IS_NULLABLE")),
                                "YES".equals(each.getString("IS_AUTOINCREMENT"))));
            }
        }
        try (ResultSet key = database.getMetaData().getPrimaryKeys(null, "PUBLIC", name)) {
            key.next();
            return new Table(name, key.getString("COLUMN_NAME"), columns);
        }
    }

    private static Set<String> needs(Connection database, String name) throws SQLException {
        Set<String> out = new LinkedHashSet<>();
        try (ResultSet keys = database.getMetaData().getImportedKeys(null, "PUBLIC", name)) {
            while (keys.next()) {
                out.add(keys.getString("PKTABLE_NAME"));
            }
        }
        out.remove(name);
        return out;
    }

    Set<String> names() {
        return byName.keySet();
    }

    /** Writes a table's rows, one JSON object a line, a page at a time. */
    void write(Connection database, String name, OutputStream to) throws SQLException, IOException {
        Table table = named(name);
        String columns = quoted(table.columns().keySet());
        String key = quoted(Set.of(table.key()));
        Object last = null;
        int rows = PAGE;
        while (rows == PAGE) {
            rows = 0;
            String after = last == null ? "" : " where " + key + " > ?";
            try (PreparedStatement page = database.prepareStatement("select " + columns + " from "
                    + quoted(Set.of(table.name())) + after + " order by " + key + " limit " + PAGE)) {
                if (last != null) {
                    page.setObject(1, last);
                }
                try (ResultSet row = page.executeQuery()) {
                    while (row.next()) {
                        Map<String, Object> values = new LinkedHashMap<>();
                        for (Map.Entry<String, Column> column : table.columns().entrySet()) {
                            Object value = value(
                                    row, column.getKey(), column.getValue().type());
                            if (value != null) {
                                values.put(column.getKey().toLowerCase(Locale.ROOT), value);
                            }
                        }
                        to.write(JSON.writeValueAsBytes(values));
                        to.write('\n');
                        last = row.getObject(table.key());
                        rows++;
                    }
                }
            }
        }
    }

    private static @Nullable Object value(ResultSet row, String column, JDBCType type) throws SQLException {
        return switch (type) {
            case CLOB, VARCHAR -> row.getString(column);
            case TIMESTAMP_WITH_TIMEZONE -> {
                OffsetDateTime at = row.getObject(column, OffsetDateTime.class);
                yield at == null ? null : at.toString();
            }
            case DATE -> {
                LocalDate day = row.getObject(column, LocalDate.class);
                yield day == null ? null : day.toString();
            }
            default -> row.getObject(column);
        };
    }

    /** The table of this name; null where there is none. */
    private Table named(String name) {
        Table table = byName.get(name);
        if (table == null) {
            throw new Refused("there is a table " + name + " in it that no bench has: take another archive.");
        }
        return table;
    }

    /** Reads a row through; throws {@link Refused} where it does not fit its table. */
    List<@Nullable Object> row(String name, String line, long number) {
        Table table = named(name);
        JsonNode given;
        try {
            given = JSON.readTree(line);
        } catch (RuntimeException broken) {
            throw damaged(name, number);
        }
        if (!given.isObject()) {
            throw damaged(name, number);
        }
        List<@Nullable Object> out = new ArrayList<>();
        int known = 0;
        for (Map.Entry<String, Column> column : table.columns().entrySet()) {
            JsonNode value = given.get(column.getKey().toLowerCase(Locale.ROOT));
            known += value == null ? 0 : 1;
            if (value == null && !column.getValue().mayBeNull()) {
                throw damaged(name, number);
            }
            out.add(value == null ? null : parsed(value, column.getValue().type(), name, number));
        }
        if (known != given.size()) {
            throw damaged(name, number);
        }
        return out;
    }

    private static Object parsed(JsonNode value, JDBCType type, String name, long number) {
        try {
            return switch (type) {
                case BIGINT, INTEGER -> {
                    if (!value.isIntegralNumber()) {
                        throw damaged(name, number);
                    }
                    yield value.longValue();
                }
                case DOUBLE, DECIMAL, NUMERIC -> {
                    if (!value.isNumber()) {
                        throw damaged(name, number);
                    }
                    yield new BigDecimal(value.asString());
                }
                case BOOLEAN -> {
                    if (!value.isBoolean()) {
                        throw damaged(name, number);
                    }
                    yield value.booleanValue();
                }
                case TIMESTAMP_WITH_TIMEZONE -> OffsetDateTime.parse(text(value, name, number));
                case DATE -> Date.valueOf(LocalDate.parse(text(value, name, number)));
                default -> text(value, name, number);
            };
        } catch (DateTimeException | ArithmeticException | NumberFormatException broken) {
            throw damaged(name, number);
        }
    }

    private static String text(JsonNode value, String name, long number) {
        if (!value.isString()) {
            throw damaged(name, number);
        }
        return value.asString();
    }

    private static Refused damaged(String name, long number) {
        return new Refused("row " + number + " of its table " + name + " does not fit: take another archive.");
    }

    /** Puts rows into a table. */
    final class Filling implements AutoCloseable {
        private final String name;
        private final PreparedStatement insert;
        private long waiting;
        private long written;

        Filling(Connection database, String name) throws SQLException {
            this.name = name;
            Table table = named(name);
            String places = String.join(
                    ", ", java.util.Collections.nCopies(table.columns().size(), "?"));
            insert = database.prepareStatement("insert into " + quoted(Set.of(table.name())) + " ("
                    + quoted(table.columns().keySet()) + ") values (" + places + ")");
        }

        void add(List<@Nullable Object> row) throws SQLException {
            for (int i = 0; i < row.size(); i++) {
                insert.setObject(i + 1, row.get(i));
            }
            insert.addBatch();
            if (++waiting == PAGE) {
                write();
            }
        }

        private void write() throws SQLException {
            try {
                insert.executeBatch();
            } catch (SQLException refused) {
                throw new Refused("what stands behind row " + written + " of its table " + name
                        + " contradicts the rest: take another archive.");
            }
            written += waiting;
            waiting = 0;
        }

        @Override
        public void close() throws SQLException {
            if (waiting > 0) {
                write();
            }
            insert.close();
        }
    }

    /** New rows are numbered behind those that were filled in. */
    void goOnCounting(Connection database) throws SQLException {
        try (Statement sql = database.createStatement()) {
            for (Table table : byName.values()) {
                for (Map.Entry<String, Column> column : table.columns().entrySet()) {
                    if (column.getValue().isCounted()) {
                        String of = quoted(Set.of(table.name()));
                        String name = quoted(Set.of(column.getKey()));
                        long next = 1;
                        try (ResultSet most = sql.executeQuery("select coalesce(max(" + name + "), 0) from " + of)) {
                            most.next();
                            next += most.getLong(1);
                        }
                        sql.execute("alter table " + of + " alter column " + name + " restart with " + next);
                    }
                }
            }
        }
    }

    private static String quoted(Set<String> names) {
        StringBuilder out = new StringBuilder();
        for (String name : names) {
            out.append(out.isEmpty() ? "" : ", ").append('"').append(name).append('"');
        }
        return out.toString();
    }
}
