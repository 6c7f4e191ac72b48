package zestbench.server;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** Shop rules, meters and witnesses as other programs hand them in. */
class OpenRulesTest {
    private final RunningBench bench = RunningBench.demo();

    @ParameterizedTest(name = "{0}: {1} by {2} is {3}")
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "{} | 40 | [[20],[20]] | STOPGAP",
                "{\"makeUpCapacitors\":\"PERMANENT\"} | 40 | [[20],[20]] | NEEDS_CHANGE",
                "{\"makeUpCapacitors\":\"NEVER\"} | 40 | [[20],[20]] | REFUSED",
                "{} | 7.5 | [[7]] | REFUSED",
                "{\"otherNominalWithinTolerance\":true} | 7.5 | [[7.1]] | SUITABLE",
                "{\"otherNominalWithinTolerance\":true} | 7.5 | [[6]] | REFUSED",
                "{} | 30 | [[5,10,20]] | NEEDS_CHANGE",
                "{} | 20 | [[5,10,20]] | SUITABLE",
                "{\"universalCapacitor\":\"STOPGAP\"} | 20 | [[5,10,20]] | STOPGAP",
                "{\"motorPowerStep\":\"SAME\",\"wholeFuseSet\":false,\"discharge\":\"INSULATED_TOOL\"} | 20 | [[20]] | LIKE_FOR_LIKE",
            })
    void eachRuleDecidesWhatItSays(String rules, double wanted, String pieces, String grade) {
        StringBuilder stock = new StringBuilder();
        int id = 0;
        for (JsonNode sections :
                tools.jackson.databind.json.JsonMapper.builder().build().readTree(pieces)) {
            StringBuilder rows = new StringBuilder();
            sections.forEach(s -> rows.append(rows.isEmpty() ? "" : ",")
                    .append("{\"microfarads\":")
                    .append(s)
                    .append('}'));
            stock.append(stock.isEmpty() ? "" : ",")
                    .append("{\"id\":\"p")
                    .append(id++)
                    .append("\",\"quantity\":1,\"spec\":")
                    .append(spec("[" + rows + "]"))
                    .append('}');
        }
        JsonNode answer = bench.post(
                        "/api/match",
                        "{\"kind\":\"capacitor\",\"required\":" + spec("[{\"microfarads\":" + wanted + "}]")
                                + ",\"stock\":[" + stock + "],\"rules\":" + rules + "}")
                .json();
        assertThat(answer.at("/matches/0/grade").asString())
                .as(answer.toString())
                .isEqualTo(grade);
    }

    @ParameterizedTest(name = "meter {0}, resolution {1}: doubt {2}, {3}")
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "{\"percent\":2,\"counts\":5} | | 0.904 | TOO_CLOSE",
                "{\"percent\":2,\"counts\":5,\"resolution\":0.1} | | 1.354 | TOO_CLOSE",
                "{\"percent\":2,\"counts\":5,\"resolution\":0.1} | 0.001 | 0.859 | TOO_CLOSE",
                "{\"percent\":0,\"counts\":1} | | 0.01 | GOOD",
                "{\"counts\":0} | | 0.854 | TOO_CLOSE",
            })
    void theDoubtIsTheMetersOwn(String meter, String resolution, double doubt, String verdict) {
        JsonNode answer = bench.post(
                        "/api/judge",
                        "{\"kind\":\"capacitor\",\"spec\":{\"sections\":[{\"microfarads\":45}],\"tolerancePlusPercent\":10,"
                                + "\"toleranceMinusPercent\":6},\"readings\":[{\"microfarads\":42.7"
                                + (resolution == null ? "" : ",\"resolution\":" + resolution) + "}],\"meter\":" + meter
                                + "}")
                .json();
        assertThat(answer.at("/verdicts/0/uncertainty").asDouble()).isEqualTo(doubt);
        assertThat(answer.at("/verdicts/0/verdict").asString()).isEqualTo(verdict.equals("GOOD") ? "WEAK" : verdict);
    }

    @Test
    void aWitnessThatDisagreesIsAFindingBeforeAnyMatch() {
        JsonNode answer = bench.post(
                        "/api/match",
                        "{\"kind\":\"capacitor\",\"required\":" + spec("[{\"microfarads\":35}]")
                                + ",\"witnesses\":[{\"from\":\"UNIT_PLATE\",\"fields\":"
                                + spec("[{\"microfarads\":40}]")
                                + "}],\"offers\":[{\"id\":\"a\",\"spec\":" + spec("[{\"microfarads\":40}]") + "}]}")
                .json();
        assertThat(answer.at("/findings/0/severity").asString()).isEqualTo("CAUTION");
        assertThat(answer.at("/findings/0/text").asString()).contains("unit's plate says 40", "35");
        assertThat(answer.at("/matches/0/grade").asString()).isEqualTo("LIKE_FOR_LIKE");
    }

    /** A truck of two thousand lines is answered, the best twelve of each grade at the most. */
    @Test
    void aLargeTruckIsAnsweredInFull() {
        StringBuilder stock = new StringBuilder();
        for (int i = 0; i < 2_000; i++) {
            stock.append(i == 0 ? "" : ",")
                    .append("{\"id\":\"l")
                    .append(i)
                    .append("\",\"quantity\":2,\"cost\":")
                    .append(i % 97)
                    .append(",\"spec\":")
                    .append(spec("[{\"microfarads\":" + (2.5 + i % 40 * 2.5) + "}]"))
                    .append('}');
        }
        JsonNode answer = bench.post(
                        "/api/match",
                        "{\"kind\":\"capacitor\",\"required\":{\"duty\":\"run\",\"sections\":[{\"terminal\":\"HERM\","
                                + "\"microfarads\":55},{\"terminal\":\"FAN\",\"microfarads\":7.5}],\"volts\":440},"
                                + "\"stock\":[" + stock + "]}")
                .json();
        java.util.Map<String, Integer> counts = new java.util.TreeMap<>();
        answer.at("/matches").forEach(m -> counts.merge(m.at("/grade").asString(), 1, Integer::sum));
        assertThat(counts)
                .as("pieces of equal rating are one: two singles in one way")
                .containsEntry("NEEDS_CHANGE", 1)
                .containsEntry("STOPGAP", 12)
                .containsEntry("REFUSED", 12);
    }

    private static String spec(String sections) {
        return "{\"duty\":\"run\",\"sections\":" + sections
                + ",\"volts\":440,\"tolerancePlusPercent\":6,\"toleranceMinusPercent\":6}";
    }
}
