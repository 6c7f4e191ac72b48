package zestbench.core.options;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
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
 */
public record CustomerOption(
        String key,
        Tier tier,
        String words,
        List<Line> parts,
        double labour,
        @Nullable String warranty) {
    private static final double MOST = 1_000_000;
    private static final int MOST_PIECES = 100;
    private static final int CENTS = 2;

    /** How far it goes. */
    public enum Tier {
        STOPGAP("Temporary"),
        PROPER("Repair"),
        BETTER("Upgrade");

        private final String title;

        Tier(String title) {
            this.title = title;
        }

        public String title() {
            return title;
        }
    }

    /** A part of it. @param each its price */
    public record Line(String name, int count, double each) {
        public Line {
            InputProblem.require(!name.isBlank(), "name", name, "name the part");
            InputProblem.require(count >= 1 && count <= MOST_PIECES, "count", count, "give 1 to 100 pieces");
            InputProblem.require(each >= 0 && each <= MOST, "each", each, "give a price from 0");
        }
    }

    public CustomerOption {
        parts = List.copyOf(parts);
        InputProblem.require(!words.isBlank(), "words", words, "say what is done");
        InputProblem.require(labour >= 0 && labour <= MOST, "labour", labour, "give a price from 0");
    }

    /** Parts and labour, to the cent. */
    public double total() {
        BigDecimal sum = BigDecimal.valueOf(labour);
        for (Line line : parts) {
            sum = sum.add(BigDecimal.valueOf(line.each()).multiply(BigDecimal.valueOf(line.count())));
        }
        return sum.setScale(CENTS, RoundingMode.HALF_UP).doubleValue();
    }

    /** How the total came about. */
    public String reckoning() {
        StringBuilder out = new StringBuilder();
        for (Line line : parts) {
            out.append(line.count())
                    .append(" × ")
                    .append(Figures.fixed(line.each(), CENTS))
                    .append(" + ");
        }
        return out.append("labour ")
                .append(Figures.fixed(labour, CENTS))
                .append(" = ")
                .append(Figures.fixed(total(), CENTS))
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
