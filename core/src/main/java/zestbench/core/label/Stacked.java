package zestbench.core.label;

import java.util.ArrayList;
import java.util.List;

/** Tables that were read down instead of across: names line by line and then their figures, or names in front of rows. */
final class Stacked {
    private final List<Line> lines;
    private final List<Item> out;

    Stacked(List<Line> lines, List<Item> out) {
        this.lines = lines;
        this.out = out;
    }

    /** Names line by line, then as many figures line by line; how many lines that is. */
    int names(int at) {
        int count = 0;
        while (at + count < lines.size() && lines.get(at + count).isOneName()) {
            count++;
        }
        for (int names = count; names >= 2; names--) {
            int from = at + names;
            int figures = 0;
            while (from + figures < lines.size() && lines.get(from + figures).isOneCell()) {
                figures++;
            }
            // what has a unit of its own and stands between names and figures belongs to neither
            while (figures > names && lines.get(from).hasUnit()) {
                from++;
                figures--;
            }
            if (figures >= names) {
                for (int i = at + names; i < from; i++) {
                    out.addAll(lines.get(i).items());
                    Layouts.end(lines.get(i).items(), out);
                }
                for (int i = 0; i < names; i++) {
                    List<Item> cell = lines.get(from + i).items();
                    out.addAll(lines.get(at + i).items());
                    tie(cell);
                    Layouts.end(cell, out);
                }
                return from + names - at;
            }
        }
        return 0;
    }

    /** Figures or names over columns, names in front of the rows: each column is read for itself; how many lines that is. */
    int columns(int at) {
        Line first = lines.get(at);
        boolean isNamed = first.isHead();
        List<List<Item>> top = isNamed ? singly(first.names()) : first.cells();
        if (top.size() < 2 || !isNamed && !first.names().isEmpty() && !first.isLeading()) {
            return 0;
        }
        List<Line> rows = new ArrayList<>();
        while (at + 1 + rows.size() < lines.size()) {
            Line line = lines.get(at + 1 + rows.size());
            boolean isOfThing =
                    isNamed && !line.items().isEmpty() && line.items().get(0).means(Meaning.Kind.ABOUT);
            if (!line.isLeading() || isOfThing || line.cells().size() != top.size()) {
                break;
            }
            rows.add(line);
        }
        if (rows.isEmpty()) {
            return 0;
        }
        for (int column = 0; column < top.size(); column++) {
            if (!isNamed && first.isLeading()) {
                out.add(first.items().get(0));
                tie(top.get(column));
            } else {
                out.addAll(top.get(column));
            }
            for (Line row : rows) {
                out.add(row.items().get(0));
                tie(row.cells().get(column));
            }
            Layouts.end(top.get(column), out);
        }
        return rows.size() + 1;
    }

    private static List<List<Item>> singly(List<Item> names) {
        return names.stream().map(List::of).toList();
    }

    private void tie(List<Item> cell) {
        out.add(cell.get(0).tied());
        out.addAll(cell.subList(1, cell.size()));
    }
}
