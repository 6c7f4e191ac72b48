package zestbench.core.plate;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import zestbench.core.family.Spec;
import zestbench.core.quantity.Figures;
import zestbench.core.value.Value;

/**
 * What the rest of a call needs of a unit's plate, with what is taken where the plate does not say.
 *
 * @param phase 1 or 3; 1 where unknown
 * @param nominalVolts the highest rated volts, 0 where unknown
 * @param tons of nominal cooling, 0 where unknown
 * @param ratedLoadAmps of the first compressor, 0 where unknown
 * @param fanFullLoadAmps of the first outdoor fan, 0 where unknown
 */
public record PlateFacts(
        int phase, double nominalVolts, double tons, double ratedLoadAmps, double fanFullLoadAmps, String line) {
    private static final int YEAR = 4;

    public static PlateFacts of(Spec plate) {
        double volts = 0;
        for (double rated : plate.numbers("volts")) {
            volts = Math.max(volts, rated);
        }
        int phase = plate.number("phase").orElse(1.0) == 3 ? 3 : 1;
        double tons = plate.number("nominalBtuPerHour").orElse(0.0) / Capacity.BTU_PER_HOUR_PER_TON;
        return new PlateFacts(
                phase,
                volts,
                tons,
                first(plate.rows("compressors"), "ratedLoadAmps"),
                first(plate.rows("outdoorFans"), "fullLoadAmps"),
                line(plate, tons, phase));
    }

    /** What the form of a new unit asks, from {@code plate}. @param tons null where the plate does not say */
    public record UnitSaid(
            String volts, int phase, @Nullable Double tons) {
        public static UnitSaid of(Spec plate) {
            PlateFacts facts = PlateFacts.of(plate);
            return new UnitSaid(PlateFacts.volts(plate), facts.phase(), facts.tons() > 0 ? facts.tons() : null);
        }
    }

    /** What is known of a unit before its plate is read. @param tons 0 where unknown */
    public static Spec before(List<Double> volts, int phase, double tons) {
        Map<String, Value> out = new LinkedHashMap<>();
        out.put("volts", new Value.Items(volts.stream().map(Value::of).toList()));
        out.put("phase", Value.of(phase));
        if (tons > 0) {
            out.put("nominalBtuPerHour", Value.of(tons * Capacity.BTU_PER_HOUR_PER_TON));
        }
        return new Spec(new Value.Fields(out));
    }

    /** The volts as plates print them, {@code 208/230}; empty where the plate does not say. */
    static String volts(Spec plate) {
        return plate.numbers("volts").stream().map(Figures::plain).collect(Collectors.joining("/"));
    }

    private static double first(List<Spec> rows, String field) {
        return rows.isEmpty() ? 0 : rows.get(0).number(field).orElse(0.0);
    }

    /** The unit in one line: {@code 3.5 ton · 208/230 V 1 ph · made 04/2014}. */
    private static String line(Spec plate, double tons, int phase) {
        StringBuilder out = new StringBuilder();
        if (tons > 0) {
            out.append(Figures.plain(tons)).append(" ton");
        }
        String volts = volts(plate);
        if (!volts.isEmpty()) {
            out.append(out.isEmpty() ? "" : " · ");
            out.append(volts).append(" V ").append(phase).append(" ph");
        }
        plate.text("manufactured")
                .ifPresent(made ->
                        out.append(out.isEmpty() ? "" : " · ").append("made ").append(made(made)));
        return out.isEmpty() ? "plate not read yet" : out.toString();
    }

    /** {@code 2014-04} as plates print it, {@code 04/2014}. */
    private static String made(String text) {
        return text.matches("\\d{4}-\\d{2}") ? text.substring(YEAR + 1) + "/" + text.substring(0, YEAR) : text;
    }
}
