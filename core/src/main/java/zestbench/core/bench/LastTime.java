package zestbench.core.bench;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import zestbench.core.bench.PartViews.LastTimeView;
import zestbench.core.family.Spec;
import zestbench.core.tape.CallState;
import zestbench.core.tape.PartEntry;
import zestbench.core.tape.PartState;
import zestbench.core.tape.Taken;

/** A part as it was read or left at an earlier visit. */
public final class LastTime {
    private LastTime() {}

    /** The part at the same place under the same name on an earlier visit; null where its label was not read there. */
    public static @Nullable LastTimeView on(CallState visit, long openedAtMillis, PartState wanted) {
        for (PartState part : visit.parts()) {
            boolean isSame = part.added().place().equals(wanted.added().place())
                    && part.added().title().equals(wanted.added().title());
            if (isSame && !part.spec().isEmpty()) {
                return view(part, openedAtMillis);
            }
        }
        return null;
    }

    /** A replaced part counts with the label and values it was left with. */
    private static LastTimeView view(PartState part, long atMillis) {
        PartEntry.Chosen chosen = part.closed() == null ? null : part.chosen();
        Map<String, Taken> taken =
                chosen == null ? part.tests().readings() : part.tests().newReadings();
        Spec spec = chosen == null || chosen.pieces().size() != 1
                ? part.spec()
                : chosen.pieces().get(0).spec();
        List<String> readings = taken.values().stream()
                .map(t -> t.judged().subject() + " " + t.judged().reading().text())
                .toList();
        String rating = part.family().shortText(spec);
        Map<String, Double> figures = new LinkedHashMap<>();
        taken.values().stream()
                .map(Taken::judged)
                .filter(j -> j.reading().isFigure())
                .forEach(j -> figures.put(j.subject(), j.reading().value()));
        return new LastTimeView(atMillis, rating, spec, rating, readings, figures);
    }
}
