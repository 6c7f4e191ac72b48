package zestbench.core.controlswitch;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import zestbench.core.contact.ContactRules;
import zestbench.core.family.FieldRule;
import zestbench.core.family.FieldRule.Unsaid;
import zestbench.core.family.FlammableRefrigerant;
import zestbench.core.family.SpecPair;
import zestbench.core.judgement.Criterion;
import zestbench.core.judgement.Grade;
import zestbench.core.judgement.Mark;

/** What another switch has to be, by its label. */
final class SwitchRules {
    /** Points are the same within so much of each. [practice] */
    private static final double PSI_APART = 10;

    private static final double FAHRENHEIT_APART = 5;
    private static final double WATER_APART = 0.02;

    static final List<Consumer<? super SpecPair>> ALL = List.of(
            FieldRule.equal("acts", "", Mark.PRACTICE, "opens for the same cause", "opens for another cause")
                    .unsaid(
                            Unsaid.UNDECIDED_OF_EITHER,
                            "What does {silent} open for: pressure, air, water, heat, frost?"),
            point("opensPsig", "psig", PSI_APART),
            closing("closesPsig", "psig", 2 * PSI_APART),
            point("opensFahrenheit", "°F", FAHRENHEIT_APART),
            closing("closesFahrenheit", "°F", 2 * FAHRENHEIT_APART),
            point("opensInchesOfWater", "in wc", WATER_APART),
            point("closesInchesOfWater", "in wc", WATER_APART),
            SwitchRules::setting,
            SwitchRules::reset,
            ContactRules::form,
            FieldRule.atLeast("contactVolts", "V", Mark.PRACTICE, "switches these volts", "does not break these volts")
                    .unsaid(Unsaid.SHOWN, "Up to which volts do its contacts switch?"),
            FieldRule.atLeast("contactAmps", "A", Mark.PRACTICE, "switches as much", "switches less")
                    .unsaid(Unsaid.SHOWN, "How many amps do its contacts switch?"),
            FieldRule.equal("fitting", "", Mark.PRACTICE, "same fitting", "fits once its line is changed")
                    .fitting("Another fitting: {new}. The circuit may have to be opened for it.")
                    .unsaid(Unsaid.SHOWN, "How does {silent} sit on its line: flare, solder, thread?"),
            p -> FlammableRefrigerant.rule(p, "switch"));

    private SwitchRules() {}

    private static FieldRule point(String attribute, String unit, double apart) {
        return FieldRule.equal(attribute, unit, Mark.PRACTICE, "set to the same point", "set to another point")
                .within(apart)
                .unsaid(Unsaid.UNDECIDED, "At how many " + unit + " does {silent} act?");
    }

    private static FieldRule closing(String attribute, String unit, double apart) {
        return FieldRule.equal(attribute, unit, Mark.PRACTICE, "closes at the same point", "closes at another point")
                .within(apart)
                .unsaid(Unsaid.SHOWN, "At how many " + unit + " does {silent} close again?");
    }

    /** A switch that acts at a point is matched by none whose old point nobody knows. */
    private static void setting(SpecPair p) {
        List<String> points = Acts.of(p.needed).map(Acts::points).orElse(List.of());
        if (points.isEmpty() || points.stream().anyMatch(p.needed::has)) {
            return;
        }
        p.ask("At which point does the old one act? Its label, the unit's diagram or its maker says.");
        p.add(
                points.get(0),
                Criterion.NOT_ON_LABEL,
                points.stream()
                        .flatMap(name -> p.offered.number(name).stream())
                        .findFirst()
                        .map(String::valueOf)
                        .orElse(Criterion.NOT_ON_LABEL),
                Grade.UNDECIDED,
                Mark.PRACTICE,
                "it protects by where it acts: the old point has to be known");
    }

    /** One that comes back by itself never stands for one that has to be reset by hand, nor the other way round. */
    private static void reset(SpecPair p) {
        Optional<String> old = p.needed.text("reset");
        Optional<String> now = p.offered.text("reset");
        if (Acts.of(p.needed).filter(Acts::mayHaveReset).isEmpty() && old.isEmpty()) {
            return;
        }
        String wanted = old.orElse(Criterion.NOT_ON_LABEL);
        String given = now.orElse(Criterion.NOT_ON_LABEL);
        if (old.isEmpty() || now.isEmpty()) {
            p.ask("Has " + (old.isEmpty() ? "the old one" : "the new one") + " a reset button?");
            p.add("reset", wanted, given, Grade.UNDECIDED, Mark.PRACTICE, "it has to be known of both");
            return;
        }
        boolean isSame = old.equals(now);
        p.add(
                "reset",
                wanted,
                given,
                isSame ? Grade.LIKE_FOR_LIKE : Grade.REFUSED,
                Mark.PRACTICE,
                isSame ? "reset the same way" : "reset another way than the unit was built for");
    }
}
