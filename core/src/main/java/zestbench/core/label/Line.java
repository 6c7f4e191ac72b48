package zestbench.core.label;

import java.util.ArrayList;
import java.util.List;

/** The items of one line of a label, and what can be told of them as a row of a table. */
record Line(List<Item> items) {
    private static final String DITTO = "\"";
    private static final String STROKE = "/";

    /** Whether a sign says that what stands above is meant again. */
    static boolean isDitto(Item item) {
        return item.text().equals(DITTO);
    }

    private static boolean isCell(Item item) {
        return item.isFigure() || isDitto(item) || item.kind() == Item.Kind.CODE || item.means(Meaning.Kind.CHOICE);
    }

    boolean hasDitto() {
        return items.stream().anyMatch(Line::isDitto);
    }

    boolean hasFigure() {
        return items.stream().anyMatch(Item::isFigure);
    }

    /** The names in it; a unit right behind a figure is none, and names with a stroke between them head one column. */
    List<Item> names() {
        List<Item> out = new ArrayList<>();
        for (int i = 0; i < items.size(); i++) {
            Item item = items.get(i);
            boolean isUnit = item.unit() != null && i > 0 && items.get(i - 1).isFigure();
            if (!item.isName() || isUnit || isDitto(item)) {
                continue;
            }
            boolean isOther = i > 1
                    && items.get(i - 1).text().equals(STROKE)
                    && !out.isEmpty()
                    && out.get(out.size() - 1).end() == items.get(i - 1).start();
            if (isOther) {
                out.set(out.size() - 1, out.get(out.size() - 1).or(item));
            } else {
                out.add(item);
            }
        }
        return out;
    }

    /** Whether it is made of names alone, at least two: the head of a table. */
    boolean isHead() {
        return !hasFigure() && names().size() >= 2;
    }

    /** The cells: each a figure, a word that tells something or a ditto sign, with the units and names behind it. */
    List<List<Item>> cells() {
        List<List<Item>> out = new ArrayList<>();
        for (Item item : items) {
            if (isCell(item)) {
                out.add(new ArrayList<>(List.of(item)));
            } else if (!out.isEmpty() && item.kind() != Item.Kind.SIGN) {
                out.get(out.size() - 1).add(item);
            }
        }
        return out;
    }

    /** What stands in front of its first cell. */
    List<Item> lead() {
        List<Item> out = new ArrayList<>();
        for (Item item : items) {
            if (isCell(item)) {
                break;
            }
            out.add(item);
        }
        return out;
    }

    /** Whether a line of figures names some by itself, so that no names over it are needed. */
    boolean hasOwnName() {
        return items.stream()
                .anyMatch(i -> !i.isFigure()
                        && i.unit() == null
                        && i.means(Meaning.Kind.NAME)
                        && !i.means(Meaning.Kind.CHOICE)
                        && !i.means(Meaning.Kind.ABOUT));
    }

    /** Whether it begins with a name and goes on in figures alone. */
    boolean isLeading() {
        return items.size() > 2
                && items.get(0).isName()
                && !items.get(0).isFigure()
                && items.stream().skip(1).allMatch(i -> i.isFigure() || i.unit() != null || i.kind() == Item.Kind.SIGN);
    }

    /** Whether it is one name and nothing else. */
    boolean isOneName() {
        List<Item> real = real();
        return real.size() == 1 && real.get(0).isName() && !real.get(0).isFigure();
    }

    /** Whether it is one figure or word, with its unit at most. */
    boolean isOneCell() {
        List<Item> real = real();
        return !real.isEmpty() && isCell(real.get(0)) && real.stream().skip(1).allMatch(i -> i.unit() != null);
    }

    /** Whether its first figure has a unit of its own. */
    boolean hasUnit() {
        return items.stream().anyMatch(i -> i.unit() != null);
    }

    private List<Item> real() {
        return items.stream().filter(i -> i.kind() != Item.Kind.SIGN).toList();
    }
}
