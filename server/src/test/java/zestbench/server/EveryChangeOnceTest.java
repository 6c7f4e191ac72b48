package zestbench.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Phones with a poor signal send again, several people tap at once: every change is made once, and no figure is nobody's. */
class EveryChangeOnceTest {
    private static final String CAPACITOR = "{\"text\":\"45+5 MFD 440 VAC\",\"depot\":\"Truck 1\",\"bin\":\"B1\","
            + "\"quantity\":3,\"minimum\":1,\"cost\":10,\"price\":20}";
    private static RunningBench bench;
    private static ExecutorService phones;

    @BeforeAll
    static void start() {
        bench = RunningBench.start();
        phones = Executors.newFixedThreadPool(4);
    }

    @AfterAll
    static void stop() {
        phones.shutdownNow();
        bench.close();
    }

    @ParameterizedTest(name = "{0} {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "POST | /api/calls | {\"unitId\":1,\"complaint\":\"again\"} | /api/calls",
                "POST | /api/units | {\"site\":\"S\",\"name\":\"again\",\"volts\":\"230\",\"phase\":1} | /api/units",
                "POST | /api/people | {\"name\":\"Tech again\"} | /api/people",
                "POST | /api/truck | " + CAPACITOR + " | /api/truck",
                "POST | /api/truck/depots | {\"name\":\"Truck 77\",\"isShop\":false} | /api/truck/depots",
                "POST | /api/meters | {\"name\":\"M\",\"quantity\":\"VOLTS\",\"percent\":1,\"counts\":2} | /api/meters",
                "POST | CALL/notes | {\"text\":\"again\"} | CALL",
                "PUT | /api/rules | {\"capacitorOut\":\"LABEL_TOLERANCE\"} | /api/rules"
            })
    void whatIsSentAgainIsDoneOnce(String method, String to, String json, String of) throws Exception {
        String call = Bench.callTo(bench, "rooftop 1").call;
        String path = to.replace("CALL", call);
        String told = of.replace("CALL", call);
        int before = size(told);
        String name = UUID.randomUUID().toString();
        List<Callable<RunningBench.Answer>> sends = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            sends.add(() -> bench.send(method, path, json, "X-Request-Id", name));
        }
        List<JsonNode> answers = new ArrayList<>();
        for (Future<RunningBench.Answer> each : phones.invokeAll(sends)) {
            assertThat(each.get().status()).as(each.get().text()).isEqualTo(200);
            answers.add(each.get().json());
        }
        assertThat(answers).as("each sending is answered alike").allMatch(a -> a.equals(answers.get(0)));
        assertThat(size(told)).isEqualTo(before + 1);
    }

    private static int size(String path) {
        JsonNode told = bench.get(path).json();
        return path.equals("/api/rules")
                ? told.at("/number").asInt()
                : path.matches("/api/calls/\\d+")
                        ? told.at("/tape").size()
                        : path.equals("/api/calls") ? told.at("/calls").size() : told.size();
    }

    @Test
    void movingIsDoneOnceAndAnotherChangeDoesNotHideUnderItsName() {
        String line = bench.post("/api/truck", CAPACITOR).json().at("/id").asString();
        String depot = bench.get("/api/truck/depots").json().at("/1/name").asString();
        String name = UUID.randomUUID().toString();
        String path = "/api/truck/" + line + "/move";
        for (int i = 0; i < 3; i++) {
            bench.send("POST", path, "{\"depot\":\"" + depot + "\",\"pieces\":1}", "X-Request-Id", name);
        }
        assertThat(count(line)).isEqualTo(2);
        var other = bench.send("POST", "/api/people", "{\"name\":\"Tech 5\"}", "X-Request-Id", name);
        assertThat(other.status()).isEqualTo(409);
        assertThat(other.json().at("/detail").asString()).contains("POST " + path);
    }

    @Test
    void aRefusedChangeMayBeSentAgainUnderItsName() {
        String name = UUID.randomUUID().toString();
        String line = bench.post("/api/truck", CAPACITOR).json().at("/id").asString();
        String path = "/api/truck/" + line + "/move";
        assertThat(bench.send("POST", path, "{\"depot\":\"nowhere\",\"pieces\":1}", "X-Request-Id", name)
                        .status())
                .isEqualTo(400);
        String depot = bench.get("/api/truck/depots").json().at("/1/name").asString();
        assertThat(bench.send("POST", path, "{\"depot\":\"" + depot + "\",\"pieces\":1}", "X-Request-Id", name)
                        .status())
                .isEqualTo(200);
    }

    @Test
    void partsThatAreTakenInAtOnceGetALineEach() throws Exception {
        int before = bench.get("/api/truck").json().size();
        List<Callable<RunningBench.Answer>> sends = new ArrayList<>();
        for (int i = 0; i < 40; i++) {
            sends.add(() -> bench.post("/api/truck", CAPACITOR));
        }
        Set<String> ids = new HashSet<>();
        for (Future<RunningBench.Answer> each : phones.invokeAll(sends)) {
            assertThat(each.get().status()).as(each.get().text()).isEqualTo(200);
            ids.add(each.get().json().at("/id").asString());
        }
        assertThat(ids).hasSize(40);
        assertThat(bench.get("/api/truck").json().size()).isEqualTo(before + 40);
    }

    @Test
    void aCountIsOneThatSomebodyCounted() throws Exception {
        String line = bench.post("/api/truck", CAPACITOR).json().at("/id").asString();
        for (int round = 0; round < 10; round++) {
            List<Callable<RunningBench.Answer>> sends = new ArrayList<>();
            List<Integer> counted = List.of(2, 4, 6, 8, 10, 12);
            long version = line(line).at("/version").asLong();
            for (int count : counted) {
                sends.add(() -> bench.send(
                        "PUT",
                        "/api/truck/" + line + "/count",
                        "{\"quantity\":" + count + ",\"version\":" + version + "}"));
            }
            int kept = 0;
            for (Future<RunningBench.Answer> each : phones.invokeAll(sends)) {
                if (each.get().status() == 200) {
                    kept++;
                } else {
                    assertThat(each.get().status()).as(each.get().text()).isEqualTo(409);
                    assertThat(each.get().json().at("/now/quantity").asInt()).isIn(counted);
                    assertThat(each.get().json().at("/given").asInt()).isIn(counted);
                    assertThat(each.get().json().at("/detail").asString()).contains("changed meanwhile");
                }
            }
            // the same figure over again is no change
            assertThat(kept).isBetween(1, 2);
            assertThat(count(line)).isIn(counted);
        }
    }

    @Test
    void rulesSitesMetersAndLinesSayBothValuesWhereTheyWereChangedMeanwhile() {
        assertOutdated("PUT", "/api/rules?version=-1", "{\"newCapacitorWithMotor\":true}", "/now/rules/capacitorOut");
        assertOutdated("PUT", "/api/units/1/site", "{\"altitudeFeet\":12,\"version\":-1}", "/now/altitudeFeet");
        assertOutdated(
                "POST",
                "/api/meters?version=-1",
                "{\"name\":\"M\",\"quantity\":\"OHMS\",\"percent\":1,\"counts\":2}",
                "/now/name");
        String line = bench.post("/api/truck", CAPACITOR).json().at("/id").asString();
        assertOutdated(
                "PUT",
                "/api/truck/" + line,
                "{\"bin\":\"B2\",\"name\":\"n\",\"minimum\":0,\"cost\":1,\"price\":2,\"version\":-1}",
                "/now/bin");
    }

    private static void assertOutdated(String method, String path, String json, String now) {
        var answer = bench.send(method, path, json);
        assertThat(answer.status()).as(answer.text()).isEqualTo(409);
        assertThat(answer.json().at(now).isMissingNode()).as(answer.text()).isFalse();
        assertThat(answer.json().at("/given").isMissingNode()).isFalse();
    }

    @Test
    void aChangeBearsTheTimeOfItsTap() {
        Bench call = Bench.callTo(bench, "rooftop 1");
        long now = System.currentTimeMillis();
        long tapped = now - 45_000;
        note(call, "waited", tapped, false);
        assertThat(last(call)).isEqualTo(tapped);
        note(call, "ahead", now + 3_600_000, true);
        assertThat(Instant.ofEpochMilli(last(call))).isBetween(Instant.ofEpochMilli(now), Instant.now());
        note(call, "before the last line", tapped - 3_600_000, true);
        assertThat(last(call)).isGreaterThanOrEqualTo(now);
        assertThat(bench.send("POST", call.call + "/notes", "{\"text\":\"x\"}", "X-Tapped-At", "noon")
                        .status())
                .isEqualTo(400);
    }

    private static void note(Bench call, String text, long tapped, boolean isStamped) {
        HttpRequest request = HttpRequest.newBuilder(URI.create(bench.address() + call.call + "/notes"))
                .header("Content-Type", "application/json")
                .header("X-Technician", "1")
                .header("X-Tapped-At", String.valueOf(tapped))
                .POST(HttpRequest.BodyPublishers.ofString("{\"text\":\"" + text + "\"}"))
                .build();
        try {
            HttpResponse<String> answer =
                    HttpClient.newHttpClient().send(request, HttpResponse.BodyHandlers.ofString());
            assertThat(answer.statusCode()).as(answer.body()).isEqualTo(200);
            assertThat(answer.headers().firstValue("X-Stamped").isPresent())
                    .as("says that it took its own time")
                    .isEqualTo(isStamped);
        } catch (java.io.IOException | InterruptedException problem) {
            throw new AssertionError(problem);
        }
    }

    private static long last(Bench call) {
        return call.view().at("/tape/0/atMillis").asLong();
    }

    private static JsonNode line(String id) {
        for (JsonNode line : bench.get("/api/truck").json()) {
            if (line.at("/id").asString().equals(id)) {
                return line;
            }
        }
        throw new AssertionError("no line " + id);
    }

    private static int count(String id) {
        return line(id).at("/quantity").asInt();
    }
}
