package zestbench.core.label;

import java.util.ArrayList;
import java.util.List;

/** Tables whose columns are headed by names in one line, over their rows or below them: each figure is put behind its name. */
final class Headed {
    private static final int MOST_ROWS = 24;
    /** A line of so many names below its rows is their head; two may be anything. */
    private static final int FEWEST_BELOW = 3;

    private final List<Line> lines;
    private final List<Item> out;

    Headed(List<Line> lines, List<Item> out) {
        this.lines = lines;
        this.out = out;
    }

    /** Names over lines of figures; how many lines that is. */
    int above(int at) {
        Line head = lines.get(at);
        if (!head.isHead()) {
            return 0;
        }
        List<Item> names = head.names();
        boolean isAligned = isAligned(names, at + 1, lines.size());
        List<List<Item>> rows = new ArrayList<>();
        while (at + rows.size() + 1 < lines.size() && rows.size() < MOST_ROWS) {
            List<Item> before = rows.isEmpty() ? List.of() : rows.get(rows.size() - 1);
            List<Item> row = row(names, lines.get(at + rows.size() + 1), before, isAligned);
            if (row.isEmpty()) {
                break;
            }
            rows.add(row);
        }
        if (rows.isEmpty()) {
            return 0;
        }
        about(head);
        write(rows);
        return rows.size() + 1;
    }

    /** Lines of figures over the names of their columns; how many lines that is. What has names of its own stays as it is. */
    int below(int at) {
        int cells = lines.get(at).cells().size();
        if (cells < FEWEST_BELOW || lines.get(at).hasOwnName()) {
            return 0;
        }
        int foot = at + 1;
        while (foot < lines.size() && foot - at < MOST_ROWS && !lines.get(foot).isHead()) {
            foot++;
        }
        if (foot == lines.size() || lines.get(foot).names().size() != cells || isOver(foot)) {
            return 0;
        }
        List<Item> names = lines.get(foot).names();
        boolean isAligned = isAligned(names, at, foot);
        List<List<Item>> rows = new ArrayList<>();
        List<Item> before = List.of();
        for (int i = at; i < foot; i++) {
            List<Item> row = row(names, lines.get(i), before, isAligned);
            rows.add(row.isEmpty() ? lines.get(i).items() : row);
            before = row;
        }
        about(lines.get(foot));
        write(rows);
        return foot - at + 1;
    }

    /** Whether names head what follows them. */
    private boolean isOver(int head) {
        return head + 1 < lines.size()
                && !row(lines.get(head).names(), lines.get(head + 1), List.of(), true)
                        .isEmpty();
    }

    private void about(Line head) {
        head.items().stream().filter(i -> i.means(Meaning.Kind.ABOUT)).forEach(out::add);
    }

    private void write(List<List<Item>> rows) {
        for (List<Item> row : rows) {
            out.addAll(row);
            Layouts.end(row, out);
        }
    }

    /** Whether the cells of the rows that fill all columns stand by their names, so that places tell the columns of others. */
    private boolean isAligned(List<Item> head, int from, int to) {
        for (int i = from; i < Math.min(to, from + MOST_ROWS); i++) {
            List<List<Item>> cells = lines.get(i).cells();
            if (cells.isEmpty() || lines.get(i).hasOwnName()) {
                break;
            }
            for (int column = 0; column < cells.size() && cells.size() == head.size(); column++) {
                if (nearest(head, cells.get(column).get(0)) != column) {
                    return false;
                }
            }
        }
        return true;
    }

    /** A line of figures with the names of their columns put in; empty where it is none. */
    private static List<Item> row(List<Item> names, Line line, List<Item> before, boolean isAligned) {
        List<List<Item>> cells = line.cells();
        List<Item> head = cells.size() < names.size() && of(names).size() == cells.size() ? of(names) : names;
        if (cells.isEmpty() || cells.size() > head.size() || line.hasOwnName()) {
            return List.of();
        }
        List<Item> row = new ArrayList<>(line.lead());
        boolean isFull = cells.size() == head.size();
        int last = -1;
        for (int i = 0; i < cells.size(); i++) {
            int column = isFull || !isAligned ? i : nearest(head, cells.get(i).get(0));
            if (column <= last) {
                return List.of();
            }
            last = column;
            Item name = head.get(column);
            if (Line.isDitto(cells.get(i).get(0))) {
                int from = before.indexOf(name);
                if (from >= 0 && from + 1 < before.size()) {
                    row.add(name);
                    row.add(before.get(from + 1));
                }
                continue;
            }
            row.add(name);
            row.add(cells.get(i).get(0).tied());
            row.addAll(cells.get(i).subList(1, cells.get(i).size()));
        }
        return row;
    }

    /** The names without what the table is about. */
    private static List<Item> of(List<Item> names) {
        return names.stream().filter(i -> !i.means(Meaning.Kind.ABOUT)).toList();
    }

    private static int nearest(List<Item> head, Item cell) {
        int best = 0;
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i < head.size(); i++) {
            double far = Math.abs(middle(head.get(i)) - middle(cell));
            if (far < least) {
                least = far;
                best = i;
            }
        }
        return best;
    }

    private static double middle(Item item) {
        return item.column() + (item.end() - item.start()) / 2.0;
    }
}
