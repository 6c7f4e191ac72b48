package zestbench.core.capacitor;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import zestbench.core.family.MatchAnswer;
import zestbench.core.family.MatchAnswer.Match;
import zestbench.core.family.MatchRequest;
import zestbench.core.family.MatchRequest.Offer;
import zestbench.core.judgement.Finding;
import zestbench.core.judgement.Grade;
import zestbench.core.quantity.InputProblem;
import zestbench.core.stock.Combination;
import zestbench.core.stock.CombinationSearch;
import zestbench.core.stock.Lot;

/** How offers, or what lies in stock, serve a circuit's need of a capacitor. */
public final class CapacitorMatch {
    private final Requirement needed;
    private final CapacitorForm form;
    private final MatchRequest request;

    private CapacitorMatch(MatchRequest request) {
        this.request = request;
        this.needed = Requirement.of(request);
        this.form = new CapacitorForm(needed, request.rules());
    }

    /** Grades each offer; with stock, also what can be combined from it: the best twelve of each grade. */
    public static MatchAnswer of(MatchRequest request) {
        CapacitorMatch match = new CapacitorMatch(request);
        List<Match> matches = request.stock().isEmpty() ? match.offers() : match.stock(Shelf.of(request.stock()));
        return new MatchAnswer(match.findings(), matches);
    }

    /** The same for a shelf that is sorted already. */
    public static List<Match> onShelf(MatchRequest request, Shelf shelf) {
        return new CapacitorMatch(request).stock(shelf);
    }

    /** The same by the pieces of each offer alone, with none of it worded. */
    public static List<List<String>> piecesOnShelf(MatchRequest request, Shelf shelf) {
        return new CapacitorMatch(request)
                .ranked(shelf).stream().map(Ranked::ids).toList();
    }

    private List<Finding> findings() {
        List<Finding> out = new ArrayList<>(needed.findings());
        boolean run = needed.rating().sections().size() <= 2
                && needed.rating().startRange().isEmpty();
        if (run) {
            out.add(Finding.info(
                    "Not offered in series: 1/C adds and the voltage splits unevenly, more on the smaller one."));
        }
        out.add(Finding.info("The unit's own diagram and the part's own sheet come first."));
        return out;
    }

    private List<Match> offers() {
        List<Ranked> ranked = new ArrayList<>();
        for (int i = 0; i < request.offers().size(); i++) {
            Offer offer = request.offers().get(i);
            CapacitorRating rating;
            try {
                rating = CapacitorRating.from(offer.spec());
            } catch (InputProblem problem) {
                throw problem.within("offers[" + i + "].spec");
            }
            ranked.add(rank(Shelf.lot(rating, List.of(new Lot.Unit(offer.id(), 0))), 0));
        }
        ranked.sort(Ranked.BEST_FIRST);
        return ranked.stream().map(Ranked::match).toList();
    }

    private List<Match> stock(Shelf shelf) {
        List<Match> out = new ArrayList<>();
        for (Ranked ranked : ranked(shelf)) {
            out.add(Assessment.of(needed, form, ranked.assembly()));
        }
        return out;
    }

    /** The best twelve of each grade. */
    private List<Ranked> ranked(Shelf shelf) {
        Map<Grade, List<Ranked>> byGrade = new EnumMap<>(Grade.class);
        byItself(shelf).forEach((grade, alike) -> byGrade.put(grade, best(alike)));
        if (!needed.rating().sections().isEmpty()) {
            List<Lot<CapacitorRating>> lots = shelf.usable(needed);
            for (Combination<CapacitorRating> found :
                    CombinationSearch.find(lots, shelf.wants(needed, request.rules()), form)) {
                Assembly assembly = Assembly.of(found, needed.slots().size());
                byGrade.computeIfAbsent(found.grade(), g -> new ArrayList<>())
                        .add(new Ranked(assembly, found.grade(), found.error(), found.cost(), found.ids(), null));
            }
        }
        List<Ranked> out = new ArrayList<>();
        for (List<Ranked> ofGrade : byGrade.values()) {
            ofGrade.sort(Ranked.BEST_FIRST);
            out.addAll(ofGrade.subList(0, Math.min(CombinationSearch.KEPT, ofGrade.size())));
        }
        return out;
    }

    /** The lines of the shelf that serve by themselves: of each rating the cheapest, with all that are rated alike. */
    private Map<Grade, List<Alike>> byItself(Shelf shelf) {
        Map<Grade, List<Alike>> out = new EnumMap<>(Grade.class);
        for (List<Shelf.Line> lines : shelf.lines()) {
            Assembly assembly = Assembly.ofOne(needed, form, lines.get(0).lot());
            Grade grade = grade(assembly);
            Ranked cheapest = Ranked.of(needed, assembly, lines.get(0).cost(), grade);
            out.computeIfAbsent(grade, g -> new ArrayList<>()).add(new Alike(cheapest, lines));
        }
        return out;
    }

    private record Alike(Ranked cheapest, List<Shelf.Line> lines) {
        double error() {
            return cheapest.error();
        }
    }

    /** Those that can be among the best twelve: what is nearer goes before what is cheaper. */
    private static List<Ranked> best(List<Alike> ofGrade) {
        ofGrade.sort(Comparator.comparingDouble(Alike::error));
        List<Ranked> out = new ArrayList<>();
        double last = Double.NaN;
        for (Alike alike : ofGrade) {
            if (out.size() >= CombinationSearch.KEPT && alike.error() > last) {
                break;
            }
            last = alike.error();
            for (Shelf.Line line : alike.lines()) {
                out.add(alike.cheapest().of(line));
            }
        }
        return out;
    }

    /** The grade without its wording; the same checks as {@link Assessment}. */
    private Grade grade(Assembly assembly) {
        CapacitorRating part = assembly.parts().get(0);
        Grade grade = PieceChecks.worst(needed, part);
        if (needed.rating().sections().isEmpty()) {
            return Assessment.of(needed, form, assembly).grade();
        }
        for (int slot = 0; slot < assembly.shares().size(); slot++) {
            if (assembly.shares().get(slot).isEmpty()) {
                boolean unread = part.sections().isEmpty() && part.startRange().isEmpty();
                return grade.worst(unread ? Grade.UNDECIDED : Grade.REFUSED);
            }
            grade = grade.worst(form.serving(slot, assembly.shares().get(slot)));
        }
        return grade.worst(form.form(assembly.shares(), 1));
    }

    private Ranked rank(Lot<CapacitorRating> lot, double cost) {
        Assembly assembly = Assembly.ofOne(needed, form, lot);
        return Ranked.of(
                        needed,
                        assembly,
                        cost,
                        Assessment.of(needed, form, assembly).grade())
                .worded(needed, form);
    }

    /** An assembly with what decides its place. */
    private record Ranked(
            Assembly assembly,
            Grade grade,
            double error,
            double cost,
            List<String> ids,
            @org.jspecify.annotations.Nullable Match worded) {
        static final Comparator<Ranked> BEST_FIRST = Comparator.comparing((Ranked r) -> r.grade)
                .thenComparingInt(r -> r.ids.size())
                .thenComparingDouble(Ranked::error)
                .thenComparingDouble(Ranked::cost)
                .thenComparing(Ranked::name);

        private String name() {
            return ids.size() == 1 ? ids.get(0) : String.join("\n", ids);
        }

        static Ranked of(Requirement needed, Assembly assembly, double cost, Grade grade) {
            double error = 0;
            for (int slot = 0; slot < assembly.shares().size(); slot++) {
                double wanted = needed.microfarads(slot);
                error += Math.abs(CapacitorForm.sum(assembly.shares().get(slot)) - wanted) / wanted;
            }
            List<String> ids =
                    assembly.pieces().stream().map(p -> p.unit().id()).sorted().toList();
            return new Ranked(assembly, grade, zestbench.core.quantity.Figures.tidy(error), cost, ids, null);
        }

        /** The same with a piece that is rated alike. */
        Ranked of(Shelf.Line line) {
            Lot.Unit unit = line.lot().units().get(0);
            return new Ranked(assembly.of(unit), grade, error, line.cost(), List.of(unit.id()), null);
        }

        Ranked worded(Requirement needed, CapacitorForm form) {
            return new Ranked(assembly, grade, error, cost, ids, Assessment.of(needed, form, assembly));
        }

        Match match() {
            return java.util.Objects.requireNonNull(worded);
        }
    }
}
