package zestbench.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

class OpenInterfaceTest {
    private static final String DUAL = "{\"duty\":\"run\",\"sections\":[{\"terminal\":\"HERM\",\"microfarads\":55},"
            + "{\"terminal\":\"FAN\",\"microfarads\":7.5}],\"volts\":440,"
            + "\"tolerancePlusPercent\":6,\"toleranceMinusPercent\":6}";
    private final RunningBench bench = RunningBench.demo();

    @Test
    void readsALabelWithItsPiecesDoubtsAndWhatIsLeft() {
        String text = "55/7.5 MFD 440VAC 50/60HZ SH-1";
        JsonNode read = bench.post("/api/read", "{\"kind\":\"auto\",\"text\":\"" + text + "\"}")
                .json();
        assertThat(read.at("/kind").asString()).isEqualTo("capacitor");
        assertThat(read.at("/fields/sections/0/terminal").asString()).isEqualTo("HERM");
        assertThat(read.at("/fields/sections/1/microfarads").asDouble()).isEqualTo(7.5);
        assertThat(read.at("/fields/volts").asDouble()).isEqualTo(440);
        assertThat(read.at("/fields/tolerancePlusPercent").isMissingNode())
                .as("a doubt's suggestion is no field")
                .isTrue();
        for (JsonNode piece : read.at("/reads")) {
            assertThat(text.substring(
                            piece.at("/start").asInt(), piece.at("/end").asInt()))
                    .isEqualTo(piece.at("/text").asString());
        }
        assertThat(read.at("/doubts/0/suggest").asDouble()).isEqualTo(6);
        assertThat(texts(read.at("/unread"))).containsExactly("SH-1");
    }

    @Test
    void whatCannotBeReadIsAnAnswerAndTooMuchIsRefused() {
        JsonNode none = bench.post("/api/read", "{\"text\":\"hello there\"}").json();
        assertThat(none.has("kind")).isFalse();
        assertThat(none.at("/fields").size()).isZero();
        assertThat(texts(none.at("/unread"))).containsExactly("hello", "there");
        assertThat(bench.post("/api/read", "{\"text\":\"" + "x".repeat(20_001) + "\"}")
                        .status())
                .isEqualTo(413);
        assertThat(bench.post("/api/read", "{\"text\":\"" + "9".repeat(20_000) + "\"}")
                        .status())
                .isEqualTo(200);
    }

    /** Worked figures: 55 −6 % = 51.7, +6 % = 58.3; doubt 2 % of 52.6 + 5 × 0.01 = 1.102. */
    @Test
    void judgesWithTheReckoning() {
        JsonNode answer = bench.post(
                        "/api/judge",
                        "{\"kind\":\"capacitor\",\"spec\":" + DUAL + ",\"readings\":[{\"section\":\"HERM\","
                                + "\"microfarads\":52.6},{\"section\":\"FAN\",\"open\":true}],"
                                + "\"meter\":{\"percent\":2,\"counts\":5},\"rules\":{}}")
                .json();
        JsonNode herm = answer.at("/verdicts/0");
        assertThat(herm.at("/verdict").asString()).isEqualTo("TOO_CLOSE");
        assertThat(herm.at("/low").asDouble()).isEqualTo(51.7);
        assertThat(herm.at("/high").asDouble()).isEqualTo(58.3);
        assertThat(herm.at("/uncertainty").asDouble()).isEqualTo(1.102);
        assertThat(herm.at("/reckoning").asString()).startsWith("55 µF −6 % = 51.7");
        assertThat(herm.at("/mark/type").asString()).isEqualTo("STANDARD");
        assertThat(answer.at("/verdicts/1/verdict").asString()).isEqualTo("FAILED");
        assertThat(answer.at("/verdicts/1").has("reading")).isFalse();
        assertThat(answer.at("/overall").asString()).isEqualTo("FAILED");
    }

    /** 5.90 A, 348 V, 60 Hz: 44.97 µF by C = I / 2πfV. */
    @Test
    void judgesUnderLoad() {
        JsonNode answer = bench.post(
                        "/api/judge",
                        "{\"kind\":\"capacitor-under-load\",\"spec\":{\"sections\":[{\"microfarads\":45}],"
                                + "\"tolerancePlusPercent\":6,\"toleranceMinusPercent\":6},"
                                + "\"readings\":[{\"amps\":5.90,\"volts\":348,\"hertz\":60}],"
                                + "\"meter\":{\"percent\":1,\"counts\":1}}")
                .json();
        assertThat(answer.at("/verdicts/0/reading").asDouble()).isCloseTo(44.97, within(0.005));
        assertThat(answer.at("/overall").asString()).isEqualTo("GOOD");
    }

    @Test
    void matchesOffersBestFirst() {
        JsonNode answer = bench.post(
                        "/api/match",
                        "{\"kind\":\"capacitor\",\"required\":" + DUAL + ",\"context\":{\"lineVolts\":238,\"phase\":1},"
                                + "\"offers\":[{\"id\":\"low\",\"spec\":" + DUAL.replace("440", "370")
                                + "},{\"id\":\"same\",\"spec\":" + DUAL + "},{\"id\":\"silent\",\"spec\":{}}]}")
                .json();
        List<String> grades = StreamSupport.stream(answer.at("/matches").spliterator(), false)
                .map(m -> m.at("/offer/0").asString() + " " + m.at("/grade").asString())
                .toList();
        assertThat(grades).containsExactly("same LIKE_FOR_LIKE", "silent UNDECIDED", "low REFUSED");
        JsonNode criterion = answer.at("/matches/0/criteria/0");
        assertThat(criterion.propertyNames()).contains("attribute", "required", "offered", "outcome", "why", "mark");
    }

    @Test
    void combinesStockAndRepeatsAnIdForEachPieceUsed() {
        JsonNode answer = bench.post(
                        "/api/match",
                        "{\"kind\":\"capacitor\",\"required\":{\"duty\":\"run\",\"sections\":[{\"microfarads\":40}],"
                                + "\"volts\":440},\"stock\":[{\"id\":\"t\",\"quantity\":2,\"spec\":{\"duty\":\"run\","
                                + "\"sections\":[{\"microfarads\":20}],\"volts\":440}}],\"rules\":"
                                + "{\"makeUpCapacitors\":\"PERMANENT\"}}")
                .json();
        assertThat(texts(answer.at("/matches/0/offer"))).containsExactly("t", "t");
        assertThat(answer.at("/matches/0/grade").asString()).isEqualTo("NEEDS_CHANGE");
    }

    @Test
    void readsAUnitsPlateAndDoubtsWhatDoesNotAgree() {
        JsonNode read = bench.post(
                        "/api/read",
                        "{\"kind\":\"unit-plate\",\"text\":\"MODEL HW036 MFD 04/2016 208/230-1-60\\nCOMPRESSOR RLA 17.9"
                                + " LRA 112\\nOD FAN FLA 1.4\\nMCA 28.8 MAX FUSE 40\"}")
                .json();
        assertThat(read.at("/kind").asString()).isEqualTo("unit-plate");
        assertThat(read.at("/fields/manufactured").asString()).isEqualTo("2016-04");
        assertThat(read.at("/fields/compressors/0/lockedRotorAmps").asDouble()).isEqualTo(112);
        assertThat(read.at("/fields/nominalBtuPerHour").asDouble()).isEqualTo(36_000);
        assertThat(read.at("/doubts/0/field").asString()).isEqualTo("minimumCircuitAmps");
        assertThat(read.at("/doubts/0/suggest").asDouble()).isEqualTo(23.8);
        JsonNode told = bench.post("/api/read", "{\"text\":\"COMP RLA 14.1 LRA 80 FAN FLA 1.2 MCA 18.8 MOP 30\"}")
                .json();
        assertThat(told.at("/kind").asString()).as("told by itself").isEqualTo("unit-plate");
    }

    /** NEMA MG 1, 14.36: 460, 467, 450 V are 1.96 % apart from their mean. */
    @Test
    void judgesTheSupply() {
        String legs = "[{\"pair\":\"L1-L2\",\"volts\":460},{\"pair\":\"L2-L3\",\"volts\":467},"
                + "{\"pair\":\"L1-L3\",\"volts\":450}]";
        JsonNode unbalance = bench.post("/api/judge", "{\"kind\":\"unbalance\",\"readings\":" + legs + "}")
                .json();
        assertThat(unbalance.at("/verdicts/0/reading").asDouble()).isCloseTo(1.96, within(0.005));
        assertThat(unbalance.at("/overall").asString()).isEqualTo("GOOD");
        JsonNode voltage = bench.post(
                        "/api/judge", "{\"kind\":\"voltage\",\"spec\":{\"volts\":[460]},\"readings\":" + legs + "}")
                .json();
        assertThat(voltage.at("/verdicts/0/low").asDouble()).isEqualTo(414);
        assertThat(voltage.at("/verdicts/0/subject").asString()).isEqualTo("L1-L2");
        assertThat(voltage.at("/overall").asString()).isEqualTo("GOOD");
        JsonNode lost = bench.post(
                        "/api/judge",
                        "{\"kind\":\"voltage\",\"spec\":{\"volts\":[460]},\"readings\":"
                                + legs.replace("467", "12").replace("450", "9") + "}")
                .json();
        assertThat(lost.at("/findings/0/severity").asString()).isEqualTo("STOP");
        assertThat(lost.at("/findings/0/text").asString()).contains("Leg L3 is lost");
    }

    /** What was given, what is wrong, what would be right: RFC 9457, with the field named. */
    @ParameterizedTest(name = "{0} {1}: {2}")
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "/api/read | {} | text",
                "/api/read | {\"kind\":\"toaster\",\"text\":\"x\"} | kind",
                "/api/judge | {\"kind\":\"capacitor\",\"spec\":{},\"readings\":[]} | spec.sections",
                "/api/judge | {\"kind\":\"capacitor\",\"spec\":{\"volts\":-4},\"readings\":[{\"microfarads\":4}]} | spec.volts",
                "/api/judge | {\"kind\":\"capacitor\",\"spec\":{\"colour\":\"red\"},\"readings\":[{\"microfarads\":4}]} | spec.colour",
                "/api/judge | {\"kind\":\"capacitor\",\"spec\":{\"sections\":[{\"microfarads\":5}]},\"readings\":[{\"microfarads\":\"five\"}]} | readings[0].microfarads",
                "/api/judge | {\"kind\":\"capacitor\",\"spec\":{\"sections\":[{\"microfarads\":5}]},\"readings\":[{\"microfarads\":-5}]} | readings[0].value",
                "/api/judge | {\"kind\":\"capacitor\",\"spec\":{\"sections\":[{\"microfarads\":5}]},\"readings\":[null]} | readings[0]",
                "/api/judge | {\"kind\":\"capacitor\",\"spec\":{\"sections\":[{\"microfarads\":5}]},\"readings\":[{\"microfarads\":5}],\"meter\":{\"percent\":900}} | meter.percent",
                "/api/judge | {\"kind\":\"capacitor\",\"spec\":{\"sections\":[{\"microfarads\":5}]},\"readings\":[{\"microfarads\":5}],\"rules\":{\"capacitorOut\":\"MAYBE\"}} | rules.capacitorOut",
                "/api/judge | {\"kind\":\"voltage\",\"spec\":{},\"readings\":[{\"pair\":\"L1-L2\",\"volts\":240}]} | spec.volts",
                "/api/judge | {\"kind\":\"voltage\",\"spec\":{\"volts\":[230]},\"readings\":[{\"pair\":\"L1\",\"volts\":240}]} | readings[0].pair",
                "/api/judge | {\"kind\":\"unbalance\",\"readings\":[{\"pair\":\"L1-L2\",\"volts\":240}]} | readings",
                "/api/judge | {\"kind\":\"weather\",\"readings\":[]} | kind",
                "/api/match | {\"kind\":\"capacitor\",\"required\":{\"sections\":[]}} | required.sections",
                "/api/match | {\"kind\":\"capacitor\",\"required\":{\"sections\":[{\"microfarads\":5}]},\"offers\":[{\"spec\":{}}]} | offers[0].id",
                "/api/match | {\"kind\":\"capacitor\",\"required\":{\"sections\":[{\"microfarads\":5}]},\"stock\":[{\"id\":\"a\",\"quantity\":-1,\"spec\":{}}]} | stock[0].quantity",
                "/api/match | {\"kind\":\"capacitor\",\"required\":{\"sections\":[{\"microfarads\":5}]},\"context\":{\"supplyHertz\":400}} | context.supplyHertz",
                "/api/match | no json at all | body",
                "/api/match | [1,2] | body",
            })
    void wrongInputIsNamed(String path, String body, String field) {
        RunningBench.Answer answer = bench.post(path, body);
        assertThat(answer.status()).as(answer.text()).isEqualTo(400);
        assertThat(answer.raw().headers().firstValue("Content-Type").orElse("")).startsWith("application/problem+json");
        assertThat(answer.json().at("/detail").asString()).isNotBlank();
        assertThat(answer.json().at("/errors/0/field").asString()).isEqualTo(field);
        assertThat(answer.json().at("/errors/0/problem").asString()).isNotBlank();
    }

    private static org.assertj.core.data.Offset<Double> within(double by) {
        return org.assertj.core.data.Offset.offset(by);
    }

    private static List<String> texts(JsonNode array) {
        return StreamSupport.stream(array.spliterator(), false)
                .map(JsonNode::asString)
                .toList();
    }
}
