package zestbench.core.capacitor;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import zestbench.core.family.Sections;
import zestbench.core.family.Spec;
import zestbench.core.quantity.Figures;
import zestbench.core.quantity.InputProblem;
import zestbench.core.quantity.Limits;

/** A capacitor by its rated values, as the rules use it; what the label leaves out is empty, never guessed. */
public record CapacitorRating(
        Optional<Duty> duty,
        List<Section> sections,
        Optional<Limits> startRange,
        Optional<Double> volts,
        Tolerance tolerance,
        List<Double> hertz,
        Optional<Double> minCelsius,
        Optional<Double> maxCelsius,
        Optional<String> shape,
        Optional<Double> diameterInches,
        Optional<Double> heightInches,
        Optional<String> protection,
        Optional<Boolean> bleedResistor) {
    /** What it is built for. */
    public enum Duty {
        RUN,
        START
    }

    /** The stud a section serves; it joins the other section at C. */
    public enum Terminal {
        HERM,
        FAN
    }

    /** One capacitance inside the can. @param microfarads rated value, above 0 */
    public record Section(
            @Nullable Terminal terminal, @Nullable String name, double microfarads) {
        /** The name on the stud, or the section's number where none is printed. */
        String label(int index) {
            if (terminal != null) {
                return terminal.name();
            }
            return name != null ? name : String.valueOf(index + 1);
        }
    }

    /** Kinds that fail safe. [IEC 60252-1 P2, S2, S3; UL 810 10000 AFC, from memory] */
    private static final Set<String> PROTECTED = Set.of("P2", "S2", "S3", "10000 AFC");

    private static final double LARGEST_MICROFARADS = 100_000;

    /** Takes a spec as a rating; throws where what is given contradicts itself. */
    public static CapacitorRating from(Spec spec) {
        List<Section> sections = new ArrayList<>();
        List<Spec> rows = Sections.of(spec);
        for (int i = 0; i < rows.size(); i++) {
            sections.add(section(rows.get(i), Sections.ATTRIBUTE + "[" + i + "]"));
        }
        long terminals = sections.stream()
                .map(Section::terminal)
                .filter(t -> t != null)
                .distinct()
                .count();
        long named = sections.stream().filter(s -> s.terminal() != null).count();
        InputProblem.require(
                terminals == named, Sections.ATTRIBUTE, rows.size(), "HERM and FAN can each be there once");
        return new CapacitorRating(
                spec.text("duty").map(d -> d.equals("run") ? Duty.RUN : Duty.START),
                sections,
                range(spec),
                spec.number("volts").filter(v -> v > 0),
                Tolerance.from(spec),
                spec.numbers("hertz"),
                spec.number("minCelsius"),
                spec.number("maxCelsius"),
                spec.text("shape"),
                spec.number("diameterInches"),
                spec.number("heightInches"),
                spec.text("protection"),
                spec.flag("bleedResistor"));
    }

    private static Section section(Spec row, String field) {
        double microfarads = row.number(Sections.MICROFARADS).orElse(0.0);
        InputProblem.require(
                microfarads > 0 && microfarads <= LARGEST_MICROFARADS,
                field + ".microfarads",
                microfarads,
                "give the rated µF, above 0");
        Terminal terminal = Sections.terminal(row).map(Terminal::valueOf).orElse(null);
        return new Section(terminal, row.text(Sections.NAME).orElse(null), microfarads);
    }

    private static Optional<Limits> range(Spec spec) {
        Optional<Double> low = spec.number("microfaradsLow");
        Optional<Double> high = spec.number("microfaradsHigh");
        if (low.isEmpty() || high.isEmpty()) {
            return Optional.empty();
        }
        InputProblem.require(
                low.get() > 0 && low.get() <= high.get(),
                "microfaradsLow",
                low.get(),
                "the range runs from low to high, above 0");
        return Optional.of(new Limits(low.get(), high.get()));
    }

    public boolean isDual() {
        return sections.size() == 2 && sections.stream().allMatch(s -> s.terminal() != null);
    }

    /** Several sections free to choose from, none bound to a stud's duty. */
    public boolean isUniversal() {
        return sections.size() > 1 && sections.stream().allMatch(s -> s.terminal() == null);
    }

    public boolean isSingle() {
        return sections.size() == 1;
    }

    public boolean isProtected() {
        return protection.map(PROTECTED::contains).orElse(false);
    }

    /** Names under which readings are taken, one for each section. */
    public List<String> subjects() {
        if (sections.size() <= 1) {
            return List.of(Sections.WHOLE);
        }
        List<String> names = new ArrayList<>();
        for (int i = 0; i < sections.size(); i++) {
            names.add(sections.get(i).label(i));
        }
        return names;
    }

    /** {@code 45+5 µF}. */
    public String valueText() {
        if (startRange.isPresent()) {
            Limits range = startRange.get();
            return Figures.plain(range.low()) + "–" + Figures.plain(range.high()) + " µF";
        }
        if (sections.isEmpty()) {
            return "µF not read";
        }
        return String.join(
                        "+",
                        sections.stream()
                                .map(s -> Figures.plain(s.microfarads()))
                                .toList())
                + " µF";
    }

    /** {@code 45+5 µF 440 V}. */
    public String voltsText() {
        return valueText() + volts.map(v -> " " + Figures.plain(v) + " V").orElse("");
    }

    /** {@code 45+5 µF 440 V ±6 %}, with what is known. */
    public String text() {
        boolean says = tolerance.printed() && startRange.isEmpty();
        return voltsText() + (says ? " " + tolerance.text() : "");
    }
}
