package zestbench.core.label;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.jspecify.annotations.Nullable;
import zestbench.core.label.Shape.Fit;

/** The fields that each figure of a label can be taken for, by its name and unit; each is worked out once. */
final class Candidates {
    private static final int LEAST_OF_NAME = 4;

    private final LabelGrammar grammar;
    private final List<Item> items;
    private final String text;
    private final List<List<Known>> known;

    private record Known(int name, @Nullable Unit unit, List<Candidate> candidates) {}

    Candidates(LabelGrammar grammar, List<Item> items, String text) {
        this.grammar = grammar;
        this.items = items;
        this.text = text;
        this.known = new ArrayList<>(Collections.nCopies(items.size(), List.of()));
    }

    /** @param name item that names it; -1 where none does */
    List<Candidate> of(int figure, int name, @Nullable Unit unit) {
        for (Known each : known.get(figure)) {
            if (each.name == name && each.unit == unit) {
                return each.candidates;
            }
        }
        List<Candidate> all = name >= 0 ? named(figure, name, unit) : bare(figure, unit);
        if (known.get(figure).isEmpty()) {
            known.set(figure, new ArrayList<>());
        }
        known.get(figure).add(new Known(name, unit, all));
        return all;
    }

    private List<Candidate> named(int figure, int name, @Nullable Unit unit) {
        List<Candidate> out = new ArrayList<>();
        for (Meaning meaning : items.get(name).meanings().all) {
            if (meaning instanceof Meaning.Name of) {
                Shape shape = of.field().shape();
                if (shape != null && !(name > figure && shape.isCode())) {
                    add(of.field(), shape, figure, unit, 0, out);
                }
            }
        }
        return out;
    }

    private List<Candidate> bare(int figure, @Nullable Unit unit) {
        List<Candidate> out = new ArrayList<>();
        double strange = isBehindUnknown(figure) ? Costs.BEHIND_UNKNOWN : 0;
        for (LabelField field : grammar.bareFields()) {
            double cost = strange + (unit == null ? field.alone() : field.bare());
            if (cost < LabelField.NEVER && field.shape() != null) {
                int before = out.size();
                add(field, field.shape(), figure, unit, cost, out);
                if (unit == null && out.size() > before && out.get(before).cost() >= cost + Costs.UNUSUAL) {
                    // neither name nor unit, and no figure that is usual there: nothing speaks for it
                    out.remove(before);
                }
            }
        }
        return out;
    }

    /** Whether a word that nobody knows stands right in front of a figure, and may be its name. */
    private boolean isBehindUnknown(int figure) {
        return figure > 0
                && items.get(figure - 1).kind() == Item.Kind.WORD
                && items.get(figure - 1).text().length() >= LEAST_OF_NAME;
    }

    private void add(LabelField field, Shape shape, int at, @Nullable Unit unit, double cost, List<Candidate> out) {
        Item item = items.get(at);
        Figure figure = item.figure();
        Fit fit = figure == null ? null : shape.fit(field.path(), figure, unit);
        if (fit == null && unit == null) {
            boolean isSpelled = item.kind() == Item.Kind.SPELLED;
            fit = shape.printed(field.path(), isSpelled ? item.text() : text.substring(item.start(), item.end()));
        }
        if (fit != null) {
            double all = cost + fit.cost() + (unit == null ? 0 : Costs.WITH_UNIT);
            out.add(Candidate.of(grammar, field, fit.told(), unit, all));
        }
    }
}
