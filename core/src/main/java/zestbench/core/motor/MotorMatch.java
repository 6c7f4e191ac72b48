package zestbench.core.motor;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Consumer;
import zestbench.core.family.MatchAnswer;
import zestbench.core.family.MatchAnswer.Match;
import zestbench.core.family.MatchRequest;
import zestbench.core.family.Spec;
import zestbench.core.judgement.Finding;
import zestbench.core.judgement.Grade;
import zestbench.core.quantity.InputProblem;

/** How offered motors serve in the place of an old one: every rule on every offer, the worst decides. */
public final class MotorMatch {
    /** So many of each grade are kept of a stock. */
    private static final int KEPT = 12;

    private final MatchRequest request;
    private final MotorRating needed;
    private final Set<Finding> findings = new LinkedHashSet<>();

    private MotorMatch(MatchRequest request) {
        this.request = request;
        try {
            this.needed = MotorRating.from(request.required());
        } catch (InputProblem problem) {
            throw problem.within("required");
        }
    }

    /** Grades every offer, or what lies in stock: the best twelve of each grade. */
    public static MatchAnswer of(MatchRequest request) {
        return new MotorMatch(request).run();
    }

    private record Ranked(Match match, double powerOff, double cost) {}

    private MatchAnswer run() {
        List<Ranked> ranked = new ArrayList<>();
        for (int i = 0; i < request.offers().size(); i++) {
            MatchRequest.Offer offer = request.offers().get(i);
            ranked.add(rank(offer.id(), offer.spec(), 0, "offers[" + i + "].spec"));
        }
        for (int i = 0; i < request.stock().size(); i++) {
            MatchRequest.StockLine line = request.stock().get(i);
            if (line.quantity() > 0) {
                ranked.add(rank(line.id(), line.spec(), line.cost(), "stock[" + i + "].spec"));
            }
        }
        ranked.sort(Comparator.comparing((Ranked r) -> r.match().grade())
                .thenComparingDouble(Ranked::powerOff)
                .thenComparingDouble(Ranked::cost)
                .thenComparing(r -> r.match().offer().get(0)));
        Map<Grade, Integer> kept = new EnumMap<>(Grade.class);
        List<Match> out = new ArrayList<>();
        for (Ranked each : ranked) {
            boolean isStock = !request.stock().isEmpty();
            if (!isStock || kept.merge(each.match().grade(), 1, Integer::sum) <= KEPT) {
                out.add(each.match());
            }
        }
        findings.add(Finding.info("The unit's own diagram and the motor's own sheet come first."));
        return new MatchAnswer(List.copyOf(findings), out);
    }

    private Ranked rank(String id, Spec spec, double cost, String place) {
        MotorRating offered;
        try {
            offered = MotorRating.from(spec);
        } catch (InputProblem problem) {
            throw problem.within(place);
        }
        MotorPair pair = new MotorPair(needed, offered, request.circuit(), request.rules());
        for (List<Consumer<MotorPair>> rules : List.of(SupplyRules.ALL, LoadRules.ALL, FitRules.ALL)) {
            rules.forEach(rule -> rule.accept(pair));
        }
        findings.addAll(pair.findings);
        double powerOff =
                Math.abs(needed.horsepower().orElse(0.0) - offered.horsepower().orElse(0.0));
        Match match = new Match(
                List.of(id),
                List.of(),
                offered.shortText(),
                pair.grade(),
                List.copyOf(pair.criteria),
                List.copyOf(pair.changes),
                List.copyOf(pair.asks));
        return new Ranked(match, powerOff, cost);
    }
}
