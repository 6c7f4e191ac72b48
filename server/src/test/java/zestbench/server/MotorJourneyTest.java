package zestbench.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** A fan motor replaced by one that wants another capacitor, and what belongs to every motor of a unit. */
class MotorJourneyTest {
    private static final String LABEL =
            "1/4 HP 208-230 V 1 PH 60 HZ 1075 RPM 1.8 A CWLE CAP 7.5 MFD 370 VAC PSC FR 48Y TEAO AMB 60C";
    private final RunningBench bench = RunningBench.demo();
    private JsonNode unit;
    private String call;
    private String motor;

    @BeforeEach
    void museum() {
        bench.get("/api/units")
                .json()
                .forEach(u -> unit = u.at("/name").asString().equals("rooftop 2") ? u : unit);
        call = "/api/calls/"
                + bench.post("/api/calls", "{\"unitId\":" + unit.at("/id") + ",\"complaint\":\"fan stands\"}")
                        .json()
                        .at("/id")
                        .asLong();
        JsonNode added = change("/parts", "{\"kind\":\"motor\",\"placeId\":" + RunningBench.place(unit, "motor") + "}");
        motor = "/parts/" + added.at("/parts/0/id").asString();
        assertThat(added.at("/parts/0/title").asString()).isEqualTo("Outdoor fan motor");
        change(motor + "/label", "{\"text\":\"" + LABEL + "\"}");
    }

    private JsonNode change(String path, String json) {
        RunningBench.Answer answer = bench.post(call + path, json);
        assertThat(answer.status()).as("%s %s: %s", path, json, answer.text()).isEqualTo(200);
        return answer.json();
    }

    private JsonNode part(int index) {
        return bench.get(call).json().at("/parts/" + index);
    }

    private String id() {
        return motor.replaceAll(".*/", "");
    }

    private static List<String> texts(JsonNode rows, String field) {
        List<String> out = new ArrayList<>();
        rows.forEach(row -> out.add(row.at(field).asString()));
        return out;
    }

    private void makeDead() {
        for (JsonNode pair : bench.get(call).json().at("/safe/pairs")) {
            change("/dead", "{\"place\":" + pair.at("/place") + ",\"pair\":" + pair.at("/pair") + ",\"volts\":0.2}");
        }
    }

    @Test
    void theReplacementWantsAnotherCapacitorAndTheGoodDualStaysBesideANewOne() {
        change(motor + "/looks", "{\"look\":\"SHAFT\",\"seen\":\"bound\"}");
        change("/supply", "{\"point\":\"LOAD\",\"pair\":\"L1-L2\",\"volts\":238}");
        JsonNode offers = bench.get(call + motor + "/matches").json();
        JsonNode best = offers.at("/offers/0");
        assertThat(best.at("/grade").asString()).isEqualTo("NEEDS_CHANGE");
        assertThat(texts(best.at("/cells"), "/attribute")).contains("Power", "Capacitor wanted", "Rotation");
        assertThat(texts(offers.at("/refused"), "/reason"))
                .as("told in words a person uses")
                .contains("Voltage")
                .doesNotContain("volts");
        change(motor + "/choice", "{\"offer\":" + best.at("/offer") + "}");
        assertThat(part(0).at("/capacitor/wanted").asString()).isEqualTo("5 µF 370 V");

        change("/parts/" + part(0).at("/id").asString() + "/capacitor", null);
        String can = "/parts/" + part(1).at("/id").asString();
        change(can + "/label", "{\"text\":\"50+7.5 uF 440 V ±6%\"}");
        change(
                can + "/readings",
                "{\"readings\":[{\"section\":\"HERM\",\"microfarads\":50.1},{\"section\":\"FAN\",\"microfarads\":7.52}]}");
        JsonNode staying = StreamSupport.stream(
                        bench.get(call + can + "/matches").json().at("/offers").spliterator(), false)
                .filter(o -> o.at("/offer").toString().contains("stays-in"))
                .filter(o -> o.at("/offer").size() == 2)
                .findFirst()
                .orElseThrow();
        assertThat(staying.at("/where").asString()).contains("stays in");
        int before = onTruck(staying.at("/offer"));
        change(can + "/choice", "{\"offer\":" + staying.at("/offer") + "}");
        assertThat(onTruck(staying.at("/offer")))
                .as("only the new piece comes off the truck")
                .isEqualTo(before - 1);
        assertThat(part(1).at("/chosen/pieces/0/isProved").asBoolean()
                        || part(1).at("/chosen/pieces/1/isProved").asBoolean())
                .as("what stays in was measured already")
                .isTrue();

        makeDead();
        RunningBench.Answer depth = bench.send(
                "PUT",
                call + motor + "/measures",
                "{\"name\":\"bladeDepthInches\",\"fields\":{\"bladeDepthInches\":1.75}}");
        assertThat(depth.status())
                .as("measured though a motor is chosen: " + depth.text())
                .isEqualTo(200);
        bench.send(
                "PUT",
                call + motor + "/leads/wires",
                "{\"wires\":[{\"terminal\":\"CAP\",\"colour\":\"brown\",\"tracer\":\"white\",\"name\":\"\"}]}");
        JsonNode sheet = bench.post(call + motor + "/sheet", "{}").json();
        assertThat(texts(sheet.at("/steps"), "/text"))
                .anyMatch(t -> t.startsWith("Blade back 1.75 in deep"))
                .anyMatch(t -> t.startsWith("brown/white: CAP to b of the 5 µF"))
                .anyMatch(t -> t.startsWith("FAN of the 50+7.5 µF 440 V stays bare"));
        for (JsonNode step : sheet.at("/steps")) {
            change(motor + "/ticks", "{\"list\":\"SHEET\",\"key\":" + step.at("/key") + ",\"on\":true}");
        }
        prove();
    }

    private int onTruck(JsonNode offer) {
        int count = 0;
        for (JsonNode item : bench.get("/api/truck").json()) {
            count += offer.toString().contains("\"" + item.at("/id").asString() + "\"")
                    ? item.at("/quantity").asInt()
                    : 0;
        }
        return count;
    }

    private void prove() {
        String close = "{\"outcome\":\"REPLACED\"}";
        assertThat(bench.post(call + motor + "/close", close).text())
                .as("closing names what is open")
                .contains("read its amps", "tick: Turns CW seen from the leads");
        for (JsonNode list : List.of(part(0).at("/checks"), part(0).at("/running"))) {
            for (JsonNode check : list) {
                change(motor + "/ticks", "{\"list\":\"PROOF\",\"key\":" + check.at("/key") + ",\"on\":true}");
            }
        }
        change("/amps", "{\"part\":\"" + id() + "\",\"amps\":1.8,\"volts\":231,\"inrush\":6.1}");
        JsonNode closed = change(motor + "/close", close);
        assertThat(closed.at("/parts/0/closed/asLeft").asString()).contains("1.8 A", "231 V");
        assertThat(closed.at("/safe/live").asBoolean())
                .as("amps end the dead reading")
                .isTrue();
        JsonNode trend = bench.get(call + "/amps/trends").json().at("/trends");
        JsonNode fan = StreamSupport.stream(trend.spliterator(), false)
                .filter(t -> t.at("/place").asString().equals("Outdoor fan motor"))
                .findFirst()
                .orElseThrow();
        assertThat(fan.at("/points").size()).as("a new motor starts a new line").isEqualTo(1);
        assertThat(fan.at("/points/0/inrush").asDouble()).isEqualTo(6.1);
    }

    @Test
    void ampsAreReadAtAnyMotorOfTheUnitAndKeptForTheTrend() {
        long compressor = RunningBench.place(unit, "compressor");
        JsonNode seen = bench.post(
                        call + "/amps/preview", "{\"placeId\":" + compressor + ",\"amps\":7.2,\"pressuresEqual\":true}")
                .json();
        assertThat(seen.at("/findings").toString()).contains("Runs but does not pump");
        JsonNode kept =
                change("/amps", "{\"placeId\":" + compressor + ",\"amps\":7.2,\"inrush\":97,\"pressuresEqual\":true}");
        assertThat(kept.at("/amps/0/rating").asString()).isEqualTo("RLA 20.6 A");
        assertThat(texts(kept.at("/amps/0/readings"), "/subject")).containsExactly("COMPRESSOR", "COMPRESSOR INRUSH");
        assertThat(kept.at("/ask/proved").toString())
                .as("equal pressures while it runs are a proof")
                .contains("not-pumping");
        JsonNode trends = bench.get(call + "/amps/trends").json().at("/trends");
        assertThat(trends.toString()).contains("readings, 17.9 A to 7.2 A");
    }

    @ParameterizedTest(name = "\"{0}\": {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "windings 0.9 2.1 3.0 | Windings, Compressor | 2-3 GOOD",
                "amps 1.7 of 1.8 | Amps, Outdoor fan motor | FAN GOOD",
                "amps compressor 24 | Amps, Compressor | COMPRESSOR WEAK",
                "motor 1/4 1075 208-230 1.9a cwle 5uf | 1/4 HP 1075 rpm 208-230 V CW lead end | ",
            })
    void theQuickLineTakesThemToo(String text, String title, String verdict) {
        String json = "{\"text\":\"" + text + "\"}";
        JsonNode seen = bench.post(call + "/quick/preview", json).json();
        assertThat(seen.at("/rating").asString()).isEqualTo(title);
        JsonNode last = seen.at("/verdicts/" + (seen.at("/verdicts").size() - 1));
        assertThat(verdict == null
                        || (last.at("/subject").asString() + " "
                                        + last.at("/word").asString())
                                .equals(verdict))
                .as(seen.toString())
                .isTrue();
        int before = bench.get(call).json().at("/tape").size();
        assertThat(change("/quick", json).at("/tape").size()).isGreaterThan(before);
    }

    @Test
    void withTheMotorAtHandWindingsAndAmpsAreItsOwn() {
        change("/quick", "{\"text\":\"windings 12 31 43\",\"part\":\"" + id() + "\"}");
        change("/quick", "{\"text\":\"amps 1.7\",\"part\":\"" + id() + "\"}");
        assertThat(texts(part(0).at("/readings"), "/subject")).containsExactly("1-2", "1-3", "2-3", "FAN");
        assertThat(texts(part(0).at("/untested"), "")).containsExactly("SHAFT");
    }

    @ParameterizedTest(name = "{0} {1}: {2}")
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "/amps | {\"amps\":1} | give COMPRESSOR, FAN or BLOWER",
                "/amps | {\"place\":\"FAN\"} | give the amps that were read",
                "/amps | {\"place\":\"FAN\",\"amps\":-1} | from 0 upward",
                "/amps | {\"placeId\":1,\"amps\":1} | no such place",
                "/amps | {\"place\":\"FAN\",\"amps\":1,\"rated\":0} | above 0",
                "/windings | {\"readings\":[]} | give COMPRESSOR",
                "MOTOR/looks | {\"look\":\"SHAFT\",\"seen\":\"blue\"} | give one of free, rough, bound",
                "MOTOR/looks | {\"look\":\"NOSE\",\"seen\":\"free\"} | no such look",
                "MOTOR/belt/preview | {\"motorInches\":0,\"fanInches\":8,\"newMotorInches\":4,\"newFanInches\":8,"
                        + "\"ampsNow\":2} | give 1 to 60 in",
                "PUT MOTOR/measures | {\"name\":\"volts\",\"fields\":{\"volts\":3}} | no such measure",
                "PUT MOTOR/measures | {\"name\":\"bladeDepthInches\",\"fields\":{\"bladeDepthInches\":-3}} | from 0 upward",
                "/quick/preview | {\"text\":\"amps 3.3\"} | say which motor",
                "MOTOR/choice | {\"text\":\"hello\"} | nothing readable",
            })
    void whatDoesNotGoIsSaid(String path, String json, String words) {
        String method = path.startsWith("PUT ") ? "PUT" : "POST";
        String to = call + path.replace("PUT ", "").replace("MOTOR", motor);
        RunningBench.Answer answer = bench.send(method, to, json);
        assertThat(answer.status()).as(answer.text()).isEqualTo(400);
        assertThat(answer.text()).contains(words);
    }

    @Test
    void leadsNeedAChoiceAndAreNamedOnce() {
        String lead = "{\"terminal\":\"CAP\",\"colour\":\"brown\",\"name\":\"\"}";
        String path = call + motor + "/leads/wires";
        assertThat(bench.send("PUT", path, "{\"wires\":[" + lead + "]}").text()).contains("choose a replacement first");
        change(motor + "/choice", "{\"text\":\"" + LABEL + "\"}");
        assertThat(bench.send("PUT", path, "{\"wires\":[" + lead + "," + lead + "]}")
                        .text())
                .contains("each lead of the new part is named once");
    }
}
