package zestbench.core.cases;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;
import zestbench.core.family.MatchAnswer.Match;
import zestbench.core.judgement.Verdict;

/**
 * Made-up cases with what a careful technician would say to each, one line a case. Each carries its why; standards are named in it
 * where one decides.
 */
class CasesTest {
    private static final ObjectMapper JSON = new ObjectMapper();

    /** One case as it stands in the file. */
    record Case(String id, JsonNode line) {
        String why() {
            return line.get("why").asString();
        }

        JsonNode body() {
            return line.get("body");
        }

        List<String> grades() {
            List<String> out = new ArrayList<>();
            line.get("grade").forEach(g -> out.add(g.asString()));
            return out;
        }

        @Override
        public String toString() {
            return id + " " + line.get("body").get("kind").asString() + ": " + why();
        }
    }

    private static Stream<Case> read(String file) {
        try (InputStream in = Objects.requireNonNull(CasesTest.class.getResourceAsStream("/cases/" + file))) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8)
                            .lines()
                            .filter(l -> !l.isBlank())
                            .map(JSON::readTree)
                            .map(n -> new Case(n.get("id").asString(), n))
                            .toList()
                            .stream();
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    static Stream<Case> matches() {
        return Stream.concat(read("match.jsonl"), read("more.jsonl"));
    }

    static Stream<Case> judgements() {
        return read("judge.jsonl");
    }

    static Stream<Case> combinations() {
        return read("combo.jsonl");
    }

    @ParameterizedTest
    @MethodSource
    void matches(Case each) {
        Match best = Asked.match(each.body()).matches().get(0);
        assertThat(best.grade().name())
                .as(
                        "%s; %s",
                        each.why(),
                        best.criteria().stream()
                                .filter(c -> c.outcome() == best.grade())
                                .map(c -> c.attribute() + ": " + c.why().text())
                                .toList())
                .isIn(each.grades());
    }

    @ParameterizedTest
    @MethodSource
    void judgements(Case each) {
        Verdict overall = Asked.judge(each.body()).overall();
        String expected =
                each.line().hasNonNull("overall") ? each.line().get("overall").asString() : null;
        assertThat(overall == null ? null : overall.name()).as(each.why()).isEqualTo(expected);
    }

    @ParameterizedTest
    @MethodSource
    void combinations(Case each) {
        List<Match> fitting = Asked.match(each.body()).matches().stream()
                .filter(m -> m.grade().fits())
                .toList();
        if (!each.line().hasNonNull("best")) {
            assertThat(fitting).as(each.why()).isEmpty();
            return;
        }
        List<List<String>> allowed = new ArrayList<>();
        allowed.add(ids(each.line().get("best")));
        each.line().get("alt").forEach(a -> allowed.add(ids(a)));
        assertThat(fitting).as(each.why()).isNotEmpty();
        Match best = fitting.get(0);
        assertThat(best.offer().stream().sorted().toList()).as(each.why()).isIn(allowed);
        assertThat(best.grade().name()).as(each.why()).isIn(each.grades());
    }

    private static List<String> ids(JsonNode node) {
        List<String> out = new ArrayList<>();
        node.forEach(n -> out.add(n.asString()));
        return out.stream().sorted().toList();
    }

    @Test
    void nothingIsLeftOut() {
        assertThat(matches().count() + judgements().count() + combinations().count())
                .isEqualTo(362 + 62);
    }
}
