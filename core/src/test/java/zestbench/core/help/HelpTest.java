package zestbench.core.help;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import zestbench.core.Families;
import zestbench.core.family.Family;
import zestbench.core.judgement.Mark;

class HelpTest {
    /** Every step answers a question, in sentences, each with where it comes from; a standard names its clause. */
    @ParameterizedTest
    @EnumSource(Topic.class)
    void everyStepHasItsRulesAndTheirSources(Topic topic) {
        List<Help> all = new ArrayList<>(List.of(Help.of(topic)));
        for (Family family : Families.ALL) {
            family.help(topic).ifPresent(all::add);
        }
        for (Help help : all) {
            assertThat(help.title()).endsWith("?");
            assertThat(help.rules()).isNotEmpty().allSatisfy(rule -> {
                assertThat(rule.text()).matches("(?s)[A-Z0-9µ].*[.]");
                assertThat(rule.text().length())
                        .as("short enough to be read at a panel")
                        .isLessThan(190);
                if (rule.mark().type() == Mark.Type.STANDARD) {
                    assertThat(rule.mark().source()).matches(".*(\\d|Handbook).*");
                }
            });
        }
    }
}
