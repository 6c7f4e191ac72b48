package zestbench.core.plate;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import zestbench.core.family.Spec;
import zestbench.core.label.LabelRead;
import zestbench.core.quantity.ShaftPower;
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
        fans(plate, "outdoorFans", out);
        fans(plate, "indoorFans", out);
        for (PlateChecks.Check check : PlateChecks.of(plate)) {
            if (!check.agrees()) {
                add(out, check);
            }
        }
        return out;
    }

    private static void fans(Spec plate, String rows, List<LabelRead.Doubt> out) {
        double volts = plate.numbers("volts").stream().mapToDouble(v -> v).max().orElse(0);
        List<Spec> fans = plate.rows(rows);
        for (int i = 0; i < fans.size(); i++) {
            double horsepower = fans.get(i).number("horsepower").orElse(0.0);
            double amps = fans.get(i).number("fullLoadAmps").orElse(0.0);
            if (ShaftPower.isImpossible(
                    horsepower, volts, amps, plate.number("phase").orElse(0.0))) {
                String why = ShaftPower.words(horsepower, volts, amps);
                out.add(new LabelRead.Doubt(rows + "[" + i + "].horsepower", why, null));
                out.add(new LabelRead.Doubt(rows + "[" + i + "].fullLoadAmps", why, null));
            }
        }
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
