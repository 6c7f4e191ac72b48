package zestbench.core.capacitor;

import java.util.List;
import zestbench.core.family.Family;
import zestbench.core.family.Spec;
import zestbench.core.quantity.InputProblem;

/** Capacitors as a family. */
public final class CapacitorFamily {
    public static final Family FAMILY = new Family(
            CapacitorLabel.KIND,
            "Run capacitor",
            CapacitorAttributes.ALL,
            CapacitorLabel::read,
            CapacitorLabel::resembles,
            CapacitorFamily::shortText,
            CapacitorJudgement::of,
            CapacitorMatch::of,
            CapacitorFamily::sections);

    private CapacitorFamily() {}

    private static String shortText(Spec spec) {
        try {
            return CapacitorRating.from(spec).text();
        } catch (InputProblem problem) {
            return "label half read";
        }
    }

    private static List<String> sections(Spec spec) {
        return CapacitorRating.from(spec).subjects();
    }
}
