package zestbench.core.bench;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import zestbench.core.bench.PartViews.FindingView;
import zestbench.core.family.Family;
import zestbench.core.family.MatchAnswer;
import zestbench.core.family.MatchAnswer.Match;
import zestbench.core.judgement.Criterion;
import zestbench.core.judgement.Grade;
import zestbench.core.tape.CallState;

/** What the bench shows of what can be fitted. */
public final class MatchViews {
    private MatchViews() {}

    public record MatchesView(List<FindingView> findings, List<OfferView> offers, List<RefusedView> refused) {
        /** @param whereabouts of each id, such as B6; an id that is not in it is shown itself */
        public static MatchesView of(Family family, MatchAnswer answer, Map<String, String> whereabouts) {
            return new MatchesView(
                    answer.findings().stream().map(FindingView::of).toList(),
                    answer.matches().stream()
                            .map(m -> OfferView.of(family, m, whereabouts))
                            .toList(),
                    counted(family, answer.matches()));
        }
    }

    /**
     * @param canBeChosen whether it may be fitted
     * @param isRefused whether it may never be
     * @param needsReturnDate whether it comes out again on a day that has to be named
     * @param isPartlyThere whether a piece of it is in the unit already
     */
    public record OfferView(
            List<String> offer,
            String title,
            Grade grade,
            String word,
            String where,
            List<CellView> cells,
            List<String> changes,
            List<String> asks,
            boolean canBeChosen,
            boolean isRefused,
            boolean needsReturnDate,
            boolean isPartlyThere) {
        private static OfferView of(Family family, Match match, Map<String, String> whereabouts) {
            List<String> where = match.offer().stream()
                    .map(id -> whereabouts.getOrDefault(id, id))
                    .distinct()
                    .toList();
            return new OfferView(
                    match.offer(),
                    match.title(),
                    match.grade(),
                    match.grade().word(),
                    String.join(", ", where),
                    match.criteria().stream().map(c -> CellView.of(family, c)).toList(),
                    match.changes(),
                    match.asks(),
                    match.grade().fits(),
                    match.grade() == Grade.REFUSED,
                    match.grade().needsReturnDate(),
                    match.offer().stream().anyMatch(CallState::isStanding));
        }
    }

    /** @param saysMore whether why is said; a plain same needs no words */
    public record CellView(
            String attribute,
            String required,
            String offered,
            Grade outcome,
            boolean saysMore,
            String why,
            String mark) {
        private static CellView of(Family family, Criterion c) {
            return new CellView(
                    family.titleOf(c.attribute()),
                    c.required(),
                    c.offered(),
                    c.outcome(),
                    c.saysMore(),
                    c.why().text(),
                    c.why().mark().source());
        }
    }

    public record RefusedView(String reason, int count) {}

    /** How many are refused by what, the first reason of each. */
    private static List<RefusedView> counted(Family family, List<Match> matches) {
        Map<String, Integer> counts = new LinkedHashMap<>();
        for (Match match : matches) {
            if (match.grade() == Grade.REFUSED) {
                match.criteria().stream()
                        .filter(c -> c.outcome() == Grade.REFUSED)
                        .findFirst()
                        .ifPresent(c -> counts.merge(family.titleOf(c.attribute()), 1, Integer::sum));
            }
        }
        return counts.entrySet().stream()
                .map(e -> new RefusedView(e.getKey(), e.getValue()))
                .toList();
    }
}
