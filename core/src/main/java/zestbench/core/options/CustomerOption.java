package zestbench.core.options;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import zestbench.core.family.MatchAnswer.Match;
import zestbench.core.judgement.Grade;
import zestbench.core.quantity.Figures;
import zestbench.core.quantity.InputProblem;

/**
 * One way to put a fault right, as it is offered to the customer.
 *
 * @param key by which it is chosen
 * @param words what is done
 * @param labour its price
 * @param warranty in words, such as "5 years on the part"; null where none is promised
 * @param weighs what speaks for it and against it
 */
public record CustomerOption(
        String key,
        Tier tier,
        String words,
        List<Line> parts,
        double labour,
        @Nullable String warranty,
        List<Weighed> weighs) {
    private static final double MOST = 1_000_000;
    private static final int MOST_PIECES = 100;
    private static final int CENTS = 2;

    /** How far it goes. */
    public enum Tier {
        STOPGAP("Temporary"),
        PROPER("Repair"),
        BETTER("Upgrade"),
        OUTDOOR_UNIT("Outdoor unit"),
        SYSTEM("Whole system");

        private final String title;

        Tier(String title) {
            this.title = title;
        }

        public String title() {
            return title;
        }
    }

    /** A part of it. @param each its price; null where that is still to be asked */
    public record Line(String name, int count, @Nullable Double each) {
        public Line {
            InputProblem.require(!name.isBlank(), "name", name, "name the part");
            InputProblem.require(count >= 1 && count <= MOST_PIECES, "count", count, "give 1 to 100 pieces");
            InputProblem.require(each == null || each >= 0 && each <= MOST, "each", each, "give a price from 0");
        }
    }

    /** What speaks for an option, or against it. */
    public record Weighed(String words, boolean speaksFor) {}

    public CustomerOption {
        parts = List.copyOf(parts);
        // tapes from before options were weighed have none
        weighs = weighs == null ? List.of() : List.copyOf(weighs);
        InputProblem.require(!words.isBlank(), "words", words, "say what is done");
        InputProblem.require(labour >= 0 && labour <= MOST, "labour", labour, "give a price from 0");
    }

    /** The same without a reason, as it is written by hand. */
    public CustomerOption(
            String key, Tier tier, String words, List<Line> parts, double labour, @Nullable String warranty) {
        this(key, tier, words, parts, labour, warranty, List.of());
    }

    /** Parts and labour, to the cent; empty while the price of a part is to be asked. */
    public Optional<Double> total() {
        BigDecimal sum = BigDecimal.valueOf(labour);
        for (Line line : parts) {
            if (line.each() == null) {
                return Optional.empty();
            }
            sum = sum.add(BigDecimal.valueOf(line.each()).multiply(BigDecimal.valueOf(line.count())));
        }
        return Optional.of(sum.setScale(CENTS, RoundingMode.HALF_UP).doubleValue());
    }

    /** The total as it is told. */
    public String toldTotal() {
        return total().map(t -> Figures.fixed(t, CENTS)).orElse("to be priced");
    }

    /** How the total came about; which parts have no price yet. */
    public String reckoning() {
        List<String> unpriced = parts.stream()
                .filter(line -> line.each() == null)
                .map(Line::name)
                .toList();
        if (!unpriced.isEmpty()) {
            return "to be priced: " + String.join(", ", unpriced);
        }
        StringBuilder out = new StringBuilder();
        for (Line line : parts) {
            out.append(line.count())
                    .append(" × ")
                    .append(Figures.fixed(Objects.requireNonNull(line.each()), CENTS))
                    .append(" + ");
        }
        return out.append("labour ")
                .append(Figures.fixed(labour, CENTS))
                .append(" = ")
                .append(toldTotal())
                .toString();
    }

    /** What each piece that a match may use costs. */
    public interface Prices {
        Line of(String id);
    }

    /**
     * Options that the matches for one part amount to: the best temporary one, the best lasting one, and the best of a
     * higher grade of make where it differs.
     *
     * @param matches best first
     */
    public static List<CustomerOption> of(List<Match> matches, Prices prices) {
        List<CustomerOption> out = new ArrayList<>();
        for (Match match : matches) {
            Tier tier = tier(match.grade(), out);
            if (tier != null && out.stream().noneMatch(o -> o.tier() == tier)) {
                List<Line> parts = match.offer().stream().map(prices::of).toList();
                out.add(new CustomerOption(tier.name(), tier, match.title(), parts, 0, null));
            }
        }
        out.sort((a, b) -> a.tier().compareTo(b.tier()));
        return out;
    }

    private static @Nullable Tier tier(Grade grade, List<CustomerOption> before) {
        if (!grade.fits()) {
            return null;
        }
        if (grade == Grade.STOPGAP) {
            return Tier.STOPGAP;
        }
        boolean hasProper = before.stream().anyMatch(o -> o.tier() == Tier.PROPER);
        return hasProper && grade == Grade.SUITABLE ? Tier.BETTER : Tier.PROPER;
    }
}
