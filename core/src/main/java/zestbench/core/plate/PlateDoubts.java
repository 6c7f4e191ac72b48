package zestbench.core.plate;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import zestbench.core.family.Spec;
import zestbench.core.label.LabelRead;
import zestbench.core.value.Value;

/** What a plate as read leaves open: a size that cannot be told, and figures that do not go together. */
final class PlateDoubts {
    private static final String NOMINAL = "nominalBtuPerHour";

    private PlateDoubts() {}

    /** Only where the model number holds one size; else it is asked, never picked. */
    static void settleCapacity(Map<String, Value> fields) {
        List<Capacity.Candidate> candidates = Capacity.ranked(new Spec(new Value.Fields(fields)));
        if (candidates.size() == 1) {
            fields.put(NOMINAL, Value.of(candidates.get(0).capacity().btuPerHour()));
        }
    }

    static List<LabelRead.Doubt> of(Spec plate) {
        List<LabelRead.Doubt> out = new ArrayList<>();
        List<Capacity.Candidate> candidates = Capacity.ranked(plate);
        if (candidates.size() > 1 && !plate.has(NOMINAL)) {
            out.add(size(candidates));
        }
        for (PlateChecks.Check check : PlateChecks.of(plate)) {
            if (!check.agrees()) {
                add(out, check);
            }
        }
        return out;
    }

    private static LabelRead.Doubt size(List<Capacity.Candidate> candidates) {
        List<Capacity.Candidate> likely =
                candidates.stream().filter(Capacity.Candidate::likely).toList();
        if (likely.size() == 1) {
            Capacity found = likely.get(0).capacity();
            return new LabelRead.Doubt(
                    NOMINAL,
                    "the model number holds more than one size; the compressor's RLA speaks for " + found.group(),
                    Value.of(found.btuPerHour()));
        }
        List<String> groups = candidates.stream().map(c -> c.capacity().group()).toList();
        return new LabelRead.Doubt(
                NOMINAL, "the model number holds more than one size: " + String.join(", ", groups), null);
    }

    /** Figures that do not go together are doubted, with the one-digit misreadings that would mend them. */
    private static void add(List<LabelRead.Doubt> out, PlateChecks.Check check) {
        String why = check.name() + " does not agree: " + check.reckoning().text();
        for (PlateChecks.Correction correction : check.corrections()) {
            out.add(new LabelRead.Doubt(
                    correction.field(), why + " It may be " + correction.text() + ".", Value.of(correction.likely())));
        }
        if (!check.leftOut().isEmpty() || check.corrections().isEmpty()) {
            String left = check.leftOut().isEmpty() ? "" : " Or " + check.leftOut() + ".";
            out.add(new LabelRead.Doubt(check.field(), why + left, null));
        }
    }
}
