package zestbench.core.tape;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/** What was written of a unit since the motor at a place was last replaced: a new one starts a new line. */
final class SinceNew {
    private SinceNew() {}

    /** @param tapes of a unit, the earliest visit first @param place by its name */
    static List<Line> lines(List<List<Line>> tapes, String place) {
        List<Line> out = List.of();
        for (List<Line> tape : tapes) {
            out = after(out, tape, place);
        }
        return out;
    }

    /** As it stands after one visit. */
    private static List<Line> after(List<Line> before, List<Line> tape, String place) {
        Set<Long> struck = UnitEntry.Struck.on(tape);
        Set<String> here = new LinkedHashSet<>();
        tape.forEach(line -> {
            if (line.entry() instanceof PartEntry.PartAdded added
                    && added.place().equals(place)) {
                here.add(added.part());
            }
        });
        List<Line> old = new ArrayList<>(before);
        List<Line> now = old;
        for (Line line : tape) {
            Entry entry = line.entry();
            if (struck.contains(line.number())) {
                continue;
            }
            if (entry instanceof PartEntry.Chosen chosen && here.contains(chosen.part())) {
                now = new ArrayList<>();
            } else if (entry instanceof PartEntry.PutBack back && here.contains(back.part())) {
                now = old;
            } else {
                now.add(line);
            }
        }
        return now;
    }
}
