package zestbench.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** No input may cause a 500: every operation of the interface is given everything that does not belong there. */
class BadInputTest {
    private static final List<String> BODIES = List.of(
            "{}",
            "[]",
            "null",
            "7",
            "\"text\"",
            "{",
            "",
            "{\"text\":null,\"fields\":null,\"readings\":null,\"name\":null}",
            "{\"text\":\"\\u0000\\uD800\",\"fields\":{\"sections\":[{\"microfarads\":1e308}]},\"kind\":\"capacitor\"}",
            "{\"kind\":\"capacitor\",\"text\":{\"a\":1},\"fields\":[1],\"readings\":{}}",
            "{\"kind\":\"capacitor\",\"spec\":{\"sections\":[{\"microfarads\":1e-300}],\"tolerancePlusPercent\":1e9},"
                    + "\"readings\":[{\"microfarads\":1e300}]}",
            "{\"kind\":\"capacitor-under-load\",\"spec\":{\"sections\":[{\"microfarads\":5}]},"
                    + "\"readings\":[{\"amps\":1,\"volts\":0,\"hertz\":0}]}",
            "{\"kind\":\"capacitor\",\"required\":{\"sections\":[{\"microfarads\":5},{\"microfarads\":5},"
                    + "{\"microfarads\":5}]},\"offers\":[null],\"stock\":[null],\"witnesses\":[null]}",
            "{\"unitId\":-1,\"complaint\":\"x\",\"place\":\"SUPPLY\",\"pair\":\"none\",\"volts\":-1,\"amps\":-1,"
                    + "\"rated\":0,\"offer\":[\"none\"],\"wires\":[null],\"list\":\"SHEET\",\"key\":\"none\",\"on\":true,"
                    + "\"outcome\":\"REPLACED\",\"returnDate\":\"soon\",\"end\":\"CLOSED\",\"name\":\"x\",\"reason\":\"x\"}",
            "{\"offer\":[null],\"returnDate\":\"9999-99-99\"}",
            "{\"readings\":[{\"section\":\"NOWHERE\",\"microfarads\":5}],\"piece\":99}",
            "{\"question\":\"none\",\"answer\":\"none\",\"which\":\"OUTDOOR\",\"text\":\"\u0000\",\"point\":\"LINE\","
                    + "\"volts\":1e300,\"pair\":\"L9-L9\",\"key\":\"none\",\"caption\":\"x\",\"wires\":[null]}",
            "{\"question\":\"ICE\",\"answer\":\"\",\"which\":\"INDOOR\",\"text\":\"RLA 1e99 MCA 1e-9 LRA -1\","
                    + "\"fields\":{\"compressors\":[{\"ratedLoadAmps\":0}],\"minimumCircuitAmps\":1e308},"
                    + "\"point\":\"COIL\",\"volts\":-24,\"caption\":\"\",\"wires\":[{\"terminal\":\"\"}]}",
            "{\"placeId\":-1,\"shellHot\":true,\"readings\":[{\"pair\":\"1-1\",\"ohms\":-1},{\"pair\":\"-\",\"megohms\":1e300}]}",
            "{\"site\":\"\",\"name\":\"\",\"volts\":\"lots\",\"phase\":2,\"percent\":-1,\"counts\":1e9,\"quantity\":\"OHMS\"}");

    @ParameterizedTest(name = "{0} {1}")
    @MethodSource("operations")
    void isAnsweredWithAProblemAndNeverWithAFailure(String method, String path) {
        RunningBench bench = RunningBench.demo();
        // what is only asked for has no body
        for (String body : method.equals("GET") ? List.of("{}") : BODIES) {
            RunningBench.Answer answer = bench.send(
                    method, path, body, "X-Request-Id", UUID.randomUUID().toString());
            assertThat(answer.status())
                    .as("%s %s %s: %s", method, path, body, answer.text())
                    .isLessThan(500);
            if (answer.status() >= 400) {
                assertThat(answer.json().at("/detail").asString())
                        .as("%s %s %s", method, path, body)
                        .isNotBlank();
            }
        }
        assertThat(bench.send(method, path, "{}", "X-Technician", "many").status())
                .isLessThan(500);
    }

    /** Every operation that the server describes, once on a real call and once on none. */
    static Stream<org.junit.jupiter.params.provider.Arguments> operations() {
        RunningBench bench = RunningBench.demo();
        long unit = bench.get("/api/units").json().at("/0/id").asLong();
        String call = bench.post("/api/calls", "{\"unitId\":" + unit + ",\"complaint\":\"x\"}")
                .json()
                .at("/id")
                .asString();
        String place =
                String.valueOf(RunningBench.place(bench.get("/api/units").json().at("/0"), "contactor"));
        String part = bench.post("/api/calls/" + call + "/parts", "{\"kind\":\"capacitor\",\"place\":\"Outdoor\"}")
                .json()
                .at("/parts/0/id")
                .asString();
        List<org.junit.jupiter.params.provider.Arguments> out = new ArrayList<>();
        bench.get("/v3/api-docs")
                .json()
                .at("/paths")
                .properties()
                .forEach(path -> path.getValue().properties().forEach(operation -> {
                    String method = operation.getKey().toUpperCase(java.util.Locale.ROOT);
                    for (String id : List.of(call, "999999", "x")) {
                        String real = path.getKey()
                                .replace("{id}", id)
                                .replace("{part}", part)
                                .replace("{place}", id.equals("x") ? "x" : place)
                                .replace("{number}", "1")
                                .replaceAll("\\{[a-zA-Z]+}", "none");
                        // a stream without end has nothing to answer with; what its query may hold is MeterTest's
                        boolean isStream = real.equals("/meter/v1/stream");
                        if (!isStream && (!real.endsWith("/end") || !id.equals(call))) {
                            out.add(org.junit.jupiter.params.provider.Arguments.of(method, real));
                        }
                    }
                }));
        return out.stream().distinct();
    }

    /** A browser is led to the start page; a program is told that there is nothing. */
    @Test
    void anAddressThatNoViewHasLeadsToTheStart() {
        RunningBench.Answer seen = RunningBench.demo().send("GET", "/nonsense", null, "Accept", "text/html,*/*");
        assertThat(seen.status()).isEqualTo(302);
        assertThat(seen.raw().headers().firstValue("Location")).contains("/calls");
        assertThat(RunningBench.demo().get("/nonsense").status()).isEqualTo(404);
        assertThat(RunningBench.demo()
                        .send("GET", "/api/nonsense", null, "Accept", "text/html")
                        .status())
                .isEqualTo(404);
    }
}
