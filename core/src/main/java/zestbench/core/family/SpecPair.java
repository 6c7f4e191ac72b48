package zestbench.core.family;

import java.util.List;
import java.util.function.Consumer;

/** What is needed and one offer for it, by their labels, for families whose rules go by the label alone. */
public final class SpecPair extends Comparison {
    public final Spec needed;
    public final Spec offered;

    private SpecPair(MatchRequest request, Spec offered) {
        super(request.required(), offered, request.circuit(), request.rules());
        this.needed = request.required();
        this.offered = offered;
    }

    /** The offer with every rule looked at. */
    public static SpecPair by(List<? extends Consumer<? super SpecPair>> rules, MatchRequest request, Spec offered) {
        SpecPair pair = new SpecPair(request, offered);
        rules.forEach(rule -> rule.accept(pair));
        return pair;
    }
}
