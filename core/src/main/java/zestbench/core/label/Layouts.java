package zestbench.core.label;

import java.util.ArrayList;
import java.util.List;

/** The orders in which the items of a label may be meant: as they stand, and, where names head columns, name by figure. */
final class Layouts {
    private static final String DITTO = "\"";
    private static final int MOST_ROWS = 24;

    private final List<List<Item>> lines = new ArrayList<>();
    private final List<Item> out = new ArrayList<>();
    private boolean isChanged;

    private Layouts(List<Item> items) {
        List<Item> line = new ArrayList<>();
        for (Item item : items) {
            if (item.isBreak()) {
                lines.add(line);
                line = new ArrayList<>();
            } else {
                line.add(item);
            }
        }
        lines.add(line);
    }

    static List<List<Item>> of(List<Item> items) {
        List<List<Item>> out = new ArrayList<>();
        out.add(items);
        Layouts layouts = new Layouts(items);
        if (layouts.lines.size() > 1) {
            layouts.run();
            if (layouts.isChanged) {
                out.add(layouts.out);
            }
        }
        return out;
    }

    private void run() {
        int at = 0;
        while (at < lines.size()) {
            int passed = Math.max(headed(at), Math.max(stacked(at), across(at)));
            if (passed > 0) {
                isChanged = true;
                at += passed;
            } else {
                plain(at);
                at++;
            }
        }
    }

    private void plain(int at) {
        List<Item> line = lines.get(at);
        if (at > 0 && line.stream().anyMatch(Layouts::isDitto)) {
            List<List<Item>> above = cells(lines.get(at - 1));
            List<List<Item>> here = cells(line);
            if (here.size() == above.size()) {
                isChanged = true;
                List<Item> whole = new ArrayList<>();
                for (int i = 0; i < here.size(); i++) {
                    under(above.get(i), here.get(i), whole);
                }
                out.addAll(whole);
                // the next line may repeat what is repeated here
                lines.set(at, whole);
                end(line);
                return;
            }
        }
        out.addAll(line);
        if (at + 1 < lines.size()) {
            end(line);
        }
    }

    /** A cell below another: what is repeated is repeated, and a bare figure goes by the names of the one above. */
    private static void under(List<Item> above, List<Item> cell, List<Item> whole) {
        if (isDitto(cell.get(0))) {
            whole.addAll(above);
        } else {
            whole.addAll(cell);
            if (cell.size() == 1) {
                above.stream().filter(i -> !i.isFigure()).forEach(whole::add);
            }
        }
    }

    private void end(List<Item> line) {
        int at = line.isEmpty() ? 0 : line.get(line.size() - 1).end();
        out.add(new Item(Atom.Kind.BREAK, null, "\n", List.of(), at, at, 0, 0, 0, false));
    }

    /** Names in one line over lines of figures; how many lines that is. */
    private int headed(int at) {
        List<Item> head = names(lines.get(at));
        if (head.size() < 2 || hasFigure(lines.get(at))) {
            return 0;
        }
        int rows = 0;
        List<List<Item>> before = new ArrayList<>();
        while (at + rows + 1 < lines.size() && rows < MOST_ROWS) {
            List<Item> line = lines.get(at + rows + 1);
            List<Item> row = row(head, line, before.isEmpty() ? List.of() : before.get(before.size() - 1));
            if (row.isEmpty()) {
                break;
            }
            before.add(row);
            rows++;
        }
        if (rows == 0) {
            return 0;
        }
        lines.get(at).stream()
                .filter(i -> i.meanings().stream().anyMatch(Meaning.About.class::isInstance))
                .forEach(out::add);
        for (List<Item> row : before) {
            out.addAll(row);
            end(row);
        }
        return rows + 1;
    }

    /** A line of figures with the names over them put in; empty where it is none. */
    private List<Item> row(List<Item> head, List<Item> line, List<Item> before) {
        List<List<Item>> cells = cells(line);
        if (cells.isEmpty() || cells.size() > head.size() || hasOwnName(line)) {
            return List.of();
        }
        List<Item> row = new ArrayList<>();
        for (Item item : line) {
            if (item.start() >= cells.get(0).get(0).start()) {
                break;
            }
            row.add(item);
        }
        boolean isFull = cells.size() == head.size();
        int last = -1;
        for (int i = 0; i < cells.size(); i++) {
            int column = isFull ? i : nearest(head, cells.get(i).get(0));
            if (column <= last) {
                return List.of();
            }
            last = column;
            Item name = head.get(column);
            if (isDitto(cells.get(i).get(0))) {
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

    /** Names line by line, then as many figures line by line; how many lines that is. */
    private int stacked(int at) {
        int count = 0;
        while (at + count < lines.size() && isOnly(lines.get(at + count), true)) {
            count++;
        }
        for (int names = count; names >= 2; names--) {
            int figures = 0;
            while (figures < names
                    && at + names + figures < lines.size()
                    && isOnly(lines.get(at + names + figures), false)) {
                figures++;
            }
            if (figures == names) {
                for (int i = 0; i < names; i++) {
                    out.addAll(lines.get(at + i));
                    List<Item> cell = lines.get(at + names + i);
                    out.add(cell.get(0).tied());
                    out.addAll(cell.subList(1, cell.size()));
                    end(cell);
                }
                return 2 * names;
            }
        }
        return 0;
    }

    private static boolean isOnly(List<Item> line, boolean isName) {
        List<Item> real = line.stream().filter(i -> i.kind() != Atom.Kind.SIGN).toList();
        if (real.isEmpty()) {
            return false;
        }
        return isName
                ? real.size() == 1 && real.get(0).isName() && !real.get(0).isFigure()
                : isCell(real.get(0)) && real.stream().skip(1).allMatch(i -> i.unit() != null);
    }

    /** Figures over columns, names in front of the rows: each column is read for itself; how many lines that is. */
    private int across(int at) {
        List<List<Item>> top = cells(lines.get(at));
        if (top.size() < 2 || !names(lines.get(at)).isEmpty() && !isLeading(lines.get(at))) {
            return 0;
        }
        List<List<Item>> rows = new ArrayList<>();
        int count = 1;
        while (at + count < lines.size()
                && isLeading(lines.get(at + count))
                && cells(lines.get(at + count)).size() == top.size()) {
            rows.add(lines.get(at + count));
            count++;
        }
        if (rows.isEmpty()) {
            return 0;
        }
        for (int column = 0; column < top.size(); column++) {
            if (isLeading(lines.get(at))) {
                out.add(lines.get(at).get(0));
                out.add(top.get(column).get(0).tied());
                out.addAll(top.get(column).subList(1, top.get(column).size()));
            } else {
                out.addAll(top.get(column));
            }
            for (List<Item> row : rows) {
                List<Item> cell = cells(row).get(column);
                out.add(row.get(0));
                out.add(cell.get(0).tied());
                out.addAll(cell.subList(1, cell.size()));
            }
            end(top.get(column));
        }
        return count;
    }

    /** Whether a line begins with a name and goes on in figures alone. */
    private static boolean isLeading(List<Item> line) {
        return line.size() > 2
                && line.get(0).isName()
                && !line.get(0).isFigure()
                && line.stream().skip(1).allMatch(i -> i.isFigure() || i.unit() != null || i.kind() == Atom.Kind.SIGN);
    }

    /** The names in a line; a unit right behind a figure is none. */
    private static List<Item> names(List<Item> line) {
        List<Item> out = new ArrayList<>();
        for (int i = 0; i < line.size(); i++) {
            boolean isUnit =
                    line.get(i).unit() != null && i > 0 && line.get(i - 1).isFigure();
            if (line.get(i).isName() && !isUnit && !isDitto(line.get(i))) {
                out.add(line.get(i));
            }
        }
        return out;
    }

    private static boolean hasFigure(List<Item> line) {
        return line.stream().anyMatch(Item::isFigure);
    }

    /** Whether a line of figures names some by itself, so that no names over it are needed. */
    private static boolean hasOwnName(List<Item> line) {
        return line.stream()
                .anyMatch(i -> !i.isFigure()
                        && i.unit() == null
                        && i.meanings().stream().anyMatch(Meaning.Name.class::isInstance)
                        && i.meanings().stream()
                                .noneMatch(m -> m instanceof Meaning.Choice || m instanceof Meaning.About));
    }

    private static boolean isDitto(Item item) {
        return item.text().equals(DITTO);
    }

    private static boolean isCell(Item item) {
        return item.isFigure()
                || isDitto(item)
                || item.kind() == Atom.Kind.CODE
                || item.meanings().stream().anyMatch(Meaning.Choice.class::isInstance);
    }

    /** The cells of a line: each a figure, a word that tells something or a ditto sign, with the units and names behind it. */
    private static List<List<Item>> cells(List<Item> line) {
        List<List<Item>> out = new ArrayList<>();
        for (Item item : line) {
            if (isCell(item)) {
                out.add(new ArrayList<>(List.of(item)));
            } else if (!out.isEmpty() && item.kind() != Atom.Kind.SIGN) {
                out.get(out.size() - 1).add(item);
            }
        }
        return out;
    }
}
