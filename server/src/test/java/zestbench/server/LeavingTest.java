package zestbench.server;

import static org.assertj.core.api.Assertions.assertThat;
import static zestbench.server.Bench.texts;

import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** The end of a call over HTTP: the unit proved, what was seen written up, options offered, the record left. */
class LeavingTest {
    private static RunningBench bench;

    @BeforeAll
    static void open() {
        bench = RunningBench.start();
    }

    @AfterAll
    static void close() {
        bench.close();
    }

    @Test
    void theUnitStartsOnlyAfterEveryLineBeforePowerAndIsReadOnlyWhileItRuns() {
        Bench call = Bench.callTo(bench, "loft 3 heat pump");
        assertThat(call.refuses("/proof/readings", "{\"point\":\"RETURN_AIR\",\"value\":75}"))
                .contains("does not run");
        assertThat(call.refuses("/proof/start", "{}")).startsWith("Not yet:").contains("ticked off");
        call.part("capacitor", "30+5 MFD 370 VAC ±6%");
        assertThat(texts(call.view().at("/leave/beforePower"), "/text"))
                .as("what was opened decides what is looked at")
                .anyMatch(t -> t.contains("Discharge tool off"));
        call.start();
        JsonNode proof = call.view().at("/leave/proof");
        assertThat(proof.at("/isRunning").asBoolean()).isTrue();
        long settles = proof.at("/settling/fromMillis").asLong()
                - proof.at("/settling/sinceMillis").asLong();
        assertThat(settles).as("ten minutes").isEqualTo(600_000);
    }

    /** R-410A by the charts: 125 psig is 42.9 °F dew, 355 psig 107.6 °F bubble. */
    @Test
    void readingsAreJudgedAsTheyComeAndKeptWithTheirReckoning() {
        Bench call = Bench.callTo(bench, "loft 3 heat pump");
        call.start();
        call.reads("RETURN_AIR", 76);
        JsonNode proof = call.reads("SUPPLY_AIR", 57.5);
        assertThat(proof.at("/figures/0/title").asString()).isEqualTo("Temperature split");
        assertThat(proof.at("/figures/0/figure").asString()).isEqualTo("18.5");
        assertThat(proof.at("/figures/0/judged/verdict").asString()).isEqualTo("GOOD");
        assertThat(proof.at("/figures/0/reckoning").asString()).contains("76 − supply 57.5 = 18.5");
        call.reads("OUTDOOR_AIR", 88);
        call.reads("SUCTION_PRESSURE", 125);
        call.reads("SUCTION_LINE", 54);
        call.reads("LIQUID_PRESSURE", 355);
        proof = call.reads("LIQUID_LINE", 98);
        assertThat(texts(proof.at("/figures"), "/title"))
                .contains("Superheat", "Subcooling", "Condensing over ambient");
        assertThat(proof.at("/figures").toString()).contains("Suction line 54 − dew 42.9 at 125 psig = 11.1");
        assertThat(proof.at("/settling/isSettled").asBoolean()).isFalse();
        assertThat(proof.at("/asBest").asString()).isEqualTo("NO");
        assertThat(call.refuses("/proof/keep", "{\"isBenchmark\":true}")).contains("settled");
        JsonNode kept = call.does("/proof/keep", "{\"isBenchmark\":false}");
        assertThat(kept.at("/leave/proof/kept").asString()).isNotBlank();
        JsonNode history = bench.get("/api/units/" + call.unitId() + "/history").json();
        assertThat(texts(history.at("/trends"), "/name")).contains("Temperature split", "Subcooling");
    }

    @ParameterizedTest
    @CsvSource({
        "RETURN_AIR, 200, returnFahrenheit was 200: give return air from 20 to 130 °F",
        "SUCTION_PRESSURE, -40, suctionPsig was -40: give suction pressure from -14 to 500 psig",
        "AIRFLOW, -1, airflowCfm was -1: give airflow from 0 to 20000 cfm"
    })
    void whatNoUnitReadsIsSaidWithItsRange(String point, double value, String words) {
        Bench call = Bench.callTo(bench, "loft 3 heat pump");
        call.start();
        assertThat(call.refuses("/proof/readings", "{\"point\":\"" + point + "\",\"value\":" + value + "}"))
                .isEqualTo(words);
    }

    @Test
    void aUnitOfNoKnownRefrigerantIsProvedByAirAlone() {
        RunningBench.Answer made = bench.post(
                "/api/units",
                "{\"site\":\"Boat shed\",\"name\":\"shed unit\",\"volts\":\"208/230\",\"phase\":1,\"tons\":2}");
        assertThat(made.status()).isEqualTo(200);
        Bench call = Bench.callTo(bench, "shed unit");
        call.does(
                "/plate",
                "{\"which\":\"OUTDOOR\",\"text\":\"\",\"fields\":{\"refrigerant\":\"R-999\"},\"cleared\":[]}");
        call.start();
        call.reads("SUCTION_PRESSURE", 125);
        JsonNode proof = call.reads("SUCTION_LINE", 54);
        assertThat(proof.at("/hasTable").asBoolean()).isFalse();
        assertThat(proof.at("/figures").size()).as("pressures compute nothing").isZero();
        assertThat(call.refuses("/proof/keep", "{\"isBenchmark\":false}")).startsWith("Nothing to keep yet");
    }

    @Test
    void aWriteUpStaysOpenOverVisitsUntilSomebodyEndsIt() {
        Bench first = Bench.callTo(bench, "rooftop 1");
        assertThat(first.refuses("/write-ups", "{\"what\":\" \",\"urgency\":\"SOON\"}"))
                .contains("say what was seen");
        assertThat(first.refuses("/write-ups", "{\"what\":\"Belt frayed\"}")).contains("how long it can wait");
        first.does(
                "/write-ups",
                "{\"place\":\"Blower\",\"what\":\"Belt frayed\",\"why\":\"It slips at start\",\"urgency\":\"NOW\"}");
        first.does("/end", "{\"end\":\"CLOSED\",\"note\":\"Bring a belt\"}");
        Bench second = Bench.callTo(bench, "rooftop 1");
        JsonNode open = second.view().at("/leave/writeUps");
        assertThat(texts(open, "/what")).contains("Belt frayed");
        JsonNode belt = null;
        for (JsonNode each : open) {
            belt = each.at("/what").asString().equals("Belt frayed") ? each : belt;
        }
        assertThat(belt.at("/isHere").asBoolean())
                .as("seen on the visit before")
                .isFalse();
        assertThat(texts(bench.get("/api/calls").json().at("/writeUps"), "/words"))
                .as("on the board, unit by unit")
                .contains("Belt frayed");
        String path = "/write-ups/" + belt.at("/id").asString() + "/end";
        second.does(path, "{\"how\":\"New belt in\"}");
        assertThat(texts(second.view().at("/leave/writeUps"), "/what")).doesNotContain("Belt frayed");
        assertThat(second.refuses(path, "{\"how\":\"again\"}")).contains("not open");
    }

    @Test
    void optionsComeFromMatchesAreAddedUpAndTheChosenOneIsKept() {
        Bench call = Bench.callTo(bench, "loft 3 heat pump");
        String part = call.part("capacitor", "45+5 MFD 440 VAC ±6%");
        JsonNode proposed = bench.get(call.call + part + "/options").json();
        assertThat(proposed.size()).isPositive();
        assertThat(proposed.at("/0/parts/0/each").asDouble())
                .as("priced by the truck")
                .isPositive();
        assertThat(call.refuses("/options/decline", "{}")).contains("Nothing was offered");
        String options = "{\"options\":["
                + "{\"key\":\"a\",\"tier\":\"STOPGAP\",\"words\":\"Two in parallel\",\"labour\":95,"
                + "\"parts\":[{\"name\":\"40 µF\",\"count\":1,\"each\":23.68},{\"name\":\"5 µF\",\"count\":2,\"each\":11.36}]},"
                + "{\"key\":\"b\",\"tier\":\"PROPER\",\"words\":\"A new dual\",\"labour\":95,\"warranty\":\"5 years\","
                + "\"parts\":[{\"name\":\"45+5 µF\",\"count\":1,\"each\":44}]}]}";
        JsonNode seen = bench.post(call.call + "/options/preview", options).json();
        assertThat(seen.at("/0/total").asString()).as("23.68 + 2 × 11.36 + 95").isEqualTo("141.40");
        assertThat(seen.at("/1/warranty").asString()).isEqualTo("5 years");
        call.does("PUT", "/options", options);
        assertThat(call.refuses("/options/choice", "{\"key\":\"c\"}")).contains("no such option");
        JsonNode taken = call.does("/options/choice", "{\"key\":\"b\"}");
        assertThat(texts(taken.at("/leave/options"), "/isTaken")).containsExactly("false", "true");
        assertThat(call.refuses("/options", "{}"))
                .as("posting is no way to offer")
                .isNotBlank();
        JsonNode declined = call.does("/options/decline", "{\"why\":\"sells the house\"}");
        assertThat(declined.at("/leave/isDeclined").asBoolean()).isTrue();
        assertThat(texts(declined.at("/leave/options"), "/isTaken")).containsExactly("false", "false");
        assertThat(declined.at("/account").toString())
                .contains("customer declined temporary (Two in parallel), repair");
        assertThat(call.does("/options/choice", "{\"key\":\"b\"}")
                        .at("/leave/isDeclined")
                        .asBoolean())
                .isFalse();
    }

    @Test
    void warrantyAndHeightAreKeptOnTheRecordAndSaidWhereTheyAreWrong() {
        String id = Bench.unit(bench, "loft 7 heat pump").at("/id").asString();
        RunningBench.Answer kept = bench.send(
                "PUT", "/api/units/" + id + "/site", "{\"altitudeFeet\":5280,\"compressor\":\"2029-06-30\"}");
        assertThat(kept.status()).isEqualTo(200);
        JsonNode site = bench.get("/api/units/" + id).json().at("/site");
        assertThat(site.at("/altitudeFeet").asDouble()).isEqualTo(5280);
        assertThat(site.at("/warranty/compressor").asString()).isEqualTo("2029-06-30");
        assertThat(site.at("/warranty/parts").isMissingNode()).as("not known").isTrue();
        for (String wrong : new String[] {
            "{\"altitudeFeet\":40000}",
            "{\"altitudeFeet\":0,\"parts\":\"soon\"}",
            "{\"altitudeFeet\":0,\"parts\":\"1066-10-14\"}"
        }) {
            RunningBench.Answer answer = bench.send("PUT", "/api/units/" + id + "/site", wrong);
            assertThat(answer.status()).as(wrong).isEqualTo(400);
            assertThat(answer.json().at("/detail").asString()).isNotBlank();
        }
        bench.send("PUT", "/api/units/" + id + "/site", "{\"altitudeFeet\":0}");
    }

    @Test
    void theRecordOfADemoUnitTellsWhatDriftsAndWhatItCanDo() {
        String id = Bench.unit(bench, "split system").at("/id").asString();
        JsonNode history = bench.get("/api/units/" + id + "/history").json();
        JsonNode herm = null;
        for (JsonNode trend : history.at("/trends")) {
            herm = trend.at("/name").asString().startsWith("HERM") ? trend : herm;
        }
        assertThat(herm.at("/points").size()).isGreaterThanOrEqualTo(3);
        assertThat(herm.at("/limits/0").asDouble()).as("60 µF −6 %").isEqualTo(56.4);
        assertThat(herm.at("/crossesMillis").asLong()).as("foretold").isGreaterThan(System.currentTimeMillis());
        assertThat(history.at("/best/outdoor").asString()).isEqualTo("88 °F outdoors");
        assertThat(bench.get("/api/units/"
                                + Bench.unit(bench, "loft 7 heat pump")
                                        .at("/id")
                                        .asString() + "/history")
                        .json()
                        .at("/parts/0/age")
                        .asString())
                .isEqualTo("15 days");
    }

    /** R-22 by the charts: 68.5 psig saturates at 40 °F. At 5,000 ft the gauge reads the same pressure higher. */
    @Test
    void aProofIsJudgedForOtherProgramsToo() {
        String spec = "\"spec\":{\"refrigerant\":\"R-22\",\"metering\":\"VALVE\"}";
        JsonNode low = bench.post(
                        "/api/judge",
                        "{\"kind\":\"proof\"," + spec
                                + ",\"readings\":[{\"suctionPsig\":68.5,\"suctionLineFahrenheit\":50},"
                                + "{\"returnFahrenheit\":75,\"supplyFahrenheit\":56}]}")
                .json();
        assertThat(low.toString()).contains("Suction line 50 − dew 40 at 68.5 psig = 10");
        assertThat(low.at("/overall").asString()).isEqualTo("GOOD");
        JsonNode high = bench.post(
                        "/api/judge",
                        "{\"kind\":\"proof\",\"altitudeFeet\":5000," + spec
                                + ",\"readings\":[{\"suctionPsig\":68.5,\"suctionLineFahrenheit\":50}]}")
                .json();
        assertThat(high.toString()).contains("dew 38").doesNotContain("dew 40 ");
        RunningBench.Answer wrong =
                bench.post("/api/judge", "{\"kind\":\"proof\"," + spec + ",\"readings\":[{\"volts\":3}]}");
        assertThat(wrong.status()).isEqualTo(400);
        assertThat(wrong.json().at("/errors/0/field").asString()).isEqualTo("readings[0]");
    }
}
