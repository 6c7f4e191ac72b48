package zestbench.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Truck, rules, meters, people and units over HTTP, and the demo town they start with. */
class ShopAndTruckTest {
    private final RunningBench bench = RunningBench.demo();

    @Test
    void theDemoTownHasWhatLeadsIntoEveryView() {
        assertThat(bench.get("/api/people").json().size()).isGreaterThanOrEqualTo(3);
        assertThat(bench.get("/api/units").json().size()).isGreaterThanOrEqualTo(6);
        JsonNode calls = bench.get("/api/calls").json();
        assertThat(calls.at("/calls").size()).isGreaterThanOrEqualTo(12);
        assertThat(calls.at("/due").size()).as("a stopgap that is due").isPositive();
        JsonNode truck = bench.get("/api/truck").json();
        assertThat(truck.size()).isBetween(110, 135);
        Set<String> kinds = new TreeSet<>();
        truck.forEach(item -> {
            kinds.add(item.at("/kind").asString());
            assertThat(item.at("/rating").asString()).isNotBlank().doesNotContain("half read");
        });
        assertThat(kinds).contains("capacitor", "motor", "contactor", "relay", "fuse", "transformer", "start-device");
        for (JsonNode call : calls.at("/calls")) {
            assertThat(bench.get("/api/calls/" + call.at("/id").asLong()).status())
                    .isEqualTo(200);
        }
    }

    /** Eight devices reach for the last piece at once: one gets it, the others are told, the count is never negative. */
    @Test
    void theLastPieceGoesToOneOnly() throws Exception {
        String last = "";
        String label = "";
        for (JsonNode item : bench.get("/api/truck").json()) {
            boolean single = item.at("/rating").asString().matches("[\\d.]+ µF 440 V ±\\d+ %");
            if (item.at("/kind").asString().equals("capacitor")
                    && item.at("/quantity").asInt() == 1
                    && single) {
                last = item.at("/id").asString();
                label = item.at("/rating").asString();
            }
        }
        String piece = last;
        List<String> parts = new ArrayList<>();
        for (int i = 0; i < 8; i++) {
            parts.add(readPart(label));
        }
        ExecutorService devices = Executors.newFixedThreadPool(8);
        List<Future<Integer>> answers = devices.invokeAll(parts.stream()
                .map(part -> (Callable<Integer>) () -> bench.post(part + "/choice", "{\"offer\":[\"" + piece + "\"]}")
                        .status())
                .toList());
        devices.shutdown();
        List<Integer> statuses = new ArrayList<>();
        for (Future<Integer> answer : answers) {
            statuses.add(answer.get());
        }
        assertThat(statuses).containsOnlyOnce(200).containsOnly(200, 409);
        assertThat(quantity(piece)).isZero();
        bench.send("DELETE", parts.get(statuses.indexOf(200)) + "/choice", null);
        assertThat(quantity(piece)).isEqualTo(1);
    }

    @Test
    void theMeterInUseDecidesWhatCanBeTold() {
        String part = readPart("45 µF 440 V ±6 %");
        String near = "{\"readings\":[{\"microfarads\":42.5}]}";
        assertThat(verdict(part, near)).isEqualTo("TOO_CLOSE");
        JsonNode fine = bench.post(
                        "/api/meters",
                        "{\"name\":\"fine bridge\",\"quantity\":\"MICROFARADS\",\"percent\":0.1,\"counts\":1}")
                .json();
        assertThat(fine.at("/accuracy").asString()).isEqualTo("0.1 % + 1");
        assertThat(verdict(part, near)).as("the last one listed is in use").isEqualTo("WEAK");
        bench.send("DELETE", "/api/meters/" + fine.at("/id").asLong(), null);
        assertThat(verdict(part, near)).isEqualTo("TOO_CLOSE");
    }

    @ParameterizedTest(name = "{0} {1}: {2}")
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "/api/people | {\"name\":\" \"} | name",
                "/api/units | {\"site\":\"x\",\"name\":\"y\",\"volts\":\"lots\",\"phase\":1} | volts",
                "/api/units | {\"site\":\"x\",\"name\":\"y\",\"volts\":\"230\",\"phase\":2} | phase",
                "/api/units | {\"site\":\"x\",\"name\":\"y\",\"volts\":\"230\",\"phase\":1,\"tons\":-1} | tons",
                "/api/meters | {\"name\":\"m\",\"quantity\":\"VOLTS\",\"percent\":80,\"counts\":1} | meter.percent",
                "/api/meters | {\"name\":\"m\",\"quantity\":\"HORSES\",\"percent\":1,\"counts\":1} | quantity",
                "/api/calls | {\"complaint\":\"warm\"} | unitId",
                "/api/calls | {\"unitId\":1,\"complaint\":\"\"} | complaint",
            })
    void aWrongFieldIsNamed(String path, String json, String field) {
        RunningBench.Answer answer = bench.post(path, json);
        assertThat(answer.status()).isEqualTo(400);
        assertThat(answer.json().at("/errors/0/field").asString()).isEqualTo(field);
    }

    @Test
    void nobodyChangesAnythingUnnamed() {
        String part = readPart("45 µF 440 V ±6 %");
        for (String who : new String[] {"", "0", "x"}) {
            RunningBench.Answer answer = bench.send(java.net.http.HttpRequest.newBuilder(
                            java.net.URI.create(bench.address() + part + "/readings"))
                    .header("Content-Type", "application/json")
                    .header("X-Technician", who.isEmpty() ? "-1" : who)
                    .POST(java.net.http.HttpRequest.BodyPublishers.ofString("{\"readings\":[{\"microfarads\":45}]}"))
                    .build());
            assertThat(answer.status()).isBetween(400, 404);
        }
    }

    @Test
    void aNewTechnicianAcceptsTheCautionOnce() {
        long id = bench.post("/api/people", "{\"name\":\" Tech 9 \"}")
                .json()
                .at("/id")
                .asLong();
        JsonNode accepted = bench.post("/api/people/" + id + "/caution", null).json();
        assertThat(accepted.at("/name").asString()).isEqualTo("Tech 9");
        assertThat(accepted.at("/cautionAccepted").asBoolean()).isTrue();
        assertThat(bench.post("/api/people/99999/caution", null).status()).isEqualTo(404);
    }

    @Test
    void aNewUnitHasAPlaceForACapacitor() {
        JsonNode unit = bench.post(
                        "/api/units",
                        "{\"site\":\"Net lofts\",\"name\":\"loft 9\",\"volts\":\"208/230\",\"phase\":1,\"tons\":2.5}")
                .json();
        assertThat(unit.at("/line").asString()).isEqualTo("2.5 ton · 208/230 V 1 ph");
        assertThat(RunningBench.place(unit, "capacitor")).isPositive();
    }

    @Test
    void aCallIsCancelledReopenedAndNoted() {
        String part = readPart("45 µF 440 V ±6 %");
        String call = part.substring(0, part.indexOf("/parts"));
        assertThat(bench.post(call + "/end", "{\"end\":\"CANCELLED\",\"note\":\"nobody home\"}")
                        .json()
                        .at("/status")
                        .asString())
                .isEqualTo("CANCELLED");
        assertThat(bench.post(call + "/notes", "{\"text\":\"gate was locked\"}").status())
                .isEqualTo(409);
        bench.post(call + "/reopen", null);
        JsonNode noted =
                bench.post(call + "/notes", "{\"text\":\"gate was locked\"}").json();
        assertThat(noted.at("/tape/0/text/title").asString()).isEqualTo("gate was locked");
        assertThat(bench.post(call + "/reopen", null).status()).isEqualTo(409);
    }

    private String verdict(String part, String readings) {
        return bench.post(part + "/preview", readings)
                .json()
                .at("/verdicts/0/verdict")
                .asString();
    }

    private int quantity(String id) {
        for (JsonNode item : bench.get("/api/truck").json()) {
            if (item.at("/id").asString().equals(id)) {
                return item.at("/quantity").asInt();
            }
        }
        throw new IllegalStateException(id);
    }

    private String readPart(String label) {
        long unit = bench.get("/api/units").json().at("/0/id").asLong();
        long call = bench.post("/api/calls", "{\"unitId\":" + unit + ",\"complaint\":\"warm\"}")
                .json()
                .at("/id")
                .asLong();
        String part = "/api/calls/" + call + "/parts/"
                + bench.post("/api/calls/" + call + "/parts", "{\"kind\":\"capacitor\",\"place\":\"Outdoor unit\"}")
                        .json()
                        .at("/parts/0/id")
                        .asString();
        assertThat(bench.post(part + "/label", "{\"text\":\"" + label + " run\"}")
                        .status())
                .as("a label without fields is read by the server")
                .isEqualTo(200);
        return part;
    }
}
