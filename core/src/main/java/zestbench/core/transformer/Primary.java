package zestbench.core.transformer;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import zestbench.core.family.Spec;
import zestbench.core.quantity.Figures;

/**
 * The primary of a transformer by its printed leads: which two serve a line, what volts lie between any two by design, and
 * what the line would do across a wrong pair. Colours are no code between makers. [physics]
 */
public record Primary(List<Lead> leads) {
    /** A printed lead. @param volts to the common; 0 for the common itself */
    public record Lead(String colour, double volts) {
        public String words() {
            return colour + (volts == 0 ? " (common)" : " (" + Figures.plain(volts) + " V)");
        }
    }

    /**
     * Two leads put across a line.
     *
     * @param designVolts between them
     * @param times the line is of them
     * @param secondaryVolts that come out, no load on it
     */
    public record Pair(Lead one, Lead two, double designVolts, double times, double secondaryVolts, String words) {
        /** Whether what comes out serves coils of {@code rated} volts: 85 to 110 %. [IEC 60947-4-1] */
        public boolean isRight(double rated) {
            return secondaryVolts >= TransformerLimits.LEAST_OFFERED * rated
                    && secondaryVolts <= TransformerLimits.MOST_OFFERED * rated;
        }
    }

    /** What a transformer's label gives its secondary, the usual where it is silent. */
    public static double secondaryVolts(Spec spec) {
        return spec.number("secondaryVolts").orElse(TransformerLimits.USUAL_SECONDARY_VOLTS);
    }

    public static Primary of(Spec spec) {
        List<Lead> out = new ArrayList<>();
        for (Spec row : spec.rows("leads")) {
            Optional<Double> volts = row.number("volts");
            if (volts.isPresent()) {
                out.add(new Lead(row.text("color").orElse("unnamed"), volts.get()));
            }
        }
        return new Primary(List.copyOf(out));
    }

    Optional<Lead> common() {
        return leads.stream().filter(l -> l.volts() == 0).findFirst();
    }

    /** The lead named for a line: that of the tap nearest to it, where one lies within a tenth. */
    Optional<Lead> named(double lineVolts) {
        return leads.stream()
                .filter(l ->
                        l.volts() > 0 && Math.abs(lineVolts - l.volts()) <= TransformerLimits.TAP_WITHIN * l.volts())
                .min((a, b) -> Double.compare(Math.abs(lineVolts - a.volts()), Math.abs(lineVolts - b.volts())));
    }

    /** Every pair of leads with what {@code lineVolts} would do across it, the intended one first. */
    public List<Pair> pairs(double lineVolts, double secondaryVolts) {
        List<Pair> out = new ArrayList<>();
        for (int i = 0; i < leads.size(); i++) {
            for (int j = i + 1; j < leads.size(); j++) {
                out.add(pair(leads.get(i), leads.get(j), lineVolts, secondaryVolts));
            }
        }
        out.sort((a, b) -> Double.compare(Math.abs(a.times() - 1), Math.abs(b.times() - 1)));
        return out;
    }

    /** The line across two leads. @param secondaryVolts rated */
    public static Pair pair(Lead one, Lead two, double lineVolts, double secondaryVolts) {
        double design = Math.abs(one.volts() - two.volts());
        double times = design == 0 ? Double.POSITIVE_INFINITY : lineVolts / design;
        double out = design == 0 ? 0 : secondaryVolts * times;
        String name = one.colour() + "–" + two.colour() + ": " + Figures.plain(design) + " V by design, ";
        String words = times > TransformerLimits.PRIMARY_STANDS
                ? name
                        + (design == 0
                                ? "a short"
                                : "the line is " + Figures.fixed(times, 2) + " times that: this burns it")
                : name + "gives " + Figures.fixed(out, 1) + " V";
        return new Pair(one, two, design, times, out, words);
    }
}
