package zestbench.core.label;

import java.util.ArrayList;
import java.util.List;

/** The orders in which the items of a label may be meant: as they stand, and, where names head columns, name by figure. */
final class Layouts {
    private final List<Line> lines = new ArrayList<>();
    private final List<Item> out = new ArrayList<>();
    private boolean isChanged;

    private Layouts(List<Item> items) {
        List<Item> line = new ArrayList<>();
        for (Item item : items) {
            if (item.isBreak()) {
                lines.add(new Line(line));
                line = new ArrayList<>();
            } else {
                line.add(item);
            }
        }
        lines.add(new Line(line));
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
        Headed headed = new Headed(lines, out);
        Stacked stacked = new Stacked(lines, out);
        int at = 0;
        while (at < lines.size()) {
            int passed = stacked.columns(at);
            passed = passed > 0 ? passed : headed.above(at);
            passed = passed > 0 ? passed : stacked.names(at);
            passed = passed > 0 ? passed : headed.below(at);
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
        Line line = lines.get(at);
        if (at > 0 && line.hasDitto()) {
            List<List<Item>> above = lines.get(at - 1).cells();
            List<List<Item>> here = line.cells();
            if (here.size() == above.size()) {
                isChanged = true;
                List<Item> whole = new ArrayList<>();
                for (int i = 0; i < here.size(); i++) {
                    under(above.get(i), here.get(i), whole);
                }
                out.addAll(whole);
                // the next line may repeat what is repeated here
                lines.set(at, new Line(whole));
                end(line.items(), out);
                return;
            }
        }
        out.addAll(line.items());
        if (at + 1 < lines.size()) {
            end(line.items(), out);
        }
    }

    /** A cell below another: what is repeated is repeated, and a bare figure goes by the names of the one above. */
    private static void under(List<Item> above, List<Item> cell, List<Item> whole) {
        if (Line.isDitto(cell.get(0))) {
            whole.addAll(above);
        } else {
            whole.addAll(cell);
            if (cell.size() == 1) {
                above.stream().filter(i -> !i.isFigure()).forEach(whole::add);
            }
        }
    }

    /** Ends a line behind these items. */
    static void end(List<Item> line, List<Item> out) {
        int at = line.isEmpty() ? 0 : line.get(line.size() - 1).end();
        out.add(new Item(Item.Kind.BREAK, null, "\n", Meanings.NONE, at, at, 0, 0, 0, false));
    }
}
