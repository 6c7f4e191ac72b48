package zestbench.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** A burnt contactor, a blown fuse, a transformer fitted too small, two start devices: from label to record. */
class PartsJourneyTest {
    private final RunningBench bench = RunningBench.demo();
    private String call;
    private String part;

    private JsonNode unit(String name) {
        for (JsonNode unit : bench.get("/api/units").json()) {
            if (unit.at("/name").asString().equals(name)) {
                return unit;
            }
        }
        throw new AssertionError("no unit " + name);
    }

    private void begin(String unitName, String kind, String label) {
        JsonNode unit = unit(unitName);
        call = "/api/calls/"
                + bench.post("/api/calls", "{\"unitId\":" + unit.at("/id") + ",\"complaint\":\"stands\"}")
                        .json()
                        .at("/id")
                        .asLong();
        JsonNode added =
                change("/parts", "{\"kind\":\"" + kind + "\",\"placeId\":" + RunningBench.place(unit, kind) + "}");
        part = "/parts/" + added.at("/parts/0/id").asString();
        change(part + "/label", "{\"text\":\"" + label + "\"}");
    }

    private JsonNode change(String path, String json) {
        RunningBench.Answer answer = bench.post(call + path, json);
        assertThat(answer.status()).as("%s %s: %s", path, json, answer.text()).isEqualTo(200);
        return answer.json();
    }

    private JsonNode view() {
        return bench.get(call).json().at("/parts/0");
    }

    private JsonNode measure(String section, double value) {
        return change(part + "/readings", "{\"readings\":[{\"section\":\"" + section + "\",\"value\":" + value + "}]}")
                .at("/parts/0");
    }

    private void look(String look, String seen) {
        change(part + "/looks", "{\"look\":\"" + look + "\",\"seen\":\"" + seen + "\"}");
    }

    private static List<String> texts(JsonNode rows, String field) {
        List<String> out = new ArrayList<>();
        rows.forEach(row -> out.add(row.at(field).asString()));
        return out;
    }

    private JsonNode sheet() {
        for (JsonNode pair : bench.get(call).json().at("/safe/pairs")) {
            change("/dead", "{\"place\":" + pair.at("/place") + ",\"pair\":" + pair.at("/pair") + ",\"volts\":0.2}");
        }
        RunningBench.Answer answer = bench.post(call + part + "/sheet", "{}");
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return answer.json();
    }

    /** What was read with a doubt decides nothing until somebody compared it with the label. */
    @Test
    void aDoubtIsCarriedToWhereItDecidesAndSettledByOneTap() {
        begin("split system", "contactor", "2 POLE 3O FLA 24V COIL");
        change(part + "/label", "{\"text\":\"RES 40\"}");
        JsonNode label = view();
        assertThat(label.at("/text").asString()).isEqualTo("2 POLE 3O FLA 24V COIL\nRES 40");
        assertThat(label.at("/fields/poles").asInt()).isEqualTo(2);
        assertThat(label.at("/fields/resistiveAmps").asInt()).isEqualTo(40);
        assertThat(texts(label.at("/doubts"), "/attribute")).containsExactly("fullLoadAmps");
        JsonNode asked = bench.get(call + part + "/matches").json();
        assertThat(texts(asked.at("/offers"), "/grade")).doesNotContain("SUITABLE", "LIKE_FOR_LIKE");
        assertThat(asked.toString()).contains("First confirm");
        change(
                part + "/label",
                "{\"text\":" + label.at("/text") + ",\"fields\":" + label.at("/fields")
                        + ",\"checked\":[null,\"fullLoadAmps\"]}");
        assertThat(view().at("/doubts").size()).isZero();
        assertThat(bench.get(call + part + "/matches").json().toString()).doesNotContain("First confirm");
    }

    private void closeProved() {
        String close = "{\"outcome\":\"REPLACED\"}";
        assertThat(bench.post(call + part + "/close", close).text())
                .as("not before it is proved")
                .contains("tick: ");
        for (JsonNode list : List.of(view().at("/checks"), view().at("/running"))) {
            for (JsonNode check : list) {
                change(part + "/ticks", "{\"list\":\"PROOF\",\"key\":" + check.at("/key") + ",\"on\":true}");
            }
        }
        for (JsonNode piece : view().at("/chosen/pieces")) {
            assertThat(piece.at("/isProved").asBoolean())
                    .as("measured before it went in")
                    .isTrue();
        }
        assertThat(change(part + "/close", close).at("/parts/0/closed/outcome").asString())
                .isEqualTo("REPLACED");
    }

    @Test
    void aBurntContactorIsChosenByWhatItSwitches() {
        begin("loft 7 heat pump", "contactor", "2 POLE 30 FLA LRA 150 240 V COIL 24 V LUGS");
        assertThat(texts(view().at("/untested"), "")).containsExactly("COIL", "CONTACTS");
        assertThat(measure("COIL", 12.4).at("/readings/0/unit").asString()).isEqualTo("Ω");
        assertThat(measure("COIL VOLTS", 25.2).at("/verdict").asString()).isEqualTo("GOOD");
        look("CONTACTS", "burnt");
        assertThat(view().at("/verdict").asString()).isEqualTo("FAILED");
        JsonNode offers = bench.get(call + part + "/matches").json().at("/offers");
        assertThat(offers.at("/0/title").asString()).isEqualTo("2 poles 30 FLA coil 24 V");
        assertThat(offers.at("/0/cells").toString()).contains("13.8 A switched", "74.6 A");
        change(part + "/choice", "{\"offer\":" + offers.at("/0/offer") + "}");
        assertThat(texts(sheet().at("/steps"), "/text")).anyMatch(t -> t.startsWith("24 V from the indoor unit"));
        change(part + "/readings", "{\"piece\":0,\"readings\":[{\"section\":\"COIL\",\"value\":12.1}]}");
        closeProved();
    }

    @Test
    void aBlownFuseGoesInAsASetAndNotBeforeItsCauseIsLookedFor() {
        begin("rooftop", "fuse", "35 A 600 V CLASS RK5 TIME DELAY");
        change("/supply", "{\"point\":\"DISCONNECT\",\"pair\":\"L1-L2\",\"volts\":463}");
        change(part + "/readings", "{\"readings\":[{\"section\":\"FUSE 1\",\"overRange\":true}]}");
        JsonNode answer = bench.get(call + part + "/matches").json();
        assertThat(answer.at("/findings/0/severity").asString()).isEqualTo("STOP");
        JsonNode best = answer.at("/offers/0");
        assertThat(best.at("/offer").size()).as("three legs, three fuses").isEqualTo(3);
        assertThat(texts(answer.at("/refused"), "/reason")).contains("Voltage", "Rating");
        change(part + "/choice", "{\"offer\":" + best.at("/offer") + "}");
        assertThat(view().at("/chosen/pieces").size()).isEqualTo(3);
        for (int piece = 0; piece < 3; piece++) {
            change(
                    part + "/readings",
                    "{\"piece\":" + piece + ",\"readings\":[{\"section\":\"FUSE 1\",\"value\":0.1}]}");
        }
        assertThat(texts(view().at("/checks"), "/key")).contains("ground", "wires", "start", "motors");
        look("HOLDER", "heat");
        assertThat(texts(bench.get(call).json().at("/tape"), "/text/title"))
                .as("a heat-marked holder is written up")
                .anyMatch(t -> t.startsWith("Write-up, disconnect and fuses: Holder and clips"));
        look("CAUSE", "wire");
        look("AGAIN", "yes");
        assertThat(view().at("/looks").toString()).contains("Isolate the loads one by one");
        closeProved();
    }

    @Test
    void aStopIsGoneOnPastByNameAndWhatWasWrittenUpEndsWithItsPart() {
        begin("rooftop", "contactor", "2 POLE 30 FLA LRA 150 240 V COIL 24 V LUGS");
        String id = part.replaceAll(".*/", "");
        change("/write-ups", "{\"what\":\"Coil hums.\",\"urgency\":\"SOON\",\"part\":\"" + id + "\"}");
        change("/write-ups", "{\"what\":\"Pan rusted.\",\"urgency\":\"WATCH\"}");
        assertThat(bench.get(call).json().at("/leave/writeUps/0/place").asString())
                .as("where the part sits")
                .isNotEmpty();
        String past = "{\"part\":\"" + id + "\",\"demand\":\"PULL_DISCONNECT\",\"reason\":\"pulled at the panel\"}";
        assertThat(bench.post(call + "/override", past).text()).contains("No such STOP stands there");
        look("STUCK", "stays");
        assertThat(view().at("/stop/action").asString()).isEqualTo("Pull the disconnect: a contact is welded");
        assertThat(bench.get(call).json().at("/next/text").asString())
                .as("the next thing on the call is what the STOP asks for")
                .isEqualTo("Pull the disconnect: a contact is welded");
        assertThat(change("/override", past).at("/parts/0").has("stop")).isFalse();
        assertThat(texts(bench.get(call).json().at("/tape"), "/text/detail").toString())
                .contains("pulled at the panel");
        measure("COIL", 12.4);
        look("CONTACTS", "burnt");
        change(part + "/choice", "{\"text\":\"2 POLE 40 FLA LRA 200 COIL 24 V 50/60 HZ LUGS\"}");
        change(part + "/readings", "{\"piece\":0,\"readings\":[{\"section\":\"COIL\",\"value\":12.1}]}");
        sheet();
        closeProved();
        assertThat(texts(bench.get(call).json().at("/leave/writeUps"), "/what"))
                .contains("Pan rusted.")
                .doesNotContain("Coil hums.");
    }

    @Test
    void aTransformerFittedTooSmallIsSaidBeforeAnyMatchAndItsLeadsAreNamed() {
        begin("rooftop 1", "transformer", "40 VA PRI 208/240 V SEC 24 V CLASS 2");
        change("/supply", "{\"point\":\"LOAD\",\"pair\":\"L1-L2\",\"volts\":208}");
        RunningBench.Answer loads = bench.send(
                "PUT",
                call + part + "/measures",
                "{\"name\":\"loads\",\"fields\":{\"loads\":[{\"name\":\"coils\",\"heldVoltAmps\":16},{\"name\":\"board\",\"heldVoltAmps\":22}]}}");
        assertThat(loads.status()).as(loads.text()).isEqualTo(200);
        measure("PRIMARY", 208);
        JsonNode dead = measure("SECONDARY", 0);
        assertThat(dead.at("/verdict").asString())
                .as("judged with the primary read before it")
                .isEqualTo("FAILED");
        JsonNode answer = bench.get(call + part + "/matches").json();
        assertThat(answer.at("/findings/0/text").asString()).startsWith("38 VA hang on");
        assertThat(answer.at("/offers/0/title").asString()).startsWith("50 VA");
        change(part + "/choice", "{\"offer\":" + answer.at("/offers/0/offer") + "}");
        assertThat(texts(bench.get(call).json().at("/tape"), "/text/title"))
                .as("what did not go together stays for the next person")
                .anyMatch(t -> t.startsWith("Write-up, control transformer: 38 VA hang"));
        JsonNode sheet = sheet();
        assertThat(texts(sheet.at("/steps"), "/text"))
                .anyMatch(t -> t.startsWith("BLACK (common) to"))
                .anyMatch(t -> t.startsWith("Cap WHITE (120 V) by itself"));
        assertThat(sheet.at("/notes").toString()).contains("this burns it");
        assertThat(view().at("/chosen/pieces/0/sections").size())
                .as("nothing to measure without power")
                .isZero();
        change(part + "/readings", "{\"piece\":0,\"readings\":[{\"section\":\"PRIMARY\",\"value\":208}]}");
        assertThat(bench.get(call).json().at("/safe/live").asBoolean())
                .as("primary volts are read with the power on")
                .isTrue();
    }

    /** A sheet that opens while other things go onto the same tape: each waits its turn, none fails. */
    @Test
    void whatComesAtTheSameTimeGoesOnTheTapeOneAfterAnother() {
        begin("loft 7 heat pump", "contactor", "2 POLE 30 FLA COIL 24 V");
        change(part + "/choice", "{\"text\":\"2 POLE 40 FLA COIL 24 V 50/60 HZ\"}");
        for (JsonNode pair : bench.get(call).json().at("/safe/pairs")) {
            change("/dead", "{\"place\":" + pair.at("/place") + ",\"pair\":" + pair.at("/pair") + ",\"volts\":0.2}");
        }
        List<Integer> answers = IntStream.range(0, 24)
                .parallel()
                .mapToObj(i -> i % 3 == 0
                        ? bench.post(call + part + "/sheet", "{}")
                        : bench.post(call + "/notes", "{\"text\":\"note " + i + "\"}"))
                .map(RunningBench.Answer::status)
                .toList();
        assertThat(answers).containsOnly(200);
        List<String> titles = texts(bench.get(call).json().at("/tape"), "/text/title");
        assertThat(titles).filteredOn(t -> t.startsWith("note ")).hasSize(16);
        assertThat(titles).filteredOn(t -> t.startsWith("Hook-up sheet opened")).hasSize(1);
    }

    @Test
    void twoStartDevicesInOneCircuitAreOneTooMany() {
        begin("loft 3 heat pump", "start-device", "PTC 1-3 TON 208/277 V");
        look("TRIED", "hot");
        assertThat(view().at("/coolAtMillis").asLong()).isGreaterThan(0);
        look("SECOND", "two");
        assertThat(view().at("/looks").toString()).contains("At most one: the added one comes out");
        assertThat(view().at("/verdict").asString()).isEqualTo("FAILED");
        assertThat(bench.get(call + part + "/matches").json().at("/findings").toString())
                .contains("One start device in a circuit");
    }

    @ParameterizedTest(name = "\"{0}\": {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "coil 24 : 18.2v | COIL VOLTS FAILED",
                "fuse 30 rk5 td : 0.1 ol | FUSE 2 FAILED",
                "xfmr 40va 208 to 24 : 208 23.9 | SECONDARY GOOD",
                "relay spdt coil 24 v 12 a : 60 | COIL GOOD",
            })
    void theQuickLineTakesEach(String text, String verdict) {
        begin("loft 7 heat pump", "contactor", "2 POLE 30 FLA COIL 24 V");
        String json = "{\"text\":\"" + text + "\",\"part\":\"" + part.replaceAll(".*/", "") + "\"}";
        JsonNode seen = bench.post(call + "/quick/preview", json).json();
        JsonNode last = seen.at("/verdicts/" + (seen.at("/verdicts").size() - 1));
        assertThat(last.at("/subject").asString() + " " + last.at("/word").asString())
                .as(seen.toString())
                .isEqualTo(verdict);
        int parts = bench.get(call).json().at("/parts").size();
        JsonNode kept = change("/quick", json);
        assertThat(kept.at("/parts").size())
                .as("a coil's reading goes to the contactor that is there")
                .isEqualTo(text.startsWith("coil") ? parts : parts + 1);
    }

    /** The shapes of the open interface. */
    @ParameterizedTest(name = "{0} {1}: {3}")
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "contactor | {\"coilVolts\":[24]} | [{\"coilOhms\":12},{\"coilVolts\":25},{\"pole\":1,\"voltsAcross\":0.1}] | GOOD",
                "contactor | {\"coilVolts\":24} | [{\"coilVolts\":0},{\"pulledIn\":true}] | FAILED",
                "contactor | {} | [{\"coilOhms\":0.2}] | FAILED",
                "fuse | {} | [{\"position\":1,\"ohms\":0.1},{\"position\":2,\"open\":true}] | FAILED",
                "fuse | {} | [{\"position\":1,\"voltsAcross\":0,\"loadOn\":false}] | TOO_CLOSE",
                "transformer | {\"primaryVolts\":[208,240],\"secondaryVolts\":24} | [{\"primaryVolts\":208},{\"secondaryVolts\":24,\"loaded\":true}] | GOOD",
                "transformer | {\"secondaryVolts\":24} | [{\"secondaryVolts\":26.5,\"loaded\":false}] | GOOD",
            })
    void otherProgramsJudgeThem(String kind, String spec, String readings, String overall) {
        RunningBench.Answer answer = bench.post(
                "/api/judge", "{\"kind\":\"" + kind + "\",\"spec\":" + spec + ",\"readings\":" + readings + "}");
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        assertThat(answer.json().at("/overall").asString()).as(answer.text()).isEqualTo(overall);
    }

    @ParameterizedTest(name = "{0} {1}: {2}")
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "/api/judge | {\"kind\":\"fuse\",\"readings\":[{\"position\":9,\"ohms\":1}]} | give 1 to 6",
                "/api/judge | {\"kind\":\"contactor\",\"readings\":[{\"pole\":1}]} | volts across the closed pole",
                "/api/judge | {\"kind\":\"transformer\",\"readings\":[{}]} | give primaryVolts",
                "/api/match | {\"kind\":\"contactor\",\"context\":{\"crankcaseHeat\":\"WARM\"}} | UNSWITCHED_LEG",
                "/api/match | {\"kind\":\"transformer\",\"context\":{\"connectedVoltAmps\":-1}} | give 0 or more",
                "/api/match | {\"kind\":\"fuse\",\"required\":{\"amps\":0}} | above 0",
            })
    void whatDoesNotGoIsSaid(String path, String json, String words) {
        RunningBench.Answer answer = bench.post(path, json);
        assertThat(answer.status()).as(answer.text()).isEqualTo(400);
        assertThat(answer.text()).contains(words);
    }
}
