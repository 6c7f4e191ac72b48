package zestbench.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import zestbench.core.suspect.Fact;

/** What comes before a part is in question, as the server carries it: each test on a call to a unit of its own. */
class ArrivingTest {
    private static final String SERIAL = "Z20-9917345";
    private static final String PLATE =
            "MODEL ZT036-B2 SERIAL " + SERIAL + " MFD 05/2020 208/230-1-60 COMPRESSOR RLA 17.9 LRA 96 "
                    + "FAN FLA 1.4 MCA 23.8 MAX FUSE OR BREAKER 40 VOLTAGE RANGE 197 TO 253 R-410A";
    private final RunningBench bench = RunningBench.demo();
    private JsonNode unit;
    private String call;

    @BeforeEach
    void openCall() {
        unit = bench.post(
                        "/api/units", "{\"site\":\"Net lofts\",\"name\":\"loft 12\",\"volts\":\"208/230\",\"phase\":1}")
                .json();
        JsonNode made = bench.post("/api/calls", "{\"unitId\":" + unit.at("/id").asLong() + ",\"complaint\":\"Warm\"}")
                .json();
        call = "/api/calls/" + made.at("/id").asLong();
    }

    private JsonNode change(String path, String json) {
        RunningBench.Answer answer = bench.post(call + path, json);
        assertThat(answer.status()).as("%s %s: %s", path, json, answer.text()).isEqualTo(200);
        return answer.json();
    }

    private JsonNode refused(String path, String json, int status) {
        RunningBench.Answer answer = bench.post(call + path, json);
        assertThat(answer.status()).as("%s %s: %s", path, json, answer.text()).isEqualTo(status);
        return answer.json();
    }

    private JsonNode found(String words) {
        return bench.get("/api/units?words=" + words).json();
    }

    @Test
    void answersRankTheSuspectsAndEachFactReckonsThemAnew() {
        JsonNode asked = change("/answers", "{\"question\":\"compressor\",\"answer\":\"hums\"}");
        asked = change("/answers", "{\"question\":\"OUTDOOR_FAN_RUNS\",\"answer\":\"yes\"}");
        JsonNode first = asked.at("/ask/suspects/0");
        assertThat(first.at("/key").asString()).isEqualTo("capacitor-herm");
        assertThat(first.at("/speaksFor").toString()).contains("hums");
        assertThat(asked.at("/ask/next/question").asString()).isNotBlank();
        assertThat(asked.at("/ask/suspects").size()).as("none is hidden").isGreaterThanOrEqualTo(25);
        int known = asked.at("/ask/suspects/0/percent").asInt();

        JsonNode contrary = change("/answers", "{\"question\":\"HERM_OUT\",\"answer\":\"no\"}");
        assertThat(contrary.at("/ask/suspects/0/key").asString()).isNotEqualTo("capacitor-herm");
        JsonNode back = change("/answers", "{\"question\":\"HERM_OUT\"}");
        assertThat(back.at("/ask/suspects/0/percent").asInt()).isEqualTo(known);
        assertThat(refused("/answers", "{\"question\":\"ICE\",\"answer\":\"maybe\"}", 400)
                        .toString())
                .contains("yes, no");
    }

    @Test
    void aPlateIsKeptWithItsSerialMaskedEverywhereButOnTheRecord() {
        JsonNode read = change("/plate", "{\"which\":\"OUTDOOR\",\"text\":\"" + PLATE + "\"}");
        assertThat(read.at("/plates/outdoor/checks").size()).isGreaterThanOrEqualTo(3);
        assertThat(read.at("/unit/line").asString()).contains("208/230 V");
        String plain = SERIAL.substring(SERIAL.length() - 4);
        for (String place : List.of(call, call + "/summary", "/api/calls")) {
            assertThat(bench.get(place).text()).as(place).doesNotContain(SERIAL);
        }
        assertThat(bench.get(call).text()).contains(plain.substring(2));
        String record = "/api/units/" + unit.at("/id").asLong();
        assertThat(bench.get(record).json().at("/plate/serial").asString()).isEqualTo(SERIAL);

        // what came masked goes back masked, and the record keeps what it has
        String fields = bench.get(call).json().at("/plates/outdoor/fields").toString();
        change("/plate", "{\"which\":\"OUTDOOR\",\"text\":\"\",\"fields\":" + fields + "}");
        assertThat(bench.get(record).json().at("/plate/serial").asString()).isEqualTo(SERIAL);
        JsonNode more = change("/plate", "{\"which\":\"OUTDOOR\",\"text\":\"MCA 24.4\",\"cleared\":[\"refrigerant\"]}");
        assertThat(more.at("/plates/outdoor/fields/minimumCircuitAmps").asDouble())
                .isEqualTo(24.4);
        assertThat(more.at("/plates/outdoor/fields/compressors/0/ratedLoadAmps").asDouble())
                .as("a line more takes nothing away")
                .isEqualTo(17.9);
        assertThat(more.at("/plates/outdoor/fields").has("refrigerant")).isFalse();
        assertThat(found("loft+12+7345")).isNotEmpty();
        assertThat(found("7345").at("/0/name").asString()).isEqualTo("loft 12");
        assertThat(found("zt036+net")).isNotEmpty();
        assertThat(found("99999999")).isEmpty();
        assertThat(refused("/plate", "{\"which\":\"OUTDOOR\",\"text\":\"nothing\"}", 400)
                        .toString())
                .contains("type it as printed");
    }

    @Test
    void aMisreadDigitAndALoadLeftOutAreBothOffered() {
        String wrong = PLATE.replace("RLA 17.9", "RLA 11.9");
        JsonNode check = StreamSupport.stream(
                        bench.post(call + "/plate/preview", "{\"which\":\"OUTDOOR\",\"text\":\"" + wrong + "\"}")
                                .json()
                                .at("/checks")
                                .spliterator(),
                        false)
                .filter(c ->
                        !c.at("/agrees").asBoolean() && !c.at("/corrections").isEmpty())
                .findFirst()
                .orElseThrow();
        assertThat(check.at("/corrections").toString()).contains("17.9");
        assertThat(check.at("/reckoning").asString()).contains("1.25");
        assertThat(check.at("/leftOut").asString()).isNotBlank();
        assertThat(bench.get(call).json().at("/plates/outdoor/text").asString())
                .as("a preview keeps nothing")
                .isEmpty();
    }

    @Test
    void voltsAreJudgedByThePlateAndNameWhatIsDead() {
        change("/plate", "{\"which\":\"OUTDOOR\",\"text\":\"" + PLATE + "\"}");
        String pair = bench.get(call).json().at("/supply/points/0/pairs/0").asString();
        JsonNode shown = bench.post(
                        call + "/supply/preview", "{\"point\":\"DISCONNECT\",\"pair\":\"" + pair + "\",\"volts\":187}")
                .json();
        assertThat(shown.at("/verdicts/0/verdict").asString()).isEqualTo("FAILED");
        JsonNode kept = change("/supply", "{\"point\":\"DISCONNECT\",\"pair\":\"" + pair + "\",\"volts\":238}");
        assertThat(kept.at("/supply/points/0/readings/0/verdict").asString()).isEqualTo("GOOD");
        assertThat(kept.at("/safe/live").asBoolean()).as("volts were seen").isTrue();
        JsonNode coil = change("/supply", "{\"point\":\"COIL\",\"volts\":26.4}");
        assertThat(coil.at("/ask/suspects").toString()).contains("24 V");
        String lineCoil = "{\"point\":\"COIL\",\"volts\":238}";
        assertThat(bench.post(call + "/supply/preview", lineCoil)
                        .json()
                        .at("/verdicts/0/verdict")
                        .asString())
                .as("no label says what the coil is made for")
                .isEqualTo("NOT_JUDGED");
        JsonNode parts = change("/parts", "{\"kind\":\"contactor\",\"place\":\"Outdoor unit\"}")
                .at("/parts");
        change(
                "/parts/" + parts.get(parts.size() - 1).at("/id").asString() + "/label",
                "{\"text\":\"2 POLE 30 FLA 240 V COIL 208/240 V\"}");
        assertThat(bench.post(call + "/supply/preview", lineCoil)
                        .json()
                        .at("/verdicts/0/verdict")
                        .asString())
                .isEqualTo("GOOD");
        assertThat(refused("/supply", "{\"point\":\"LINE\",\"pair\":\"L7-L9\",\"volts\":238}", 400)
                        .toString())
                .contains("L1-L2");
    }

    @Test
    void windingsAreNamedCooledAndKept() {
        long compressor = RunningBench.place(unit, "compressor");
        String open =
                "{\"placeId\":" + compressor + ",\"shellHot\":true,\"readings\":[{\"pair\":\"1-2\",\"overRange\":true},"
                        + "{\"pair\":\"1-3\",\"overRange\":true},{\"pair\":\"2-3\",\"ohms\":3.0}]}";
        JsonNode hot = change("/windings", open);
        assertThat(hot.at("/windings/0/findings").toString()).contains("no dead compressor");
        assertThat(hot.at("/windings/0/againAtMillis").asLong()).isGreaterThan(System.currentTimeMillis());
        assertThat(hot.at("/ask/proved").toString())
                .as("what is proved is found, no longer a suspect")
                .contains("overload-open");
        assertThat(hot.at("/ask/suspects").toString()).doesNotContain("\"overload-open\"");
        String cold =
                "{\"placeId\":" + compressor + ",\"shellHot\":false,\"readings\":[{\"pair\":\"1-2\",\"ohms\":0.9},"
                        + "{\"pair\":\"1-3\",\"ohms\":2.1},{\"pair\":\"2-3\",\"ohms\":3.0},"
                        + "{\"pair\":\"1-GROUND\",\"megohms\":0.3}]}";
        assertThat(bench.post(call + "/windings/preview", cold)
                        .json()
                        .at("/named")
                        .asString())
                .isEqualTo("C is 1, R is 2, S is 3");
        JsonNode kept = change("/windings", cold);
        assertThat(kept.at("/windings/0").has("againAtMillis")).isFalse();
        assertThat(kept.at("/windings/0/verdicts/3/unit").asString()).isEqualTo("MΩ");
        assertThat(kept.at("/tape/0/text/word").asString()).isEqualTo("FAILED");
        assertThat(kept.at("/tape/0/text/reckoning").toString()).contains("No more fuses");
        assertThat(bench.get(call + "/summary").text()).contains("C is 1, R is 2, S is 3");
        assertThat(refused("/windings", cold.replace("\"ohms\":0.9", "\"ohms\":0.9,\"overRange\":true"), 400)
                        .toString())
                .contains("exactly one of ohms");
    }

    @Test
    void everyStepOfMakingSafeIsKeptAndPowerSeenOnEndsIt() {
        change("/proved", "{\"volts\":239}");
        change("/safe", "{\"key\":\"locked\",\"on\":true}");
        String part = call + "/parts/"
                + change("/parts", "{\"kind\":\"capacitor\",\"place\":\"Outdoor unit\"}")
                        .at("/parts/0/id")
                        .asString();
        bench.post(part + "/label", "{\"text\":\"45/5 MFD 370VAC ±6%\"}");
        bench.post(
                part + "/choice",
                "{\"offer\":" + bench.get(part + "/matches").json().at("/offers/0/offer") + "}");
        assertThat(bench.post(part + "/sheet", "{}").status()).isEqualTo(409);
        readDead();
        JsonNode proved = change("/proved", "{\"volts\":240}");
        assertThat(StreamSupport.stream(proved.at("/safe/steps").spliterator(), false)
                        .filter(s -> s.at("/isDone").asBoolean())
                        .map(s -> s.at("/key").asString())
                        .toList())
                .containsExactly("locked", "proved", "dead", "proved-again");
        JsonNode sheet = bench.post(part + "/sheet", "{}").json();
        String tick = "{\"list\":\"SHEET\",\"key\":" + sheet.at("/steps/0/key") + ",\"on\":true}";
        assertThat(bench.post(part + "/ticks", tick).text()).contains("Measure the new part before a wire goes on it");
        bench.post(
                part + "/readings",
                "{\"piece\":0,\"readings\":[{\"section\":\"HERM\",\"microfarads\":45},{\"section\":\"FAN\",\"microfarads\":5}]}");
        assertThat(bench.post(part + "/ticks", tick).status()).isEqualTo(200);

        JsonNode live = change("/power-on", "{}");
        assertThat(live.at("/safe/live").asBoolean()).isTrue();
        assertThat(live.at("/safe/steps").toString()).doesNotContain("\"isDone\":true");
        assertThat(bench.post(part + "/ticks", tick).status())
                .as("hook-up is closed until the next dead reading")
                .isEqualTo(409);
        assertThat(bench.post(part + "/sheet", "{}").status())
                .as("and so is its sheet")
                .isEqualTo(409);
        readDead();
        assertThat(bench.post(part + "/ticks", tick).status()).isEqualTo(200);
        assertThat(refused("/proved", "{\"volts\":1.5}", 400).toString()).contains("12 to 1,000 V");
    }

    private void readDead() {
        for (JsonNode pair : bench.get(call).json().at("/safe/pairs")) {
            change("/dead", "{\"place\":" + pair.at("/place") + ",\"pair\":" + pair.at("/pair") + ",\"volts\":0.3}");
        }
    }

    @Test
    void wiresOfAnyPlaceAreKeptAndDrawn() {
        long contactor = RunningBench.place(unit, "contactor");
        String wires = "[{\"terminal\":\"T1\",\"colour\":\"black\",\"tracer\":\"\",\"name\":\"compressor C\"},"
                + "{\"terminal\":\"A1\",\"colour\":\"yellow\",\"tracer\":\"white\",\"name\":\"Y from indoors\"}]";
        RunningBench.Answer kept =
                bench.send("PUT", call + "/places/" + contactor + "/wires", "{\"wires\":" + wires + "}");
        assertThat(kept.status()).as(kept.text()).isEqualTo(200);
        JsonNode place = StreamSupport.stream(kept.json().at("/found").spliterator(), false)
                .filter(f -> f.at("/placeId").asLong() == contactor)
                .findFirst()
                .orElseThrow();
        assertThat(place.at("/wires/1/tracer").asString()).isEqualTo("white");
        assertThat(place.at("/terminals").toString()).contains("L1", "T1", "A1");
        String svg = bench.post("/api/wire-map", "{\"caption\":\"Contactor\",\"wires\":" + wires + "}")
                .json()
                .at("/svg")
                .asString();
        assertThat(svg).startsWith("<svg").contains("compressor C", "yellow");
        assertThat(bench.send("PUT", call + "/places/999999/wires", "{\"wires\":[]}")
                        .status())
                .isEqualTo(400);
    }

    @Test
    void theQuickLineTakesAPlate() {
        JsonNode kept = change("/quick", "{\"text\":\"" + PLATE + "\"}");
        assertThat(kept.at("/plates/outdoor/fields/minimumCircuitAmps").asDouble())
                .isEqualTo(23.8);
        assertThat(kept.at("/parts")).isEmpty();
        assertThat(kept.toString()).doesNotContain(SERIAL);
    }

    @Test
    void theDemoTownHasPlatesHistoryAndOpenCallsForEverySuspect() {
        JsonNode units = bench.get("/api/units").json();
        List<JsonNode> town = StreamSupport.stream(units.spliterator(), false)
                .filter(u -> !u.at("/serial").asString().isEmpty()
                        && !u.at("/name").asString().startsWith("loft 12"))
                .toList();
        assertThat(town).hasSize(6);
        int visits = 0;
        for (JsonNode each : town) {
            visits += bench.get("/api/units/" + each.at("/id").asLong() + "/visits")
                    .json()
                    .size();
            JsonNode plate = bench.get("/api/units/" + each.at("/id").asLong()).json();
            assertThat(plate.at("/plate/compressors/0/ratedLoadAmps").asDouble())
                    .isPositive();
        }
        assertThat(visits).isGreaterThanOrEqualTo(12);
        assertThat(Fact.values()).hasSizeGreaterThanOrEqualTo(30);
    }
}
