package zestbench.core.capacitor;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import zestbench.core.family.MatchRequest.StockLine;
import zestbench.core.family.Spec;
import zestbench.core.value.Value;

/** Made-up capacitors for tests. */
final class Parts {
    private Parts() {}

    /** A run capacitor; a single one where {@code fan} is 0. */
    static CapacitorRating run(double herm, double fan, double volts, double percent) {
        return CapacitorRating.from(spec(herm, fan, volts, percent));
    }

    static Spec spec(double herm, double fan, double volts, double percent) {
        List<Value> rows = new ArrayList<>();
        rows.add(row(fan > 0 ? "HERM" : null, herm));
        if (fan > 0) {
            rows.add(row("FAN", fan));
        }
        return with(rows, volts, percent);
    }

    static Spec universal(double volts, double percent, double... sections) {
        List<Value> rows = new ArrayList<>();
        for (int i = 0; i < sections.length; i++) {
            Map<String, Value> row = new LinkedHashMap<>();
            row.put("name", Value.of("S" + (i + 1)));
            row.put("microfarads", Value.of(sections[i]));
            rows.add(new Value.Fields(row));
        }
        return with(rows, volts, percent);
    }

    static StockLine line(String id, int quantity, Spec spec) {
        return new StockLine(id, quantity, spec, 0);
    }

    private static Spec with(List<Value> rows, double volts, double percent) {
        Spec spec = Spec.EMPTY.with("duty", Value.of("run")).with("sections", new Value.Items(rows));
        spec = volts > 0 ? spec.with("volts", Value.of(volts)) : spec;
        return percent > 0
                ? spec.with("tolerancePlusPercent", Value.of(percent)).with("toleranceMinusPercent", Value.of(percent))
                : spec;
    }

    private static Value row(String terminal, double microfarads) {
        Map<String, Value> row = new LinkedHashMap<>();
        if (terminal != null) {
            row.put("terminal", Value.of(terminal));
        }
        row.put("microfarads", Value.of(microfarads));
        return new Value.Fields(row);
    }
}
