package zestbench.core.cases;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import zestbench.core.Families;
import zestbench.core.family.Family;
import zestbench.core.family.MatchAnswer.Match;
import zestbench.core.judgement.Criterion;
import zestbench.core.judgement.Grade;

/** What holds of every family's match whatever is asked, drawn at random around the cases. */
class FamilyPropertiesTest {
    private static final ObjectMapper JSON = new ObjectMapper();
    private static final int DRAWS = 400;

    /** Attributes of which less is worse, with what is left of them. */
    private static final Map<String, Map<String, DoubleUnaryOperator>> WORSE = Map.of(
            "capacitor",
                    Map.of(
                            "volts",
                            v -> v * 0.6,
                            "tolerancePlusPercent",
                            v -> v + 15,
                            "toleranceMinusPercent",
                            v -> v + 15),
            "contactor",
                    Map.of(
                            "fullLoadAmps",
                            v -> v * 0.5,
                            "lockedRotorAmps",
                            v -> v * 0.4,
                            "resistiveAmps",
                            v -> v * 0.5,
                            "lineVolts",
                            v -> v * 0.5),
            "fuse", Map.of("volts", v -> v * 0.3, "interruptingKiloamps", v -> v * 0.05),
            "relay", Map.of("contactAmps", v -> v * 0.3, "contactVolts", v -> v * 0.3),
            "transformer", Map.of("voltAmps", v -> Math.min(v, 40) * 0.3),
            "motor", Map.of("ambientCelsius", v -> v - 25, "serviceFactor", v -> v - 0.2, "horsepower", v -> v * 0.5),
            "start-device", Map.of("voltsHigh", v -> v * 0.5, "tonsHigh", v -> v * 0.3));

    static Stream<String> kinds() {
        return Families.ALL.stream().map(Family::kind);
    }

    private static List<ObjectNode> of(String kind) {
        return CasesTest.matches()
                .map(c -> (ObjectNode) c.body())
                .filter(b -> b.get("kind").asString().equals(kind) && b.has("offers"))
                .toList();
    }

    @ParameterizedTest
    @MethodSource("kinds")
    void theGradeIsTheWorstOfItsCriteriaSoThatNoRefusalIsHidden(String kind) {
        assertThat(of(kind)).hasSizeGreaterThan(5);
        for (ObjectNode body : of(kind)) {
            for (Match match : Asked.match(body).matches()) {
                Grade worst =
                        match.criteria().stream().map(Criterion::outcome).reduce(Grade.LIKE_FOR_LIKE, Grade::worst);
                assertThat(match.grade()).as("%s: %s", body, match.criteria()).isEqualTo(worst);
            }
        }
    }

    @ParameterizedTest
    @MethodSource("kinds")
    void orderOfOffersFieldsAndWitnessesChangesNothing(String kind) {
        Random random = new Random(kind.hashCode());
        List<ObjectNode> bodies = of(kind);
        for (int draw = 0; draw < DRAWS; draw++) {
            ObjectNode body = bodies.get(random.nextInt(bodies.size())).deepCopy();
            for (int more = random.nextInt(3); more > 0; more--) {
                ObjectNode other = bodies.get(random.nextInt(bodies.size()));
                ObjectNode offer = (ObjectNode) other.get("offers").get(0).deepCopy();
                ((ArrayNode) body.get("offers")).add(offer.put("id", "more-" + more));
            }
            assertThat(grades((ObjectNode) shuffled(body, random)))
                    .as("%s", body)
                    .isEqualTo(grades(body));
        }
    }

    /** What decides and is gone is asked for; it neither makes an offer fit nor lifts one that does. */
    @ParameterizedTest
    @MethodSource("kinds")
    void aDecidingFieldTakenOffNeverBettersAnOffer(String kind) {
        for (ObjectNode body : of(kind)) {
            Grade before = Asked.match(body).matches().get(0).grade();
            for (var attribute : Families.named(kind).attributes()) {
                ObjectNode less = body.deepCopy();
                ObjectNode spec = (ObjectNode) less.get("offers").get(0).get("spec");
                if (attribute.decides() && spec.remove(attribute.name()) != null) {
                    if (attribute.name().equals("rpm")) {
                        // either of the two decides
                        spec.remove("poles");
                    }
                    Grade now = Asked.match(less).matches().get(0).grade();
                    assertThat(now.fits() && now.compareTo(before) < 0)
                            .as("%s without %s: %s, then %s", body, attribute.name(), before, now)
                            .isFalse();
                }
            }
        }
    }

    @ParameterizedTest
    @MethodSource("kinds")
    void aWorseFigureNeverBettersAnOffer(String kind) {
        for (ObjectNode body : of(kind)) {
            Grade before = Asked.match(body).matches().get(0).grade();
            WORSE.getOrDefault(kind, Map.of()).forEach((name, less) -> {
                ObjectNode worse = body.deepCopy();
                ObjectNode spec = (ObjectNode) worse.get("offers").get(0).get("spec");
                if (spec.has(name) && spec.get(name).isNumber()) {
                    spec.put(name, less.applyAsDouble(spec.get(name).asDouble()));
                    Grade now = Asked.match(worse).matches().get(0).grade();
                    assertThat(now).as("%s of %s", name, body).isGreaterThanOrEqualTo(before);
                }
            });
        }
    }

    private static Map<String, Grade> grades(ObjectNode body) {
        Map<String, Grade> out = new TreeMap<>();
        Asked.match(body).matches().forEach(m -> out.put(String.join(" ", m.offer()), m.grade()));
        return out;
    }

    /** The same with fields, offers and witnesses in another order; rows inside a spec keep theirs. */
    private static JsonNode shuffled(JsonNode node, Random random) {
        if (!node.isObject()) {
            return node;
        }
        List<String> names = new ArrayList<>(node.propertyNames());
        Collections.shuffle(names, random);
        ObjectNode out = JSON.createObjectNode();
        for (String name : names) {
            JsonNode value = node.get(name);
            if (name.equals("offers") || name.equals("witnesses")) {
                List<JsonNode> rows = new ArrayList<>();
                value.forEach(row -> rows.add(shuffled(row, random)));
                Collections.shuffle(rows, random);
                out.set(name, JSON.createArrayNode().addAll(rows));
            } else {
                out.set(name, shuffled(value, random));
            }
        }
        return out;
    }
}
