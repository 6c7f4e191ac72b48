package zestbench.server.torture;

import java.util.ArrayList;
import java.util.List;

/** What was promised, what was done to it, and what came of it. */
final class Table {
    private record Row(String promise, String done, String measured) {}

    private final List<Row> rows = new ArrayList<>();

    void add(String promise, String done, String measured) {
        rows.add(new Row(promise, done, measured));
        System.out.printf("%-48s %-46s %s%n", promise, done, measured);
    }

    int size() {
        return rows.size();
    }
}
