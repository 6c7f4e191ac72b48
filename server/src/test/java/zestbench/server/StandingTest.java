package zestbench.server;

import static org.assertj.core.api.Assertions.assertThat;
import static zestbench.server.Bench.texts;

import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** How a call and its unit stand over HTTP: what the call waits for, what was done without a part, a unit that is tagged out. */
class StandingTest {
    private static RunningBench bench;

    @BeforeAll
    static void open() {
        bench = RunningBench.start();
    }

    @AfterAll
    static void close() {
        bench.close();
    }

    private static JsonNode board() {
        return bench.get("/api/calls").json();
    }

    @Test
    void aCallThatWaitsStandsOnTheBoardUntilItGoesOn() {
        Bench call = Bench.callTo(bench, "loft 3 heat pump");
        assertThat(bench.get("/api/waits").json().toString()).contains("the coil to thaw");
        JsonNode view = call.does(
                "/wait", "{\"what\":\"OTHER_TRADE\",\"until\":\"2026-01-15\",\"note\":\"electrician, new feed\"}");
        assertThat(view.at("/waits/words").asString()).isEqualTo("waits for another trade");
        assertThat(board().at("/waiting").toString())
                .contains("waits for another trade, electrician, new feed")
                .contains("\"ready\":\"2026-01-15\"")
                .contains("\"isReady\":true");
        assertThat(texts(board().at("/calls"), "/next")).contains("It waits for another trade");
        assertThat(call.refuses("/wait", "{\"what\":\"THAW\",\"until\":\"soon\"}"))
                .contains("until");
        call.does("/wait/end", "{}");
        assertThat(board().at("/waiting").toString()).doesNotContain("another trade");
        assertThat(call.refuses("/wait/end", "{}")).isEqualTo("This call waits for nothing.");
    }

    @Test
    void workWithoutAPartIsKeptAndATemporaryOneComesDue() {
        Bench call = Bench.callTo(bench, "loft 7 heat pump");
        assertThat(texts(bench.get("/api/work").json(), "/words")).contains("Filter changed", "Drain cleared");
        call.does("/work", "{\"work\":\"CONDENSER_CLEANED\",\"place\":\"Outdoor unit\",\"before\":365,\"after\":318}");
        JsonNode view = call.does(
                "/work", "{\"work\":\"WIRE_REROUTED\",\"detail\":\"off the hot line\",\"returnDate\":\"2026-01-20\"}");
        assertThat(view.at("/account").toString())
                .contains("Condenser coil cleaned, outdoor unit (liquid pressure 365 → 318 psig)")
                .contains("2026-01-20, wire rerouted");
        assertThat(board().at("/due").toString()).contains("off the hot line").contains("2026-01-20");
        assertThat(call.refuses("/work", "{\"work\":\"DRAIN_CLEARED\",\"before\":3}"))
                .contains("leave it out");
        assertThat(call.refuses("/work", "{\"work\":\"SWEPT\"}")).contains("work");
        call.does("/work", "{\"work\":\"WIRE_REROUTED\",\"detail\":\"in loom\"}");
        assertThat(board().at("/due").toString()).as("done properly").doesNotContain("off the hot line");
    }

    /** The tag outlives its call: the next one sees it at once, does not start the unit under it, and ends it. */
    @Test
    void aTagStandsAtTheUnitUntilItIsEnded() {
        Bench call = Bench.callTo(bench, "rooftop 1");
        call.does(
                "/write-ups",
                "{\"what\":\"Power off, leaking\",\"why\":\"oil at the coil\",\"urgency\":\"TAGGED_OUT\",\"until\":\"2026-12-04\"}");
        call.does("/end", "{\"end\":\"CLOSED\",\"note\":\"\"}");
        Bench next = Bench.callTo(bench, "rooftop 1");
        JsonNode tag = next.view().at("/standstill/0");
        assertThat(tag.at("/flag").asString()).isEqualTo("TAGGED OUT");
        assertThat(tag.at("/until").asString()).isEqualTo("2026-12-04");
        assertThat(tag.at("/isHere").asBoolean()).isFalse();
        next.view()
                .at("/leave/beforePower")
                .forEach(c ->
                        next.does("/before-power", "{\"key\":\"" + c.at("/key").asString() + "\",\"on\":true}"));
        assertThat(next.refuses("/proof/start", "{}")).contains("tagged out by").contains("Power off, leaking");
        JsonNode first = board().at("/writeUps/0");
        assertThat(first.at("/flag").asString()).isEqualTo("TAGGED OUT");
        JsonNode record = bench.get("/api/units/" + next.unitId() + "/history").json();
        assertThat(record.at("/standstill").size()).isEqualTo(1);
        assertThat(bench.get("/api/units/" + next.unitId() + "/sticker.pdf").status())
                .isEqualTo(200);
        next.does("/write-ups/" + tag.at("/id").asString() + "/end", "{\"how\":\"coil replaced\"}");
        assertThat(next.view().at("/standstill").size()).isZero();
        next.does("/proof/start", "{}");
        assertThat(bench.get("/api/units/" + next.unitId() + "/history")
                        .json()
                        .at("/standstill")
                        .size())
                .isZero();
    }

    /** What was weighed, by unit and cylinder, as a file for the year; a charge into a leak comes due. */
    @Test
    void whatWasWeighedAddsUpOverTheYear() {
        Bench call = Bench.callTo(bench, "rooftop 2");
        call.does("/charge", "{\"way\":\"RECOVERED\",\"pounds\":9,\"cylinder\":\"R-2\"}");
        call.does("/charge/pressure-test", "{\"psig\":150,\"after\":150,\"minutes\":30}");
        call.does("/charge/vacuum", "{\"microns\":420,\"after\":610,\"minutes\":10}");
        call.does("/charge", "{\"way\":\"ADDED\",\"pounds\":5,\"cylinder\":\"C-114\"}");
        JsonNode view = call.does("/charge", "{\"way\":\"ADDED\",\"pounds\":4,\"ounces\":2,\"cylinder\":\"C-114\"}");
        assertThat(view.at("/account").toString())
                .contains("R-410A added 4 lb 2 oz")
                .contains("tight and dry");
        call.does("/charge/leak", "{\"place\":\"suction valve\",\"how\":\"detector\"}");
        assertThat(call.refuses("/charge", "{\"way\":\"ADDED\",\"ounces\":8,\"cylinder\":\"C-114\"}"))
                .contains("stopgap");
        call.does("/charge", "{\"way\":\"ADDED\",\"ounces\":8,\"cylinder\":\"C-114\",\"returnDate\":\"2026-01-09\"}");
        assertThat(board().at("/due").toString()).contains("2026-01-09").contains("R-410A added 8 oz");
        assertThat(call.refuses(
                        "/charge", "{\"way\":\"ADDED\",\"refrigerant\":\"R-22\",\"ounces\":8,\"cylinder\":\"C-1\"}"))
                .contains("The plate says R-410A");
        assertThat(call.refuses("/charge/pressure-test", "{\"psig\":600,\"after\":600,\"minutes\":30}"))
                .contains("lowest plate");
        String year = bench.get("/api/refrigerant-log/" + java.time.Year.now() + ".csv")
                .text();
        assertThat(year)
                .contains("Maritime museum,rooftop 2,R-410A,C-114,154,0,9 lb 10 oz,0 oz,3")
                .contains("Maritime museum,rooftop 2,R-410A,R-2,0,144,0 oz,9 lb,1");
        assertThat(bench.get("/api/refrigerant-log/1.csv").status()).isEqualTo(400);
    }

    @Test
    void theControlCircuitIsFollowedOverHttpAndItsGapIsASuspectProved() {
        Bench call = Bench.callTo(bench, "loft 7 heat pump");
        call.does("/supply", "{\"point\":\"CHAIN\",\"pair\":\"Y at the outdoor unit\",\"volts\":25.6}");
        JsonNode view = call.does(
                "/supply", "{\"point\":\"CHAIN\",\"pair\":\"Behind the high pressure switch\",\"volts\":0.2}");
        assertThat(view.at("/next/text").asString()).isEqualTo("Measure 24 V: Behind the low pressure switch");
        view = call.does("/supply", "{\"point\":\"CHAIN\",\"pair\":\"Behind the low pressure switch\",\"volts\":25.4}");
        assertThat(view.at("/supply/points/5/chain/words").asString()).contains("The high pressure switch is open");
        assertThat(texts(view.at("/ask/proved"), "/title")).containsExactly("Pressure switch open");
        view = call.does("/supply/links", "{\"link\":\"control fuse\",\"there\":false}");
        assertThat(view.at("/supply/points/5/chain/absent").toString()).contains("control fuse");
        assertThat(view.at("/account").toString()).contains("24 V lost at the high pressure switch");
        assertThat(call.refuses("/supply/links", "{\"link\":\"thermostat\",\"there\":false}"))
                .contains("name a fuse or switch");
        assertThat(call.refuses("/supply", "{\"point\":\"CHAIN\",\"pair\":\"nowhere\",\"volts\":1}"))
                .contains("give one of");
    }

    @Test
    void aComplaintOfNoHeatAsksForHeat() {
        long unit = bench.get("/api/units").json().at("/0/id").asLong();
        JsonNode view = bench.post("/api/calls", "{\"unitId\":" + unit + ",\"complaint\":\"No heat since last night\"}")
                .json();
        assertThat(view.at("/ask/questions/0/answer").asString()).isEqualTo("yes");
        assertThat(view.at("/ask/isBegun").asBoolean()).isFalse();
        assertThat(texts(view.at("/ask/suspects"), "/key")).contains("igniter").doesNotContain("capacitor-herm");
        assertThat(texts(view.at("/leave/proof/points"), "/title"))
                .contains("Gas, manifold")
                .doesNotContain("Suction pressure");
    }

    @Test
    void aStartIsCaughtAndAnotherOfAKindIsOneTap() {
        Bench call = Bench.callTo(bench, "loft 7 heat pump");
        JsonNode view = call.does(
                "/starts",
                "{\"place\":\"COMPRESSOR\",\"amps\":60,\"volts\":150,\"before\":239,\"stays\":true,\"gauge\":\"10\",\"feet\":60}");
        assertThat(view.at("/tape/0/text/detail").asString()).contains("150 V left, dip 89 V, 10 AWG copper, 60 ft");
        assertThat(view.at("/account").toString()).contains("start of the compressor: 60 A stay, 150 V left");
        assertThat(call.refuses(
                        "/starts",
                        "{\"place\":\"COMPRESSOR\",\"amps\":60,\"volts\":250,\"before\":239,\"stays\":true}"))
                .contains("before the start");
        assertThat(
                        call.refuses(
                                "/starts",
                                "{\"place\":\"COMPRESSOR\",\"amps\":60,\"volts\":150,\"before\":239,\"stays\":true,\"gauge\":\"11\"}"))
                .contains("AWG");
        view = call.does("/parts", "{\"kind\":\"relay\",\"place\":\"Panel\"}");
        String first =
                view.at("/parts").get(view.at("/parts").size() - 1).at("/id").asString();
        call.does("/parts/" + first + "/label", "{\"text\":\"SPDT COIL 24 V 12 A 277 V\"}");
        view = call.does("/parts/" + first + "/another", "{}");
        JsonNode second = view.at("/parts").get(view.at("/parts").size() - 1);
        assertThat(second.at("/place").asString()).isEqualTo("Panel 2");
        assertThat(second.at("/shortRating").asString()).contains("SPDT");
    }

    @Test
    void aFigureThatWandersIsKeptWithBothItsEnds() {
        Bench call = Bench.callTo(bench, "loft 3 heat pump");
        assertThat(call.refuses("/proof/wanders", "{\"figure\":\"SPLIT\",\"low\":12,\"high\":17,\"minutes\":4}"))
                .contains("does not run");
        call.start();
        call.does("/proof/readings", "{\"point\":\"RETURN_AIR\",\"value\":76}");
        call.does("/proof/readings", "{\"point\":\"SUPPLY_AIR\",\"value\":57}");
        JsonNode view = call.does("/proof/wanders", "{\"figure\":\"SPLIT\",\"low\":12,\"high\":17,\"minutes\":4}");
        assertThat(view.at("/leave/proof/wanders/0/words").asString()).isEqualTo("12 to 17 °F over 4 min");
        assertThat(view.at("/leave/proof/wanders/0/judged/verdict").asString()).isEqualTo("WEAK");
        assertThat(view.at("/tape/0/text/title").asString()).isEqualTo("Temperature split wanders");
        assertThat(call.refuses("/proof/wanders", "{\"figure\":\"SPLIT\",\"low\":17,\"high\":12,\"minutes\":4}"))
                .contains("not under the least");
    }

    /** R-410A by the charts: 125 psig is 42.9 °F dew, 130 psig 45.0 °F. */
    @Test
    void twoCircuitsStandSideBySideInTheProof() {
        Bench call = Bench.callTo(bench, "loft 3 heat pump");
        call.start();
        call.does("/proof/readings", "{\"point\":\"RETURN_AIR\",\"value\":76}");
        call.does("/proof/readings", "{\"point\":\"SUCTION_PRESSURE\",\"value\":125}");
        call.does("/proof/readings", "{\"point\":\"SUCTION_LINE\",\"value\":54}");
        call.does("/proof/readings", "{\"point\":\"SUCTION_PRESSURE\",\"value\":130,\"circuit\":2}");
        JsonNode view = call.does("/proof/readings", "{\"point\":\"SUCTION_LINE\",\"value\":74,\"circuit\":2}");
        JsonNode second = view.at("/leave/proof/circuits/0");
        assertThat(second.at("/circuit").asInt()).isEqualTo(2);
        assertThat(texts(second.at("/figures"), "/title"))
                .contains("Superheat", "Evaporating")
                .doesNotContain("Temperature split");
        assertThat(second.at("/figures").toString()).contains("Suction line 74");
        assertThat(view.at("/leave/proof/figures").toString()).contains("Suction line 54");
        assertThat(call.refuses("/proof/readings", "{\"point\":\"RETURN_AIR\",\"value\":76,\"circuit\":2}"))
                .contains("the air is of the whole unit");
        JsonNode kept = call.does("/proof/keep", "{\"isBenchmark\":false}");
        assertThat(kept.at("/tape/0/text/reckoning").toString()).contains("Circuit 2: superheat");
    }
}
