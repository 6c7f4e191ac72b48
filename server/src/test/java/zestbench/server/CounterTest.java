package zestbench.server;

import static org.assertj.core.api.Assertions.assertThat;
import static zestbench.server.Bench.texts;

import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** The simulated supply house, its interface, and what the bench does when it does not answer. */
class CounterTest {
    private static final String REQUIREMENT =
            "{\"duty\":\"run\",\"volts\":440,\"tolerancePlusPercent\":6,\"toleranceMinusPercent\":6,"
                    + "\"sections\":[{\"terminal\":\"HERM\",\"microfarads\":60},{\"terminal\":\"FAN\",\"microfarads\":7.5}]}";
    private static RunningBench bench;

    @BeforeAll
    static void open() {
        bench = RunningBench.start();
    }

    @AfterAll
    static void close() {
        bench.close();
    }

    @AfterEach
    void answersAgain() {
        mode("NORMAL");
    }

    @Test
    void itFindsByRequirementWithStockPriceDistanceAndHours() {
        assertThat(texts(bench.get("/counter/v1/branches").json(), "/id")).containsExactly("QUAY", "MILL");
        JsonNode items = search().at("/items");
        assertThat(items.size()).isPositive();
        for (JsonNode item : items) {
            assertThat(item.at("/price").asDouble()).isPositive();
            assertThat(item.at("/branch/miles").asDouble()).isPositive();
            assertThat(item.at("/branch/hours").asString()).startsWith("Mon to Fri");
            assertThat(item.at("/spec/volts").asDouble())
                    .as("never under the requirement")
                    .isGreaterThanOrEqualTo(440);
        }
        assertThat(bench.post(
                                "/counter/v1/search",
                                "{\"kind\":\"capacitor\",\"most\":1,\"requirement\":" + REQUIREMENT + "}")
                        .json()
                        .at("/items")
                        .size())
                .isEqualTo(1);
    }

    @ParameterizedTest
    @CsvSource({
        "POST, /counter/v1/search, '{\"kind\":\"sandwich\",\"requirement\":{}}', 400",
        "POST, /counter/v1/search, '{\"kind\":\"capacitor\"}', 400",
        "POST, /counter/v1/orders, '{\"item\":\"S-9999\",\"pieces\":1,\"customer\":\"x\"}', 404",
        "POST, /counter/v1/orders, '{\"item\":\"S-1001\",\"pieces\":0,\"customer\":\"x\"}', 400",
        "POST, /counter/v1/orders, '{\"item\":\"S-1001\",\"pieces\":49,\"customer\":\"x\"}', 409",
        "GET, /counter/v1/orders/A-77, , 404",
        "GET, /counter/v1/orders/none, , 404",
        "PUT, /counter/v1/mode, '{\"mode\":\"ASLEEP\"}', 400"
    })
    void itSaysWhatCannotBeAsked(String method, String path, String json, int status) {
        RunningBench.Answer answer = bench.send(method, path, json);
        assertThat(answer.status()).as(answer.text()).isEqualTo(status);
        assertThat(answer.json().at("/detail").asString()).isNotBlank();
    }

    @Test
    void anOrderMakesTheCallWaitUntilThePartIsHere() {
        Bench call = Bench.callTo(bench, "loft 3 heat pump");
        String part = call.part("capacitor", "60+7.5 MFD 440 VAC ±6%");
        call.measure(part, "HERM", 57.3);
        call.measure(part, "FAN", 5.9);
        JsonNode counter = bench.get(call.call + part + "/counter").json();
        assertThat(counter.at("/missing").asString()).isEmpty();
        JsonNode best = counter.at("/found/offers/0");
        assertThat(best.at("/grade").asString()).isEqualTo("LIKE_FOR_LIKE");
        assertThat(best.at("/where").asString())
                .startsWith("$ ")
                .contains("in stock")
                .contains(" mi,");
        String item = best.at("/offer/0").asString();
        int inStock =
                bench.get("/counter/v1/items/" + item).json().at("/quantity").asInt();

        JsonNode waits = call.does(part + "/order", "{\"item\":\"" + item + "\"}");
        assertThat(waits.at("/next/text").asString()).startsWith("Waits for its part, ready ");
        assertThat(waits.at("/parts/0/ordered/title").asString()).isEqualTo("60+7.5 µF 440 V ±6 %");
        assertThat(bench.get("/counter/v1/items/" + item).json().at("/quantity").asInt())
                .isEqualTo(inStock - 1);
        String order = waits.at("/parts/0/ordered/order").asString();
        assertThat(bench.get("/counter/v1/orders/" + order).json().at("/item").asString())
                .isEqualTo(item);
        assertThat(call.refuses(part + "/order", "{\"item\":\"" + item + "\"}")).contains("ordered already");
        JsonNode board = bench.get("/api/calls").json().at("/waiting");
        assertThat(texts(board, "/callId")).contains(call.call.substring(11));

        JsonNode here = call.does(part + "/order/end", "{\"isHere\":true}");
        assertThat(here.at("/next/text").asString()).startsWith("Match a replacement");
        call.does(part + "/choice", "{\"text\":\"60+7.5 MFD 440 VAC ±6% 50/60 Hz round\"}");
        assertThat(call.view().at("/parts/0/chosen/grade").asString()).isEqualTo("LIKE_FOR_LIKE");
        assertThat(call.refuses(part + "/order", "{\"item\":\"" + item + "\"}")).contains("put it back first");
    }

    @Test
    void aCounterThatIsDownHoldsNoRepairBack() {
        mode("DOWN");
        assertThat(bench.post("/counter/v1/search", "{\"kind\":\"capacitor\",\"requirement\":" + REQUIREMENT + "}")
                        .status())
                .isEqualTo(503);
        Bench call = Bench.callTo(bench, "loft 3 heat pump");
        String part = call.part("capacitor", "30+5 MFD 370 VAC ±6%");
        JsonNode own = bench.get(call.call + part + "/matches").json();
        assertThat(own.at("/offers").size())
                .as("the truck's matches come all the same")
                .isPositive();
        RunningBench.Answer counter = bench.get(call.call + part + "/counter");
        assertThat(counter.status()).isEqualTo(200);
        assertThat(counter.json().at("/missing").asString())
                .isEqualTo("The counter is down: its parts, prices and stock are missing here.");
        assertThat(counter.json().at("/found/offers").size()).isZero();
        assertThat(call.refuses(part + "/order", "{\"item\":\"S-1001\"}")).startsWith("Nothing was ordered.");
        assertThat(call.view().at("/parts/0/ordered").isMissingNode()).isTrue();
    }

    @Test
    void aSlowCounterAnswersLateAndASilentOneIsNotWaitedForLong() {
        mode("SLOW");
        Bench call = Bench.callTo(bench, "loft 3 heat pump");
        String part = call.part("capacitor", "30+5 MFD 370 VAC ±6%");
        long since = System.nanoTime();
        assertThat(bench.get(call.call + part + "/counter")
                        .json()
                        .at("/missing")
                        .asString())
                .isEmpty();
        assertThat((System.nanoTime() - since) / 1_000_000).isGreaterThan(2_000);
        try (RunningBench alone = RunningBench.start("--zest.counter.url=http://127.0.0.1:9/counter/v1")) {
            Bench other = Bench.callTo(alone, "loft 3 heat pump");
            String its = other.part("capacitor", "30+5 MFD 370 VAC ±6%");
            long asked = System.nanoTime();
            assertThat(alone.get(other.call + its + "/counter")
                            .json()
                            .at("/missing")
                            .asString())
                    .isEqualTo("The counter does not answer: its parts, prices and stock are missing here.");
            assertThat((System.nanoTime() - asked) / 1_000_000).isLessThan(7_000);
        }
    }

    private static JsonNode search() {
        return bench.post("/counter/v1/search", "{\"kind\":\"capacitor\",\"requirement\":" + REQUIREMENT + "}")
                .json();
    }

    private static void mode(String mode) {
        bench.send("PUT", "/counter/v1/mode", "{\"mode\":\"" + mode + "\"}");
    }
}
