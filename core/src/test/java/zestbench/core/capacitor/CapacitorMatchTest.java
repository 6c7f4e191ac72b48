package zestbench.core.capacitor;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
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
import zestbench.core.judgement.Finding;
import zestbench.core.judgement.Grade;
import zestbench.core.shop.ShopRules;
import zestbench.core.value.Value;

class CapacitorMatchTest {
    @ParameterizedTest(name = "{1} for {0}: {2}")
    @CsvSource(
            delimiter = '|',
            value = {
                "45+5 µF 440 V ±6 % | 45+5 µF 440 V ±6 % | LIKE_FOR_LIKE",
                "45+5 µF 440 V ±6 % | 45+5 µF 440 V ±5 % | LIKE_FOR_LIKE",
                "45+5 µF 370 V ±6 % | 45+5 µF 440 V ±6 % | SUITABLE",
                "45+5 µF 440 V ±6 % | 45+5 µF 370 V ±6 % | REFUSED",
                "45 µF 440 V ±6 % | 45 µF 450 V ±6 % | SUITABLE",
                "45 µF 440 V ±6 % | 45 µF 400 V ±6 % | REFUSED",
                "45 µF 370 V ±6 % | 45 µF 400 V ±6 % | SUITABLE",
                "45+5 µF 440 V ±6 % | 45+5 µF 440 V ±10 % | STOPGAP",
                "45+5 µF 440 V ±6 % | 45+5 µF 440 V | LIKE_FOR_LIKE",
                "45+5 µF 440 V ±6 % | 45 µF 440 V ±6 % | REFUSED",
                "45 µF 440 V ±6 % | 45+5 µF 440 V ±6 % | SUITABLE",
                "5 µF 440 V ±6 % | 45+5 µF 440 V ±6 % | SUITABLE",
                "7.5 µF 440 V ±10 % | 7 µF 440 V ±6 % | REFUSED",
                "45 µF 440 V ±6 % | 45 µF ±6 % run | UNDECIDED",
                "45 µF 440 V ±6 % | 88-108 µF 330 V | REFUSED",
                "88-108 µF 250 V | 88-108 µF 330 V | LIKE_FOR_LIKE",
                "88-108 µF 250 V | 90-105 µF 250 V | SUITABLE",
                "88-108 µF 250 V | 108-130 µF 250 V | REFUSED",
                "45 µF 440 V ±6 % 10000 AFC | 45 µF 440 V ±6 % P0 | REFUSED",
                "45 µF 440 V ±6 % 10000 AFC | 45 µF 440 V ±6 % S3 | LIKE_FOR_LIKE",
                "45 µF 440 V ±6 % 60 Hz | 45 µF 440 V ±6 % 50 Hz | REFUSED",
                "45 µF 440 V ±6 % -40/70C | 45 µF 440 V ±6 % -25/70C | REFUSED",
                "45 µF 440 V ±6 % round | 45 µF 440 V ±6 % oval | NEEDS_CHANGE",
                "45+5 µF 440 V ±6 % | 5+5+10+15+25 µF 440 V ±6 % | NEEDS_CHANGE",
                "15+5 µF 440 V ±6 % | 5+5+10+15+25 µF 440 V ±6 % | SUITABLE",
                "40 µF ±6 % run | 40 µF 440 V ±6 % | SUITABLE",
                "40 µF ±6 % run | 40 µF 370 V ±6 % | UNDECIDED",
            })
    void gradesOneOffer(String required, String offered, Grade grade) {
        Match match = one(required, offered, ShopRules.DEFAULT);
        assertThat(match.grade()).as("%s", match.criteria()).isEqualTo(grade);
        assertThat(match.criteria())
                .allSatisfy(c -> assertThat(c.why().text()).isNotBlank())
                .extracting(c -> c.outcome())
                .as("the grade is the worst criterion")
                .contains(grade)
                .allMatch(outcome -> outcome.compareTo(grade) <= 0);
    }

    @Test
    void anUndecidedOfferSaysWhereTheMissingValueIsPrinted() {
        Match match = one("45 µF 440 V ±6 %", "45 µF run ±6 %", ShopRules.DEFAULT);
        assertThat(match.asks())
                .anySatisfy(ask -> assertThat(ask).contains("Voltage").contains("behind the µF"));
    }

    @Test
    void theShopCanAllowAnotherRatedValueInsideTheBand() {
        assertThat(one("7.5 µF 440 V ±10 %", "7 µF 440 V ±6 %", allowing(ShopRules.MakeUp.STOPGAP, true))
                        .grade())
                .isEqualTo(Grade.SUITABLE);
    }

    @Test
    void combinesWhatLiesOnTheTruckInOrderOfGradeThenPieces() {
        List<StockLine> truck = List.of(
                Parts.line("s55", 1, Parts.spec(55, 0, 440, 6)),
                new StockLine("s7", 2, Parts.spec(7.5, 0, 440, 5), 8),
                new StockLine("d50", 1, Parts.spec(50, 7.5, 440, 6), 30),
                Parts.line("s5", 1, Parts.spec(5, 0, 440, 6)),
                Parts.line("low", 3, Parts.spec(55, 7.5, 370, 6)));
        MatchAnswer answer = stock(Parts.spec(55, 7.5, 440, 6), truck, ShopRules.DEFAULT);
        assertThat(answer.matches().get(0).offer()).containsExactly("s55", "s7");
        assertThat(answer.matches().get(0).grade()).isEqualTo(Grade.NEEDS_CHANGE);
        assertThat(answer.matches().get(0).changes())
                .anySatisfy(c -> assertThat(c).contains("common"));
        Match makeUp = answer.matches().stream()
                .filter(m -> m.grade() == Grade.STOPGAP)
                .findFirst()
                .orElseThrow();
        assertThat(makeUp.offer()).containsExactlyInAnyOrder("d50", "s5");
        assertThat(makeUp.grade()).isEqualTo(Grade.STOPGAP);
        assertThat(makeUp.assignment())
                .extracting(a -> a.id() + a.terminal() + a.sections())
                .containsExactlyInAnyOrder("d50HERM[0]", "d50FAN[1]", "s5HERM[0]");
        assertThat(answer.matches())
                .filteredOn(m -> m.grade() == Grade.REFUSED)
                .extracting(Match::offer)
                .contains(List.of("low"), List.of("s55"));
    }

    @Test
    void makeUpFollowsTheShop() {
        List<StockLine> truck =
                List.of(Parts.line("a", 1, Parts.spec(30, 0, 440, 6)), Parts.line("b", 1, Parts.spec(15, 0, 440, 6)));
        Spec wanted = Parts.spec(45, 0, 440, 6);
        assertThat(stock(wanted, truck, ShopRules.DEFAULT).matches().get(0).grade())
                .isEqualTo(Grade.STOPGAP);
        assertThat(stock(wanted, truck, allowing(ShopRules.MakeUp.PERMANENT, false))
                        .matches()
                        .get(0)
                        .grade())
                .isEqualTo(Grade.NEEDS_CHANGE);
        assertThat(stock(wanted, truck, allowing(ShopRules.MakeUp.NEVER, false)).matches())
                .allMatch(m -> m.grade() == Grade.REFUSED);
    }

    @Test
    void aUniversalPartServesBothTerminalsFromDisjointSections() {
        List<StockLine> truck = List.of(Parts.line("u", 1, Parts.universal(440, 6, 2.5, 5, 5, 10, 20, 25)));
        Match match = stock(Parts.spec(45, 5, 440, 6), truck, ShopRules.DEFAULT)
                .matches()
                .get(0);
        assertThat(match.offer()).containsExactly("u");
        assertThat(match.grade()).isEqualTo(Grade.NEEDS_CHANGE);
        assertThat(match.assignment().get(0).sections())
                .doesNotContainAnyElementsOf(match.assignment().get(1).sections());
        assertThat(match.changes()).anySatisfy(c -> assertThat(c).contains("insulated"));
    }

    @Test
    void theMotorsOwnLabelBeatsTheOldCapacitorAndTheDisagreementIsFound() {
        Spec motor = Spec.EMPTY.with("capacitorMicrofarads", Value.of(7.5)).with("capacitorVolts", Value.of(370));
        MatchAnswer answer = CapacitorMatch.of(new MatchRequest(
                Parts.spec(45, 5, 440, 6),
                List.of(new Witness(Source.MOTOR_LABEL, motor)),
                Circuit.UNKNOWN,
                List.of(new Offer("a", Parts.spec(45, 5, 440, 6)), new Offer("b", Parts.spec(45, 7.5, 440, 6))),
                List.of(),
                ShopRules.DEFAULT));
        assertThat(answer.findings())
                .filteredOn(f -> f.kind() == Finding.Kind.WITNESSES_DISAGREE)
                .anySatisfy(f -> assertThat(f.text()).contains("7.5 µF goes"));
        assertThat(answer.matches()).extracting(m -> m.offer().get(0)).containsExactly("b", "a");
    }

    /** I = 2πfCV; a worked figure for 80 µF at 440 V and 60 Hz. */
    @Test
    void aJumperCarriesTheCapacitorsCurrent() {
        assertThat(Changes.jumperAmps(80, 440, 60)).isCloseTo(13.3, within(0.05));
    }

    private static ShopRules allowing(ShopRules.MakeUp makeUp, boolean otherNominal) {
        ShopRules d = ShopRules.DEFAULT;
        return new ShopRules(
                d.capacitorOut(),
                otherNominal,
                makeUp,
                d.universalCapacitor(),
                true,
                d.motorPowerStep(),
                true,
                d.replacePittedContactor(),
                d.shuntToTwoPole(),
                d.smallerTransformer(),
                d.discharge(),
                16,
                22);
    }

    private static Match one(String required, String offered, ShopRules rules) {
        Spec need = new Spec(CapacitorLabel.read(required).fields());
        Spec spec = new Spec(CapacitorLabel.read(offered).fields());
        MatchRequest request =
                new MatchRequest(need, List.of(), Circuit.UNKNOWN, List.of(new Offer("a", spec)), List.of(), rules);
        return CapacitorMatch.of(request).matches().get(0);
    }

    private static MatchAnswer stock(Spec need, List<StockLine> stock, ShopRules rules) {
        return CapacitorMatch.of(new MatchRequest(need, List.of(), Circuit.UNKNOWN, List.of(), stock, rules));
    }

    /** A witness may tell of one section, of both or of neither: whatever it tells, a match is answered. */
    @ParameterizedTest(name = "{0} and a witness with {1}+{2}")
    @CsvSource({
        "MOTOR_LABEL, 5, 0",
        "MOTOR_LABEL, 45, 5",
        "UNIT_PLATE, 45, 0",
        "UNIT_DIAGRAM, 7.5, 0",
        "MEASURED, 44, 0",
        "PART_LABEL, 45, 5"
    })
    void aWitnessOfOneSectionIsHeardToo(MatchRequest.Source source, double first, double second) {
        MatchRequest request = new MatchRequest(
                Parts.spec(45, 5, 440, 6),
                List.of(new MatchRequest.Witness(source, Parts.spec(first, second, 440, 6))),
                MatchRequest.Circuit.UNKNOWN,
                List.of(
                        new MatchRequest.Offer("dual", Parts.spec(45, 5, 440, 6)),
                        new MatchRequest.Offer("single", Parts.spec(45, 0, 440, 6))),
                List.of(),
                ShopRules.DEFAULT);
        assertThat(CapacitorMatch.of(request).matches())
                .hasSize(2)
                .allSatisfy(m -> assertThat(m.criteria()).isNotEmpty());
    }
}
