package zestbench.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Windings and running amps as other programs hand them in. */
class OpenMotorTest {
    private final RunningBench bench = RunningBench.demo();

    @ParameterizedTest(name = "{0} {1}: {2}, {3}")
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "winding | \"readings\":[{\"pair\":\"1-2\",\"ohms\":0.9},{\"pair\":\"1-3\",\"ohms\":2.1},"
                        + "{\"pair\":\"2-3\",\"ohms\":3.0}] | GOOD | C is 1, R is 2, S is 3.",
                "winding | \"shellHot\":true,\"readings\":[{\"pair\":\"C-R\",\"overRange\":true},"
                        + "{\"pair\":\"C-S\",\"open\":true},{\"pair\":\"R-S\",\"ohms\":3.0}] | TOO_CLOSE | no dead compressor",
                "winding | \"readings\":[{\"pair\":\"1-GROUND\",\"ohms\":1200}] | FAILED | No more fuses",
                "winding | \"readings\":[{\"pair\":\"1-GROUND\",\"ohms\":9000000,\"testVolts\":500}] | GOOD | ",
                "winding | \"spec\":{\"phase\":3},\"readings\":[{\"pair\":\"T1-T2\",\"ohms\":8},"
                        + "{\"pair\":\"T2-T3\",\"ohms\":8},{\"pair\":\"T1-T3\",\"ohms\":9.5}] | FAILED | off the mean",
                "amps | \"spec\":{\"ratedLoadAmps\":17.9,\"lockedRotorAmps\":96},\"readings\":[{\"place\":\"COMPRESSOR\","
                        + "\"amps\":14.2,\"inrushAmps\":88}] | GOOD | ",
                "amps | \"spec\":{\"ratedLoadAmps\":17.9,\"lockedRotorAmps\":96},\"readings\":[{\"place\":\"COMPRESSOR\","
                        + "\"amps\":80}] | FAILED | Not starting",
                "amps | \"spec\":{\"ratedLoadAmps\":17.9},\"readings\":[{\"place\":\"COMPRESSOR\",\"amps\":9}] | GOOD | not pumping",
                "amps | \"spec\":{\"fullLoadAmps\":1.4,\"lockedRotorAmps\":4},\"readings\":[{\"place\":\"FAN\",\"amps\":1.45,"
                        + "\"inrushAmps\":4.4}] | WEAK | Inrush above LRA",
            })
    void motorsAreJudged(String kind, String rest, String overall, String words) {
        RunningBench.Answer answer = bench.post("/api/judge", "{\"kind\":\"" + kind + "\"," + rest + "}");
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        JsonNode json = answer.json();
        assertThat(json.at("/overall").asString()).as(answer.text()).isEqualTo(overall);
        assertThat(json.at("/findings").toString()).contains(words == null ? "" : words);
        assertThat(json.at("/verdicts/0/reckoning").asString()).isNotBlank();
    }

    @Test
    void aMotorsLabelIsRead() {
        String text = "1/4 HP 1075 RPM 208-230/460V 1PH 60HZ 1.9/0.95A CWLE 5uF/370V";
        JsonNode read = bench.post("/api/read", "{\"kind\":\"auto\",\"text\":\"" + text + "\"}")
                .json();
        assertThat(read.at("/kind").asString()).isEqualTo("motor");
        assertThat(read.at("/fields/volts").toString()).isEqualTo("[[208,230],[460]]");
        assertThat(read.at("/fields/rotationView").asString()).isEqualTo("LEAD_END");
    }

    @ParameterizedTest(name = "{0}, {1}: {2}")
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "{\"lineVolts\":238,\"supplyHertz\":60} | {} | LIKE_FOR_LIKE",
                "{\"lineVolts\":461} | {\"volts\":[[208,230],[460]],\"fullLoadAmps\":[1.9,0.95]} | NEEDS_CHANGE",
                "{} | {\"rpm\":[1625]} | REFUSED",
                "{} | {\"rotationView\":\"SHAFT_END\"} | REFUSED",
                "{\"plate\":{\"outdoorFans\":[{\"fullLoadAmps\":1.9}],\"compressors\":[{\"ratedLoadAmps\":17.9}],"
                        + "\"minimumCircuitAmps\":26.4}} | {\"fullLoadAmps\":[2.15]} | SUITABLE",
            })
    void motorsAreMatched(String context, String other, String grade) {
        String motor = "\"type\":\"PSC\",\"horsepower\":0.25,\"volts\":[208,230],\"phase\":1,\"hertz\":[60],"
                + "\"fullLoadAmps\":[1.9],\"rpm\":[1075],\"rotation\":\"CW\",\"rotationView\":\"LEAD_END\","
                + "\"capacitorMicrofarads\":5,\"capacitorVolts\":370";
        Map<String, Object> spec = new LinkedHashMap<>(read("{" + motor + "}"));
        spec.putAll(read(other));
        RunningBench.Answer answer = bench.post(
                "/api/match",
                "{\"kind\":\"motor\",\"required\":{" + motor + "},\"context\":" + context
                        + ",\"offers\":[{\"id\":\"a\"," + "\"spec\":"
                        + JsonMapper.builder().build().writeValueAsString(spec) + "}]}");
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        assertThat(answer.json().at("/matches/0/grade").asString())
                .as(answer.text())
                .isEqualTo(grade);
    }

    @SuppressWarnings("unchecked")
    private static Map<String, Object> read(String json) {
        return JsonMapper.builder().build().readValue(json, Map.class);
    }

    @ParameterizedTest(name = "{0} {1}: {2}")
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "winding | \"readings\":[{\"pair\":\"1-2\",\"ohms\":0.9}] | the three pairs of three terminals",
                "winding | \"readings\":[{\"pair\":\"1-2\"}] | exactly one of ohms",
                "winding | \"readings\":[null] | give a reading",
                "winding | \"spec\":{\"phase\":2},\"readings\":[] | give 1 or 3",
                "motor | \"readings\":[] | give kind winding or kind amps",
                "amps | \"spec\":{\"fullLoadAmps\":1},\"readings\":[{\"amps\":1}] | COMPRESSOR, FAN or BLOWER",
            })
    void whatDoesNotGoIsSaid(String kind, String rest, String words) {
        RunningBench.Answer answer = bench.post("/api/judge", "{\"kind\":\"" + kind + "\"," + rest + "}");
        assertThat(answer.status()).as(answer.text()).isEqualTo(400);
        assertThat(answer.text()).contains(words);
    }
}
