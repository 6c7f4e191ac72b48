package zestbench.core.label;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import zestbench.core.label.Shape.Told;

/**
 * Finds which figure belongs to which name over a whole label: a beam of readings goes along the items, each with what it
 * has taken, the figure and the name that still wait, and what its choices have cost; the cheapest at the end is the best.
 */
final class Assignment {
    /** Readings side by side, for a label as long as most. */
    static final int WIDEST = 40;

    private static final int NARROWEST = 1;
    /** Readings by items: what is longer than any label is read with fewer readings side by side. */
    private static final int WORK = 3_500;
    /** A reading that is so much dearer than the best is not gone on with. */
    private static final double HOPELESS = 3;

    private static final Comparator<Hypothesis> CHEAPEST_FIRST = (a, b) -> Double.compare(a.cost, b.cost);

    private final LabelGrammar grammar;
    private final List<Item> items;
    private List<Hypothesis> beam = new ArrayList<>();

    private final Closings closings;
    private final int width;
    /** The cost of the cheapest reading up to the item that is looked at, as far as it is known. */
    private double cheapest;

    private final Map<Meaning.Choice, Candidate> chosen = new IdentityHashMap<>();

    private Assignment(LabelGrammar grammar, List<Item> items, String text, int widest) {
        this.closings = new Closings(grammar, items, text);
        this.width = Math.max(NARROWEST, Math.min(widest, WORK / Math.max(1, items.size())));
        this.grammar = grammar;
        this.items = items;
    }

    /** The readings of {@code items}, cheapest first. @param text as it was given */
    static List<Hypothesis> readings(LabelGrammar grammar, List<Item> items, String text, int widest) {
        Assignment assignment = new Assignment(grammar, items, text, widest);
        assignment.run();
        return assignment.beam;
    }

    private void run() {
        beam.add(new Hypothesis());
        for (int i = 0; i < items.size(); i++) {
            List<Hypothesis> next = new ArrayList<>(beam.size() * 3);
            cheapest = Double.MAX_VALUE;
            for (Hypothesis state : beam) {
                if (state.cost > cheapest + HOPELESS) {
                    break;
                }
                int before = next.size();
                step(state, i, next);
                for (int at = before; at < next.size(); at++) {
                    cheapest = Math.min(cheapest, next.get(at).cost);
                }
            }
            beam = best(next);
        }
        cheapest = Double.MAX_VALUE;
        List<Hypothesis> done = new ArrayList<>();
        for (Hypothesis state : beam) {
            for (Hypothesis closed : closings.of(state, cheapest + HOPELESS)) {
                done.add(closings.orphaned(closed));
            }
        }
        beam = best(done);
    }

    private List<Hypothesis> best(List<Hypothesis> all) {
        for (Hypothesis state : all) {
            cheapest = Math.min(cheapest, state.cost);
        }
        List<Hypothesis> hopeful = new ArrayList<>(all.size());
        for (Hypothesis state : all) {
            if (state.cost <= cheapest + HOPELESS) {
                hopeful.add(state);
            }
        }
        hopeful.sort(CHEAPEST_FIRST);
        List<Hypothesis> out = new ArrayList<>(width);
        Set<Long> seen = new HashSet<>(4 * width);
        for (Hypothesis state : hopeful) {
            if (out.size() >= width) {
                break;
            }
            if (seen.add(state.key())) {
                out.add(state);
            }
        }
        return out;
    }

    private void step(Hypothesis state, int i, List<Hypothesis> next) {
        Item item = items.get(i);
        switch (item.kind()) {
            case NUMBER -> figure(state, i, next);
            case BREAK -> {
                for (Hypothesis closed : closings.of(state, cheapest + HOPELESS)) {
                    closed.nameFar += Costs.LINE_BETWEEN;
                    next.add(closed);
                }
                if (state.open >= 0) {
                    Hypothesis waiting = state.copy();
                    waiting.openFar += Costs.LINE_BETWEEN;
                    waiting.nameFar += Costs.LINE_BETWEEN;
                    next.add(waiting);
                }
            }
            case SIGN -> sign(state, item, next);
            case PHRASE -> phrase(state, i, next);
            case WORD -> {
                Hypothesis passed = state.copy().plus(Costs.UNKNOWN_WORD);
                passed.openFar += Costs.WORD_BETWEEN;
                passed.nameFar += Costs.WORD_BETWEEN;
                next.add(passed);
            }
            case CODE, SPELLED -> figure(state, i, next);
        }
    }

    private void sign(Hypothesis state, Item item, List<Hypothesis> next) {
        boolean isParting = ",;|()".contains(item.text());
        if (!isParting && !item.text().equals("@")) {
            next.add(state);
            return;
        }
        Hypothesis passed = state.copy();
        passed.openFar += Costs.SIGN_BETWEEN;
        passed.nameFar += isParting ? Costs.SIGN_BETWEEN : 0;
        next.add(passed);
    }

    private void figure(Hypothesis state, int i, List<Hypothesis> next) {
        for (Hypothesis closed : closings.of(state, cheapest + HOPELESS)) {
            if (closed.name >= 0) {
                Hypothesis bound = closed.copy();
                bound.openName = bound.name;
                bound.openFar = bound.nameFar;
                bound.name = -1;
                next.add(open(bound, i));
                closed.nameFar += Costs.WORD_BETWEEN;
            }
            if (closed.name < 0 || !items.get(i).isTied()) {
                closed.openFar = 0;
                next.add(open(closed, i));
            }
        }
    }

    private static Hypothesis open(Hypothesis state, int i) {
        state.open = i;
        state.openLast = i;
        state.openUnit = null;
        return state;
    }

    private void phrase(Hypothesis state, int i, List<Hypothesis> next) {
        Item item = items.get(i);
        boolean isName = false;
        boolean isPlain = true;
        for (Meaning meaning : item.meanings().all) {
            if (meaning instanceof Meaning.Name || meaning instanceof Meaning.Foreign) {
                isName = true;
            } else if (meaning instanceof Meaning.OfUnit of) {
                isPlain = false;
                if (of.unit() == Unit.FOREIGN && item.means(Meaning.Kind.NAME)) {
                    continue;
                }
                if (state.open >= 0 && state.openUnit == null && state.openLast == i - 1) {
                    Hypothesis with = state.copy();
                    with.openUnit = of.unit();
                    with.openLast = i;
                    next.add(with);
                }
            } else if (meaning instanceof Meaning.Choice choice) {
                isPlain = false;
                choice(state, choice, i, next);
            } else if (meaning instanceof Meaning.About about) {
                isPlain = false;
                for (Hypothesis closed : closings.of(state, cheapest + HOPELESS)) {
                    closed.about = about.group();
                    closed.restated = about.group();
                    closed.nameFar += Costs.SIGN_BETWEEN;
                    next.add(closed);
                }
            } else if (meaning instanceof Meaning.Tells || meaning instanceof Meaning.Filler) {
                isPlain = false;
                next.add(state);
            }
        }
        boolean isGluedUnit = item.unit() != null
                && state.open >= 0
                && state.openUnit == null
                && state.openLast == i - 1
                && items.get(i - 1).end() == item.start();
        int before = next.size();
        if (isName) {
            named(state, i, next);
        }
        double passing = isPlain && !isName
                ? Costs.UNKNOWN_WORD / 2
                : item.unit() == null
                        ? Costs.passed(item)
                        : isBehindFigure(state, i) ? Costs.UNIT_OF_OTHER : Costs.ORPHAN_UNIT;
        if (state.cost + passing <= cheapest + HOPELESS) {
            Hypothesis passed = state.copy().plus(passing);
            passed.openFar += Costs.WORD_BETWEEN;
            passed.nameFar += Costs.WORD_BETWEEN;
            next.add(passed);
        }
        if (isGluedUnit) {
            // what touches its figure is its unit
            next.subList(before, next.size()).forEach(s -> s.plus(Costs.GLUED_UNIT));
        }
    }

    private static boolean isBehindFigure(Hypothesis state, int i) {
        return state.open >= 0 && state.openUnit == null && state.openLast == i - 1;
    }

    /** A name: of the figure that waits in front of it, or of one to come. */
    private void named(Hypothesis state, int i, List<Hypothesis> next) {
        if (state.open >= 0 && state.openName < 0) {
            Hypothesis bound = about(state.copy(), i);
            bound.openName = i;
            bound.openFar += items.get(i).isForeign() ? Costs.FOREIGN_BEHIND : Costs.BEHIND;
            next.addAll(closings.of(bound, cheapest + HOPELESS));
        }
        for (Hypothesis closed : closings.of(state, cheapest + HOPELESS)) {
            boolean isSame = closed.name >= 0 && areSame(closed.name, i);
            Hypothesis waiting = isSame ? closed : closings.orphaned(closed);
            waiting.name = i;
            waiting.nameFar = 0;
            next.add(about(waiting, i));
        }
    }

    private Hypothesis about(Hypothesis state, int i) {
        for (Meaning meaning : items.get(i).meanings().all) {
            if (meaning instanceof Meaning.About about) {
                state.about = about.group();
                state.restated = about.group();
            }
        }
        return state;
    }

    /** Whether two phrases name the same: a label in two languages says each twice. */
    private boolean areSame(int one, int other) {
        for (Meaning meaning : items.get(one).meanings().all) {
            if (meaning instanceof Meaning.Name name && isNamed(other, name.field())) {
                return true;
            }
        }
        return false;
    }

    private void choice(Hypothesis state, Meaning.Choice choice, int i, List<Hypothesis> out) {
        Hypothesis told = state.copy();
        LabelField field = choice.field();
        if (told.name >= 0 && isNamed(told.name, field)) {
            told.name = -1;
            told.plus(Costs.NAMED_CHOICE);
        }
        Candidate candidate = chosen.computeIfAbsent(
                choice, word -> Candidate.of(grammar, field, List.of(new Told(field.path(), word.value())), null, 0));
        // words that tell a row each say it whole, as a figure does that is tied to its name
        for (Hypothesis next : told.took(grammar, candidate, field.shape() == null, -1, i, i)) {
            next.openFar += Costs.WORD_BETWEEN / 2;
            out.add(next);
        }
    }

    private boolean isNamed(int name, LabelField field) {
        for (Meaning meaning : items.get(name).meanings().all) {
            if (meaning instanceof Meaning.Name of && of.field().path().equals(field.path())) {
                return true;
            }
        }
        return false;
    }
}
