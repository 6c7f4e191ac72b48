package zestbench.core.label;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** The ways in which a figure that waits can be taken, and what each costs. */
final class Closings {
    private final LabelGrammar grammar;
    private final List<Item> items;
    private final Candidates candidates;

    Closings(LabelGrammar grammar, List<Item> items, String text) {
        this.grammar = grammar;
        this.items = items;
        this.candidates = new Candidates(grammar, items, text);
    }

    /** A reading whose name waits no longer for a figure. */
    Hypothesis orphaned(Hypothesis state) {
        if (state.name >= 0) {
            Item item = items.get(state.name);
            boolean isCheap = item.isForeign() || item.isFiller();
            state.cost += isCheap ? Costs.ORPHAN_FOREIGN : item.unit() != null ? Costs.ORPHAN_UNIT : Costs.ORPHAN_NAME;
            state.name = -1;
        }
        return state;
    }

    /** Every way in which the figure that waits can be taken, or left, at no more than {@code most}. */
    List<Hypothesis> of(Hypothesis state, double most) {
        if (state.open < 0) {
            return List.of(state.copy());
        }
        List<Hypothesis> out = new ArrayList<>();
        boolean isNamed = state.openName >= 0;
        double far = isNamed ? state.openFar + habit(state) : 0;
        for (Candidate candidate : candidates.of(state.open, state.openName, state.openUnit)) {
            taken(state, candidate, far, most, out);
        }
        boolean isForeign = isNamed ? items.get(state.openName).isForeign() : state.openUnit == Unit.FOREIGN;
        double foreign = state.cost + Costs.FOREIGN_NAME + (isNamed ? state.openFar : 0);
        if (isForeign && foreign <= most) {
            Hypothesis left = shut(state.copy());
            left.cost = foreign;
            out.add(left);
        }
        double unread = state.cost + unread(items.get(state.open).figure()) + (isNamed ? Costs.ORPHAN_NAME : 0);
        if ((!isForeign || isNamed) && unread <= most) {
            Hypothesis left = shut(state.copy());
            left.cost = unread;
            left.name = isNamed ? -1 : left.name;
            out.add(left);
        }
        return out;
    }

    private static double unread(@Nullable Figure figure) {
        return figure == null
                ? Costs.UNKNOWN_WORD
                : figure.hasGap() && figure.size() == 1 ? Costs.UNREAD_GAP : Costs.UNREAD_FIGURE;
    }

    private double habit(Hypothesis state) {
        boolean isBehind = state.openName > state.open;
        if (state.openName >= 0 && items.get(state.open).isTied()) {
            return 0;
        }
        return (isBehind ? state.habit > 0 : state.habit < 0) ? Costs.AGAINST_HABIT : 0;
    }

    private void taken(Hypothesis state, Candidate candidate, double far, double most, List<Hypothesis> out) {
        LabelField field = candidate.field();
        boolean isOfOthers =
                !field.group().isEmpty() && !state.about.equals(field.group()) && grammar.isAtTop(field.path());
        if (isOfOthers) {
            return;
        }
        // a code stands beside its name: what is far from it is rather a code of something else
        boolean isCode = field.shape() != null && field.shape().isCode();
        double cost = (isCode ? 1.4 * far : far) + candidate.cost() + apart(state, field);
        boolean hasName = state.openName >= 0 && items.get(state.openName).unit() == null;
        if (!hasName && state.about.isEmpty() && grammar.isToldOf(field.group())) {
            // a figure with no more than its unit, of a thing that was not named either
            cost += Costs.OTHER_GROUP;
        }
        if (state.cost + cost > most) {
            return;
        }
        boolean isTied = items.get(state.open).isTied();
        for (Hypothesis next : state.took(grammar, candidate, isTied, state.openName, state.open, state.openLast)) {
            if (state.openName >= 0) {
                next.habit = Math.max(-3, Math.min(3, next.habit + (state.openName > state.open ? -1 : 1)));
            }
            out.add(shut(next).plus(cost));
        }
    }

    /** What it costs to take a figure for another group than what the text is about. */
    private double apart(Hypothesis state, LabelField field) {
        if (state.about.equals(field.group())) {
            return 0;
        }
        if (!grammar.isShared(field.path())) {
            return grammar.costOf(field.group());
        }
        return state.about.isEmpty() || field.group().isEmpty()
                ? grammar.costOf(field.group())
                : Costs.OTHER_GROUP + grammar.costOf(field.group());
    }

    private static Hypothesis shut(Hypothesis state) {
        state.open = -1;
        state.openName = -1;
        state.openUnit = null;
        state.openFar = 0;
        return state;
    }
}
