package zestbench.core.motor;

import java.util.List;
import java.util.function.Consumer;
import zestbench.core.family.Comparison;
import zestbench.core.family.MatchAnswer;
import zestbench.core.family.MatchRequest;
import zestbench.core.family.Offers;
import zestbench.core.family.Spec;
import zestbench.core.quantity.InputProblem;

/** How offered motors serve in the place of an old one: every rule on every offer, the worst decides. */
public final class MotorMatch {
    private MotorMatch() {}

    /** Grades every offer, or what lies in stock: the best twelve of each grade. */
    public static MatchAnswer of(MatchRequest request) {
        MotorRating needed;
        try {
            needed = MotorRating.from(request.required());
        } catch (InputProblem problem) {
            throw problem.within("required");
        }
        return Offers.graded(
                request,
                List.of(),
                new Offers.Way(
                        spec -> compare(needed, spec, request),
                        spec -> MotorRating.from(spec).shortText(),
                        spec -> Math.abs(needed.horsepower().orElse(0.0)
                                - spec.number("horsepower").orElse(0.0)),
                        1));
    }

    private static Comparison compare(MotorRating needed, Spec spec, MatchRequest request) {
        MotorPair pair = new MotorPair(needed, MotorRating.from(spec), request.circuit(), request.rules());
        for (List<? extends Consumer<? super MotorPair>> rules :
                List.<List<? extends Consumer<? super MotorPair>>>of(SupplyRules.ALL, LoadRules.ALL, FitRules.ALL)) {
            rules.forEach(rule -> rule.accept(pair));
        }
        return pair;
    }
}
