package zestbench.core.capacitor;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import zestbench.core.family.MatchAnswer;
import zestbench.core.family.MatchAnswer.Match;
import zestbench.core.family.MatchRequest;
import zestbench.core.family.MatchRequest.Circuit;
import zestbench.core.family.MatchRequest.Offer;
import zestbench.core.family.MatchRequest.Source;
import zestbench.core.family.MatchRequest.StockLine;
import zestbench.core.family.MatchRequest.Witness;
import zestbench.core.family.Spec;
import zestbench.core.judgement.Criterion;
import zestbench.core.judgement.Finding;
import zestbench.core.judgement.Grade;
import zestbench.core.quantity.InputProblem;
import zestbench.core.shop.ShopRules;

/** Each criterion by itself: what is needed, what is offered, how the two compare. */
class MatchCriteriaTest {
    private static final String FULL = "45+5 µF 440 V ±6 % 50/60 Hz -40/70C S3 round run";

    @ParameterizedTest(name = "{0} of {1}: {2}")
    @CsvSource(
            delimiter = '|',
            value = {
                "Duty | 45+5 µF 440 V ±6 % run | LIKE_FOR_LIKE | run",
                "Duty | 88-108 µF 330 V | REFUSED | start",
                "HERM | 45+5 µF 440 V | LIKE_FOR_LIKE | 45 µF",
                "HERM | 50+5 µF 440 V | REFUSED | 50 µF",
                "FAN | 45+7.5 µF 440 V | REFUSED | 7.5 µF",
                "FAN | 45+5 µF 440 V | LIKE_FOR_LIKE | 5 µF",
                "Volts | 45+5 µF 480 V | SUITABLE | 480 V",
                "Volts | 45+5 µF 370 V | REFUSED | 370 V",
                "Volts | 45+5 µF run | UNDECIDED | not on the label",
                "Tolerance | 45+5 µF 440 V ±5 % | LIKE_FOR_LIKE | ±5 %",
                "Tolerance | 45+5 µF 440 V ±10 % | STOPGAP | ±10 %",
                "Tolerance | 45+5 µF 440 V +5-10 % | STOPGAP | +5 −10 %",
                "Tolerance | 45+5 µF 440 V | LIKE_FOR_LIKE | not on the label",
                "Protection | 45+5 µF 440 V P2 | LIKE_FOR_LIKE | P2",
                "Protection | 45+5 µF 440 V P0 | REFUSED | P0",
                "Protection | 45+5 µF 440 V | LIKE_FOR_LIKE | not on the label",
                "Frequency | 45+5 µF 440 V 50/60 Hz | LIKE_FOR_LIKE | 50/60 Hz",
                "Frequency | 45+5 µF 440 V 50 Hz | REFUSED | 50 Hz",
                "Temperature | 45+5 µF 440 V -40/85C | LIKE_FOR_LIKE | −40 to 85 °C",
                "Temperature | 45+5 µF 440 V -25/70C | REFUSED | −25 to 70 °C",
                "Temperature | 45+5 µF 440 V -40/60C | REFUSED | −40 to 60 °C",
                "Fit | 45+5 µF 440 V oval | NEEDS_CHANGE | oval",
                "Fit | 45+5 µF 440 V round | LIKE_FOR_LIKE | round",
            })
    void isShownWithItsOutcome(String attribute, String offered, Grade outcome, String shown) {
        Criterion criterion = match(FULL, offered).criteria().stream()
                .filter(c -> c.attribute().equals(attribute))
                .findFirst()
                .orElseThrow();
        assertThat(criterion.outcome()).as("%s", criterion).isEqualTo(outcome);
        assertThat(criterion.offered()).isEqualTo(shown);
        assertThat(criterion.why().mark().source()).isNotBlank();
    }

    /** A silent label never passes silently: what is missing is asked for, with where it is printed. */
    @Test
    void aGapIsAskedForAndOnlyADecidingOneLeavesItOpen() {
        Match silent = match(FULL, "45+5 µF 440 V");
        assertThat(silent.grade()).isEqualTo(Grade.LIKE_FOR_LIKE);
        assertThat(silent.asks())
                .anyMatch(a -> a.contains("Tolerance"))
                .anyMatch(a -> a.contains("Protection"))
                .anyMatch(a -> a.contains("Frequency"))
                .anyMatch(a -> a.contains("Hottest"));
        assertThat(match(FULL, "run 45+5 µF").grade()).isEqualTo(Grade.UNDECIDED);
    }

    @Test
    void notOnTheLabelOnBothSidesNeverDecides() {
        Match match = match("45+5 µF 440 V", "45+5 µF 440 V");
        assertThat(match.grade()).isEqualTo(Grade.LIKE_FOR_LIKE);
    }

    /** What the circuit's supply is known to be beats what the old label happened to list. */
    @Test
    void theSuppliesFrequencyIsWhatHasToBeCovered() {
        MatchAnswer answer = CapacitorMatch.of(new MatchRequest(
                spec("45 µF 440 V 50/60 Hz"),
                List.of(),
                new Circuit(60.0),
                List.of(new Offer("a", spec("45 µF 440 V 60 Hz")), new Offer("b", spec("45 µF 440 V 50 Hz"))),
                List.of(),
                ShopRules.DEFAULT));
        assertThat(answer.matches())
                .extracting(m -> m.offer().get(0) + " " + m.grade())
                .containsExactly("a LIKE_FOR_LIKE", "b REFUSED");
    }

    @ParameterizedTest(name = "{0} beats {1}")
    @CsvSource({"MOTOR_LABEL, UNIT_PLATE", "UNIT_DIAGRAM, PART_LABEL", "MOTOR_LABEL, PART_LABEL"})
    void theBetterWitnessStands(Source better, Source worse) {
        for (boolean turned : new boolean[] {false, true}) {
            List<Witness> witnesses = new java.util.ArrayList<>(
                    List.of(new Witness(better, spec("40 µF 440 V")), new Witness(worse, spec("35 µF 370 V"))));
            if (turned) {
                java.util.Collections.reverse(witnesses);
            }
            MatchAnswer answer = CapacitorMatch.of(new MatchRequest(
                    spec("35 µF 370 V"),
                    witnesses,
                    Circuit.UNKNOWN,
                    List.of(new Offer("a", spec("40 µF 440 V"))),
                    List.of(),
                    ShopRules.DEFAULT));
            assertThat(answer.matches().get(0).grade()).isEqualTo(Grade.LIKE_FOR_LIKE);
            assertThat(answer.findings()).anyMatch(f -> f.kind() == Finding.Kind.WITNESSES_DISAGREE);
        }
    }

    @Test
    void aRequirementThatIsNoneIsNamed() {
        assertThatThrownBy(() -> match("2.5+5+10+20 µF 440 V", "45 µF 440 V"))
                .isInstanceOf(InputProblem.class)
                .hasMessageContaining("one value, or one each");
    }

    /** The order is the same however the truck is sorted. */
    @Test
    void theOrderOfOffersDoesNotHangOnTheOrderOfTheTruck() {
        List<StockLine> truck = new java.util.ArrayList<>();
        double[] values = {5, 7.5, 10, 15, 20, 25, 30, 35, 40, 45};
        for (int i = 0; i < values.length; i++) {
            truck.add(new StockLine("s" + i, 2, Parts.spec(values[i], 0, 440, 6), i % 3));
            truck.add(new StockLine("d" + i, 1, Parts.spec(values[i], 5, i % 2 == 0 ? 440 : 370, 6), i % 4));
        }
        List<String> first = offers(truck);
        Random random = new Random(3);
        for (int i = 0; i < 6; i++) {
            java.util.Collections.shuffle(truck, random);
            assertThat(offers(truck)).isEqualTo(first);
        }
        assertThat(first).isNotEmpty();
    }

    private static List<String> offers(List<StockLine> truck) {
        return CapacitorMatch.of(new MatchRequest(
                        Parts.spec(45, 5, 440, 6), List.of(), Circuit.UNKNOWN, List.of(), truck, ShopRules.DEFAULT))
                .matches()
                .stream()
                .map(m -> m.grade() + " " + m.offer())
                .toList();
    }

    private static Match match(String required, String offered) {
        return CapacitorMatch.of(new MatchRequest(
                        spec(required),
                        List.of(),
                        Circuit.UNKNOWN,
                        List.of(new Offer("a", spec(offered))),
                        List.of(),
                        ShopRules.DEFAULT))
                .matches()
                .get(0);
    }

    private static Spec spec(String label) {
        return new Spec(CapacitorLabel.read(label).fields());
    }
}
