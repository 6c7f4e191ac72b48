package zestbench.core.bench;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import zestbench.core.bench.PartViews.FindingView;
import zestbench.core.family.Family;
import zestbench.core.family.MatchAnswer;
import zestbench.core.family.MatchAnswer.Match;
import zestbench.core.judgement.Criterion;
import zestbench.core.judgement.Grade;
import zestbench.core.quantity.Figures;
import zestbench.core.tape.PartsTogether;

/** What the bench shows of what can be fitted: an answer first, the other ways beside it, what is alike and refused folded. */
public final class MatchViews {
    private MatchViews() {}

    /** The answer and the ways beside it that stand for all others. */
    private static final int WAYS = 3;

    /**
     * A piece that an offer names.
     *
     * @param title its rating in short
     * @param where it lies, such as bin B6
     * @param price of one; null where it is not known
     */
    public record Lying(
            String title, String where, @Nullable Double price) {}

    /**
     * @param offers best first
     * @param differs attributes in which the ways beside each other are not alike, as {@link CellView#attribute} names them
     * @param alike attributes in which they are
     * @param refused how many there are of each reason
     */
    public record MatchesView(
            List<FindingView> findings,
            List<OfferView> offers,
            List<String> differs,
            List<String> alike,
            List<RefusedView> refused) {
        /** @param lying each piece by its id */
        public static MatchesView of(Family family, MatchAnswer answer, Map<String, Lying> lying) {
            Set<Match> ways = ways(answer.matches());
            List<OfferView> offers = new ArrayList<>();
            for (Match match : answer.matches()) {
                offers.add(OfferView.of(family, match, lying, ways.contains(match)));
            }
            List<OfferView> shown = offers.stream().filter(OfferView::isWay).toList();
            Set<String> all = new LinkedHashSet<>();
            shown.forEach(o -> o.cells().forEach(c -> all.add(c.attribute())));
            List<String> differs =
                    all.stream().filter(attribute -> isApart(shown, attribute)).toList();
            return new MatchesView(
                    answer.findings().stream().map(FindingView::of).toList(),
                    offers,
                    differs,
                    all.stream().filter(a -> !differs.contains(a)).toList(),
                    counted(family, answer.matches()));
        }

        /** Whether the offers show different figures there, or one of them is not simply the same as the old one. */
        private static boolean isApart(List<OfferView> shown, String attribute) {
            Set<String> seen = new TreeSet<>();
            for (OfferView offer : shown) {
                CellView cell = offer.cell(attribute);
                seen.add(cell == null ? "" : cell.offered() + " " + cell.outcome());
                if (cell != null && cell.outcome() != Grade.LIKE_FOR_LIKE && cell.outcome() != Grade.SUITABLE) {
                    return true;
                }
            }
            return seen.size() > 1;
        }

        /** The best offer and those that are another way: of another grade, number of pieces or with other work; else the next best. */
        private static Set<Match> ways(List<Match> matches) {
            Set<Match> out = new LinkedHashSet<>();
            Set<String> kinds = new TreeSet<>();
            List<Match> open =
                    matches.stream().filter(m -> m.grade() != Grade.REFUSED).toList();
            for (Match match : open) {
                String kind = match.grade() + " " + match.offer().size() + " "
                        + match.changes().size();
                if (out.size() < WAYS && kinds.add(kind)) {
                    out.add(match);
                }
            }
            for (Match match : open) {
                if (out.size() < WAYS) {
                    out.add(match);
                }
            }
            return out;
        }
    }

    /**
     * @param title the pieces in a few words
     * @param pieces one by one, alike ones counted
     * @param price of all its pieces; empty where one of them has none
     * @param isWay whether it stands beside the answer, for those like it too
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
            List<TakenView> pieces,
            String price,
            List<CellView> cells,
            List<String> changes,
            List<String> asks,
            boolean isWay,
            boolean canBeChosen,
            boolean isRefused,
            boolean needsReturnDate,
            boolean isPartlyThere) {
        private static OfferView of(Family family, Match match, Map<String, Lying> lying, boolean isWay) {
            List<TakenView> pieces = pieces(match, lying);
            List<String> where =
                    pieces.stream().map(TakenView::where).distinct().toList();
            return new OfferView(
                    match.offer(),
                    match.title(),
                    match.grade(),
                    match.grade().word(),
                    String.join(", ", where),
                    pieces,
                    price(match, lying),
                    match.criteria().stream().map(c -> CellView.of(family, c)).toList(),
                    match.changes(),
                    match.asks(),
                    isWay,
                    match.grade().fits(),
                    match.grade() == Grade.REFUSED,
                    match.grade().needsReturnDate(),
                    match.offer().stream().anyMatch(PartsTogether::isStanding));
        }

        private static List<TakenView> pieces(Match match, Map<String, Lying> lying) {
            Map<String, Integer> counts = new LinkedHashMap<>();
            match.offer().forEach(id -> counts.merge(id, 1, Integer::sum));
            List<TakenView> out = new ArrayList<>();
            counts.forEach((id, count) -> {
                Lying at = lying.get(id);
                String title = at == null ? match.title() : at.title();
                out.add(new TakenView(
                        count > 1 ? count + " × " + title : title, at == null ? id : at.where(), price(at, count)));
            });
            return out;
        }

        private static String price(@Nullable Lying at, int count) {
            Double one = at == null ? null : at.price();
            return one == null ? "" : Figures.fixed(count * one, 2);
        }

        private static String price(Match match, Map<String, Lying> lying) {
            double sum = 0;
            for (String id : match.offer()) {
                Lying at = lying.get(id);
                Double one = at == null ? null : at.price();
                if (one == null) {
                    return "";
                }
                sum += one;
            }
            return Figures.fixed(sum, 2);
        }

        private @Nullable CellView cell(String attribute) {
            return cells.stream()
                    .filter(c -> c.attribute().equals(attribute))
                    .findFirst()
                    .orElse(null);
        }
    }

    /** A piece that goes in. @param price of what is taken of it, in dollars; empty where it is not known */
    public record TakenView(String title, String where, String price) {}

    /**
     * @param word how what is offered stands to what is needed
     * @param saysMore whether why is said; a plain same needs no words
     */
    public record CellView(
            String attribute,
            String required,
            String offered,
            Grade outcome,
            String word,
            boolean saysMore,
            String why,
            String mark) {
        private static CellView of(Family family, Criterion c) {
            return new CellView(
                    family.titleOf(c.attribute()),
                    c.required(),
                    c.offered(),
                    c.outcome(),
                    word(c),
                    c.saysMore(),
                    c.why().text(),
                    c.why().mark().source());
        }

        /** None where a label is silent and nothing was set side by side: there the reason speaks. */
        private static String word(Criterion c) {
            return switch (c.outcome()) {
                case LIKE_FOR_LIKE -> c.saysMore() ? "" : "same as old";
                case SUITABLE -> "serves";
                case NEEDS_CHANGE -> "needs a change";
                case STOPGAP -> "for a while";
                case UNDECIDED -> "not known yet";
                case REFUSED -> "does not serve";
            };
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
