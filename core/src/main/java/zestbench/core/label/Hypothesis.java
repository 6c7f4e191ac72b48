package zestbench.core.label;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import zestbench.core.label.Shape.Told;
import zestbench.core.value.Value;

/** A reading of the items so far: what it has taken, the figure and the name that wait, and what its choices have cost. */
final class Hypothesis {
    private static final int MOST_LOOKED_AT = 64;

    double cost;
    int open = -1;
    int openName = -1;

    @Nullable
    Unit openUnit;

    int openLast = -1;
    /** What stands between the open figure and here. */
    double openFar;

    int name = -1;
    double nameFar;
    long filled;
    Map<String, Integer> rows = Map.of();
    int habit;
    /** The group that was named again since something was taken for it: what follows is of its next row. */
    String restated = "";

    String about = "";

    @Nullable
    Taken taken;

    Hypothesis copy() {
        Hypothesis other = new Hypothesis();
        other.cost = cost;
        other.open = open;
        other.openName = openName;
        other.openUnit = openUnit;
        other.openLast = openLast;
        other.openFar = openFar;
        other.name = name;
        other.nameFar = nameFar;
        other.filled = filled;
        other.rows = rows;
        other.habit = habit;
        other.restated = restated;
        other.about = about;
        other.taken = taken;
        return other;
    }

    /** What tells it from other readings that come to the same. */
    long key() {
        long key = taken == null ? 1 : taken.hash();
        key = key * 1_000_003 + open;
        key = key * 1_000_003 + openName;
        key = key * 1_000_003 + name;
        key = key * 31 + (openUnit == null ? 0 : openUnit.ordinal() + 1);
        return key * 31 + about.hashCode();
    }

    Hypothesis plus(double more) {
        cost += more;
        return this;
    }

    /** The readings after values were written into one: into its row or the next, where the same is said again. */
    List<Hypothesis> took(
            LabelGrammar grammar, Candidate candidate, boolean isTied, int itsName, int figure, int last) {
        List<Hypothesis> out = new ArrayList<>(2);
        LabelField field = candidate.field();
        int row = rows.getOrDefault(field.group(), 0);
        boolean isSaid = field.group().isEmpty() || !field.group().equals(restated);
        for (Told each : candidate.told()) {
            isSaid &= isSame(field.group(), each, row);
        }
        if (isSaid) {
            out.add(copy().plus(Costs.AGAIN / 2));
        }
        if (!isSaid || !field.group().isEmpty()) {
            Hypothesis next = copy();
            for (int i = 0; i < candidate.told().size(); i++) {
                next.write(grammar, candidate, i, isTied, itsName, figure, last);
            }
            out.add(next);
        }
        return out;
    }

    private void write(
            LabelGrammar grammar, Candidate candidate, int at, boolean isTied, int itsName, int figure, int last) {
        String group = candidate.field().group();
        Told told = candidate.told().get(at);
        long mark = candidate.marks()[at];
        int row = rows.getOrDefault(group, 0);
        if ((filled & mark) != 0) {
            if (group.isEmpty()) {
                cost += isSame("", told, 0) ? 0 : Costs.CONTRADICTION;
                return;
            }
            row++;
            rows = new HashMap<>(rows);
            rows.put(group, row);
            filled &= ~grammar.pathsOf(group);
            cost += isTied || group.equals(restated) ? Costs.AGAIN / 2 : Costs.NEW_ROW;
            restated = group.equals(restated) ? "" : restated;
        }
        filled |= mark;
        taken = Taken.of(candidate, at, row, itsName, figure, last, taken);
    }

    /** What it says of the same place; null where it says nothing. */
    @Nullable
    Value saidOf(Taken other) {
        for (Taken at = taken; at != null; at = at.before()) {
            if (at.value() != null && at.isOf(other.path(), other.group(), other.row())) {
                return at.value();
            }
        }
        return null;
    }

    private boolean isSame(String group, Told told, int row) {
        int seen = 0;
        for (Taken at = taken; at != null && seen < MOST_LOOKED_AT; at = at.before()) {
            seen++;
            if (at.isOf(told.path(), group, row)) {
                Value value = told.value();
                return value != null && value.equals(at.value());
            }
        }
        return false;
    }
}
