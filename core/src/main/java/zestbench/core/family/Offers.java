package zestbench.core.family;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;
import zestbench.core.family.MatchAnswer.Match;
import zestbench.core.judgement.Finding;
import zestbench.core.judgement.Grade;
import zestbench.core.judgement.Mark;
import zestbench.core.quantity.InputProblem;

/** Grades offers, or what lies in stock, one by one: best grade first, then what is nearest, then what costs least. */
public final class Offers {
    /** So many of each grade are kept of a stock. */
    private static final int KEPT = 12;

    private Offers() {}

    private record Ranked(Match match, double off, double cost) {}

    /**
     * How a family compares.
     *
     * @param compare one offer with what is needed; throws where the offer is no part of the family
     * @param title of an offer in a few words
     * @param off how far an offer is from what is needed, for the order within a grade
     * @param pieces of the same kind that are used together: a set of fuses
     */
    public record Way(
            Function<Spec, Comparison> compare, Function<Spec, String> title, ToDoubleFunction<Spec> off, int pieces) {}

    /** @param before what is to be said before any offer */
    public static MatchAnswer graded(MatchRequest request, List<Finding> before, Way way) {
        Set<Finding> findings = new LinkedHashSet<>(before);
        List<Ranked> ranked = new ArrayList<>();
        for (int i = 0; i < request.offers().size(); i++) {
            MatchRequest.Offer offer = request.offers().get(i);
            ranked.add(rank(offer.id(), offer.spec(), 0, "offers[" + i + "].spec", way, findings, way.pieces()));
        }
        for (int i = 0; i < request.stock().size(); i++) {
            MatchRequest.StockLine line = request.stock().get(i);
            if (line.quantity() > 0) {
                ranked.add(rank(
                        line.id(), line.spec(), line.cost(), "stock[" + i + "].spec", way, findings, line.quantity()));
            }
        }
        ranked.sort(Comparator.comparing((Ranked r) -> r.match().grade())
                .thenComparingDouble(Ranked::off)
                .thenComparingDouble(Ranked::cost)
                .thenComparing(r -> r.match().offer().get(0)));
        Map<Grade, Integer> kept = new EnumMap<>(Grade.class);
        List<Match> out = new ArrayList<>();
        for (Ranked each : ranked) {
            if (request.stock().isEmpty() || kept.merge(each.match().grade(), 1, Integer::sum) <= KEPT) {
                out.add(each.match());
            }
        }
        findings.add(Finding.info("The unit's own diagram and the part's own sheet come first."));
        return new MatchAnswer(List.copyOf(findings), out);
    }

    private static Ranked rank(
            String id, Spec spec, double cost, String place, Way way, Set<Finding> findings, int there) {
        Comparison comparison;
        try {
            comparison = way.compare().apply(spec);
        } catch (InputProblem problem) {
            throw problem.within(place);
        }
        if (there < way.pieces()) {
            comparison.change("Only " + there + " of " + way.pieces() + " are there: the whole set goes in at once.");
            comparison.add(
                    "quantity",
                    way.pieces() + " pieces",
                    String.valueOf(there),
                    Grade.NEEDS_CHANGE,
                    Mark.PRACTICE,
                    "the set has to be filled up first");
        }
        findings.addAll(comparison.findings());
        List<String> ids = new ArrayList<>();
        for (int i = 0; i < Math.min(there, way.pieces()); i++) {
            ids.add(id);
        }
        Match match = new Match(
                ids,
                List.of(),
                way.title().apply(spec),
                comparison.grade(),
                comparison.criteria(),
                comparison.changes(),
                comparison.asks());
        return new Ranked(match, way.off().applyAsDouble(spec), cost);
    }
}
