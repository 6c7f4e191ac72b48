package zestbench.core.options;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import zestbench.core.family.MatchAnswer.Match;
import zestbench.core.judgement.Grade;
import zestbench.core.options.CustomerOption.Line;
import zestbench.core.options.CustomerOption.Tier;
import zestbench.core.quantity.InputProblem;

/** What a customer is offered adds up to the cent, and comes from the matches in their order. */
class CustomerOptionTest {
    /** Sums a pocket reckoner gives; the last two lose a cent where they are added as binary fractions. */
    @ParameterizedTest
    @CsvSource({
        "1, 44, 95, 139.00",
        "2, 11.36, 95, 117.72",
        "3, 0.1, 0.005, 0.31",
        "3, 33.335, 0, 100.01",
        "100, 0.07, 0, 7.00",
        "1, 1.005, 0, 1.01"
    })
    void addsUpToTheCent(int count, double each, double labour, double total) {
        CustomerOption option =
                new CustomerOption("a", Tier.PROPER, "A new one", List.of(new Line("part", count, each)), labour, null);
        assertThat(option.total()).contains(total);
        assertThat(option.reckoning()).endsWith(String.format(java.util.Locale.ROOT, "= %.2f", total));
    }

    @Test
    void isToldWithItsReckoning() {
        CustomerOption option = new CustomerOption(
                "a",
                Tier.STOPGAP,
                "Two in parallel",
                List.of(new Line("40 µF", 1, 23.68), new Line("5 µF", 2, 11.36)),
                95,
                null);
        assertThat(option.reckoning()).isEqualTo("1 × 23.68 + 2 × 11.36 + labour 95.00 = 141.40");
    }

    @ParameterizedTest
    @CsvSource({
        "part, 0, 1, 0, count",
        "part, 101, 1, 0, count",
        "part, 1, -1, 0, each",
        "part, 1, 2000000, 0, each",
        "' ', 1, 1, 0, name",
        "part, 1, 1, -5, labour"
    })
    void saysWhichFigureCannotBe(String name, int count, double each, double labour, String field) {
        assertThatThrownBy(() ->
                        new CustomerOption("a", Tier.PROPER, "x", List.of(new Line(name, count, each)), labour, null))
                .isInstanceOfSatisfying(
                        InputProblem.class,
                        p -> assertThat(p.fields().get(0).field()).isEqualTo(field));
    }

    @Test
    void theBestOfEachTierIsOfferedAndWhatDoesNotFitIsNot() {
        List<Match> matches = List.of(
                match("a", Grade.LIKE_FOR_LIKE),
                match("b", Grade.SUITABLE),
                match("c", Grade.SUITABLE),
                match("d", Grade.STOPGAP),
                match("e", Grade.UNDECIDED),
                match("f", Grade.REFUSED));
        List<CustomerOption> options = CustomerOption.of(matches, id -> new Line(id, 1, 10.0));
        assertThat(options).extracting(CustomerOption::tier).containsExactly(Tier.STOPGAP, Tier.PROPER, Tier.BETTER);
        assertThat(options).extracting(o -> o.parts().get(0).name()).containsExactly("d", "a", "b");
        assertThat(CustomerOption.of(matches.subList(4, 6), id -> new Line(id, 1, 10.0)))
                .isEmpty();
        assertThat(CustomerOption.of(matches.subList(1, 2), id -> new Line(id, 1, 10.0)))
                .as("without anything alike, what suits is the proper one")
                .extracting(CustomerOption::tier)
                .containsExactly(Tier.PROPER);
    }

    private static Match match(String id, Grade grade) {
        return new Match(List.of(id), List.of(), id, grade, List.of(), List.of(), List.of());
    }
}
