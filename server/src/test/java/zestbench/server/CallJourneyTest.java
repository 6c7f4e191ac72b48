package zestbench.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** The path of a failed capacitor, as the server carries it: each test on a call of its own in the demo town. */
class CallJourneyTest {
    private final RunningBench bench = RunningBench.demo();
    private String call;
    private String part;

    @BeforeEach
    void openCall() {
        JsonNode seeds = StreamSupport.stream(bench.get("/api/units").json().spliterator(), false)
                .filter(u -> u.at("/site").asString().equals("Seed library"))
                .findFirst()
                .orElseThrow();
        JsonNode made = bench.post(
                        "/api/calls", "{\"unitId\":" + seeds.at("/id").asLong() + ",\"complaint\":\"Fan slow\"}")
                .json();
        call = "/api/calls/" + made.at("/id").asLong();
        JsonNode added = bench.post(
                        call + "/parts",
                        "{\"kind\":\"capacitor\",\"placeId\":" + RunningBench.place(seeds, "capacitor") + "}")
                .json();
        part = call + "/parts/" + added.at("/parts/0/id").asString();
    }

    @Test
    void fromLabelToRecord() {
        label("60/7.5 MFD 440VAC ±6% 50/60Hz");
        JsonNode judged =
                measure("{\"section\":\"HERM\",\"microfarads\":60.1},{\"section\":\"FAN\",\"microfarads\":5.9}");
        assertThat(judged.at("/parts/0/verdict").asString()).isEqualTo("FAILED");
        assertThat(judged.at("/next/step").asString()).isEqualTo("MATCH");

        assertThat(bench.get(part + "/matches").json().at("/offers").toString())
                .as("the good section may stay beside a new single")
                .contains("\"stays-in\"");
        JsonNode offer = StreamSupport.stream(
                        bench.get(part + "/matches").json().at("/offers").spliterator(), false)
                .filter(o -> !o.at("/offer").toString().contains("stays-in"))
                .findFirst()
                .orElseThrow();
        assertThat(offer.at("/grade").asString()).isEqualTo("NEEDS_CHANGE");
        String piece = offer.at("/offer/0").asString();
        int before = onTruck(piece);
        assertThat(bench.post(part + "/choice", "{\"offer\":" + offer.at("/offer") + "}")
                        .status())
                .isEqualTo(200);
        assertThat(onTruck(piece)).isEqualTo(before - 1);

        assertThat(bench.post(part + "/sheet", "{}").status())
                .as("the sheet stays shut until everything reads dead")
                .isEqualTo(409);
        readDead();
        JsonNode sheet = bench.post(part + "/sheet", "{}").json();
        assertThat(sheet.at("/found").asString()).startsWith("<svg");
        bench.post(part + "/readings", "{\"piece\":0,\"readings\":[{\"microfarads\":60.2}]}");
        for (JsonNode step : sheet.at("/steps")) {
            tick("SHEET", step.at("/key").asString());
        }
        assertThat(texts(view().at("/parts/0/filled")))
                .as("a wire goes on once every new piece is measured")
                .doesNotContain("HOOK_UP");
        assertThat(bench.post(part + "/close", "{\"outcome\":\"REPLACED\"}")
                        .json()
                        .at("/detail")
                        .asString())
                .as("closing says what is still open")
                .contains("measure the new");
        bench.post(part + "/readings", "{\"piece\":1,\"readings\":[{\"microfarads\":7.48}]}");
        for (JsonNode step : sheet.at("/steps")) {
            tick("SHEET", step.at("/key").asString());
        }
        assertThat(texts(view().at("/parts/0/filled"))).contains("HOOK_UP");
        for (JsonNode check : view().at("/parts/0/checks")) {
            tick("PROOF", check.at("/key").asString());
        }
        JsonNode amps = bench.post(
                        call + "/amps",
                        "{\"part\":\"" + part.replaceAll(".*/", "")
                                + "\",\"place\":\"FAN\",\"amps\":1.2,\"rated\":1.4}")
                .json();
        assertThat(amps.at("/safe/live").asBoolean())
                .as("amps are read with the power on")
                .isTrue();
        assertThat(bench.post(part + "/sheet", "{}").status())
                .as("power closes the sheet until the next dead readings")
                .isEqualTo(409);
        JsonNode closed = bench.post(part + "/close", "{\"outcome\":\"REPLACED\",\"note\":\"spades renewed\"}")
                .json();
        assertThat(closed.at("/parts/0/closed/asLeft").asString()).contains("60.2 µF", "7.48 µF", "1.2 A");
        assertThat(texts(closed.at("/parts/0/filled")))
                .hasSizeGreaterThanOrEqualTo(5)
                .contains("PROVE");
        assertThat(bench.post(call + "/end", "{\"end\":\"CLOSED\"}")
                        .json()
                        .at("/status")
                        .asString())
                .isEqualTo("CLOSED");
        assertThat(measureStatus()).as("a closed call takes nothing more").isEqualTo(409);
        String summary = bench.get(call + "/summary").text();
        assertThat(summary).contains("Seed library", "5.9 µF", "FAILED", "spades renewed");
    }

    @Test
    void theSamePlaceTellsWhatItReadLastTime() {
        JsonNode museum = StreamSupport.stream(bench.get("/api/units").json().spliterator(), false)
                .filter(u -> u.at("/name").asString().equals("rooftop 2"))
                .findFirst()
                .orElseThrow();
        JsonNode made = bench.post(
                        "/api/calls", "{\"unitId\":" + museum.at("/id").asLong() + ",\"complaint\":\"Warm\"}")
                .json();
        JsonNode added = bench.post(
                        "/api/calls/" + made.at("/id").asLong() + "/parts",
                        "{\"kind\":\"capacitor\",\"placeId\":" + RunningBench.place(museum, "capacitor") + "}")
                .json();
        assertThat(added.at("/parts/0/lastTime/shortRating").asString()).isEqualTo("50+7.5 µF 440 V ±6 %");
        assertThat(texts(added.at("/parts/0/lastTime/readings"))).containsExactly("HERM 49.9 µF", "FAN 7.55 µF");
    }

    @Test
    void noWireNamedIsNothingFound() {
        label("45/5 MFD 370VAC ±6%");
        RunningBench.Answer none = bench.send("PUT", part + "/wires", "{\"wires\":[]}");
        assertThat(none.status()).isEqualTo(400);
        assertThat(none.text()).contains("name at least one wire");
        assertThat(view().at("/parts/0/isFoundKept").asBoolean()).isFalse();
    }

    @Test
    void puttingBackGivesThePiecesBack() {
        label("45/5 MFD 370VAC ±6%");
        JsonNode offer = bench.get(part + "/matches").json().at("/offers/0");
        List<String> ids = texts(offer.at("/offer"));
        List<Integer> before = ids.stream().map(this::onTruck).toList();
        bench.post(part + "/choice", "{\"offer\":" + offer.at("/offer") + "}");
        bench.send("DELETE", part + "/choice", null);
        assertThat(ids.stream().map(this::onTruck).toList()).isEqualTo(before);
        assertThat(view().at("/parts/0").has("chosen")).isFalse();
    }

    @Test
    void aStopgapAsksForItsReturnDateAndWaitsOnTheCalls() {
        label("42.5 MFD 440VAC ±6%");
        JsonNode stopgap = StreamSupport.stream(
                        bench.get(part + "/matches").json().at("/offers").spliterator(), false)
                .filter(o -> o.at("/grade").asString().equals("STOPGAP"))
                .findFirst()
                .orElseThrow();
        String offer = stopgap.at("/offer").toString();
        assertThat(bench.post(part + "/choice", "{\"offer\":" + offer + "}")
                        .json()
                        .at("/errors/0/field")
                        .asString())
                .isEqualTo("returnDate");
        assertThat(bench.post(part + "/choice", "{\"offer\":" + offer + ",\"returnDate\":\"2020-01-05\"}")
                        .status())
                .isEqualTo(200);
        int pieces = view().at("/parts/0/chosen/pieces").size();
        for (int i = 0; i < pieces; i++) {
            JsonNode piece = view().at("/parts/0/chosen/pieces/" + i);
            for (JsonNode section : piece.at("/sections")) {
                String rated = piece.at("/shortRating").asString().split("[ +]")[0];
                bench.post(
                        part + "/readings",
                        "{\"piece\":" + i + ",\"readings\":[{\"section\":" + section + ",\"microfarads\":" + rated
                                + "}]}");
            }
        }
        for (JsonNode check : view().at("/parts/0/checks")) {
            tick("PROOF", check.at("/key").asString());
        }
        assertThat(bench.post(part + "/close", "{\"outcome\":\"REPLACED\"}").status())
                .isEqualTo(200);
        assertThat(StreamSupport.stream(
                                bench.get("/api/calls").json().at("/due").spliterator(), false)
                        .filter(d -> d.at("/returnDate").asString().equals("2020-01-05"))
                        .map(d -> d.at("/isDue").asBoolean()))
                .containsExactly(true);
    }

    @Test
    void aStruckLineStaysAndCountsNoMore() {
        label("60/7.5 MFD 440VAC ±6%");
        JsonNode judged = measure("{\"section\":\"FAN\",\"microfarads\":2.5}");
        long line = judged.at("/tape/0/number").asLong();
        JsonNode struck = bench.post(call + "/lines/" + line + "/strike", "{\"reason\":\"lead slipped\"}")
                .json();
        assertThat(struck.at("/parts/0/readings").size()).isZero();
        assertThat(StreamSupport.stream(struck.at("/tape").spliterator(), false)
                        .filter(l -> l.at("/number").asLong() == line)
                        .map(l -> l.at("/struck").asBoolean()))
                .containsExactly(true);
        assertThat(bench.post(call + "/lines/" + line + "/strike", "{\"reason\":\"\"}")
                        .status())
                .isEqualTo(409);
        long strike = struck.at("/tape/0/number").asLong();
        assertThat(struck.at("/undo/how").asString()).isEqualTo("STRIKE");
        assertThat(struck.at("/undo/line").asLong()).isEqualTo(strike);
        JsonNode back = bench.post(call + "/lines/" + strike + "/strike", "{\"reason\":\"taken back\"}")
                .json();
        assertThat(back.at("/parts/0/readings").size())
                .as("what was struck stands again")
                .isEqualTo(judged.at("/parts/0/readings").size());
        assertThat(bench.post(call + "/lines/" + back.at("/tape/1/number").asLong() + "/strike", "{\"reason\":\"\"}")
                        .status())
                .as("what is struck already")
                .isEqualTo(409);
    }

    @Test
    void theSameRequestSentTwiceIsCarriedOutOnce() {
        label("60/7.5 MFD 440VAC ±6%");
        String reading = "{\"readings\":[{\"section\":\"FAN\",\"microfarads\":7.4}]}";
        int before = bench.send("POST", part + "/readings", reading, "X-Request-Id", "r-" + part)
                .json()
                .at("/tape")
                .size();
        int after = bench.send("POST", part + "/readings", reading, "X-Request-Id", "r-" + part)
                .json()
                .at("/tape")
                .size();
        assertThat(after).isEqualTo(before);
    }

    @Test
    void aJudgementKeepsTheRulesItWasMadeUnder() {
        label("60/7.5 MFD 440VAC ±6%");
        try {
            measure("{\"section\":\"FAN\",\"microfarads\":7.25}");
            long before = view().at("/rules").asLong();
            JsonNode rules = bench.send("PUT", "/api/rules", "{\"capacitorOut\":\"PREVENTIVE\"}")
                    .json();
            assertThat(rules.at("/number").asLong()).isGreaterThan(before);
            assertThat(view().at("/parts/0/readings/0/low").asString())
                    .as("the old line stands as it was judged")
                    .isEqualTo("7.05");
            JsonNode again = measure("{\"section\":\"FAN\",\"microfarads\":7.0}");
            assertThat(again.at("/parts/0/readings/0/low").asString())
                    .as("half of the lower tolerance is the limit now")
                    .isEqualTo("7.275");
        } finally {
            bench.send("PUT", "/api/rules", "{\"capacitorOut\":\"LABEL_TOLERANCE\"}");
        }
    }

    @Test
    void theQuickLinePutsLabelAndReadingsOnTheTapeAtOnce() {
        String quick = "{\"text\":\"55+7.5 440 6% : 52.6 5.9\"}";
        JsonNode preview = bench.post(call + "/quick/preview", quick).json();
        assertThat(preview.at("/rating").asString()).isEqualTo("55+7.5 µF 440 V ±6 %");
        assertThat(preview.at("/verdicts").size()).isEqualTo(2);
        JsonNode kept = bench.post(call + "/quick", quick).json();
        assertThat(kept.at("/parts/0/readings/1/word").asString()).isEqualTo("FAILED");
        assertThat(bench.post(call + "/quick", "{\"text\":\"55+7.5 440 : 1 2 3\"}")
                        .json()
                        .at("/detail")
                        .asString())
                .contains("3 readings");
    }

    @Test
    void aPartBoughtOnTheWayIsComparedAndChosenByItsLabel() {
        label("60/7.5 MFD 440VAC ±6%");
        JsonNode offer =
                bench.post(part + "/offer", "{\"text\":\"60/7.5 MFD 370 VAC\"}").json();
        assertThat(offer.at("/offers/0/grade").asString()).isEqualTo("REFUSED");
        assertThat(bench.post(part + "/choice", "{\"text\":\"60/7.5 MFD 370 VAC\"}")
                        .status())
                .isEqualTo(409);
        JsonNode misread = bench.post(part + "/offer", "{\"text\":\"6O/7.5 MFD 440 VAC ±6%\"}")
                .json()
                .at("/offers/0");
        assertThat(misread.at("/grade").asString()).isEqualTo("UNDECIDED");
        assertThat(misread.at("/asks/0").asString()).startsWith("First confirm: ");
        assertThat(bench.post(part + "/choice", "{\"text\":\"60/7.5 MFD 440 VAC ±6%\"}")
                        .json()
                        .at("/parts/0/chosen/grade")
                        .asString())
                .isEqualTo("LIKE_FOR_LIKE");
    }

    @Test
    void aPartIsAlsoFixedWithoutAPartAndOpenedAgain() {
        label("60/7.5 MFD 440VAC ±6%");
        bench.post(part + "/close", "{\"outcome\":\"FIXED_WITHOUT_PART\",\"note\":\"spade tightened\"}");
        assertThat(view().at("/parts/0/closed/note").asString()).isEqualTo("spade tightened");
        assertThat(bench.post(part + "/reopen", "{}").json().at("/parts/0").has("closed"))
                .isFalse();
    }

    private void label(String text) {
        JsonNode read = bench.post("/api/read", "{\"kind\":\"capacitor\",\"text\":\"" + text + "\"}")
                .json();
        RunningBench.Answer kept =
                bench.post(part + "/label", "{\"text\":\"" + text + "\",\"fields\":" + read.at("/fields") + "}");
        assertThat(kept.status()).as(kept.text()).isEqualTo(200);
    }

    private JsonNode measure(String readings) {
        RunningBench.Answer answer = bench.post(part + "/readings", "{\"readings\":[" + readings + "]}");
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return answer.json();
    }

    private int measureStatus() {
        return bench.post(part + "/readings", "{\"readings\":[{\"section\":\"FAN\",\"microfarads\":7}]}")
                .status();
    }

    private void readDead() {
        for (JsonNode pair : view().at("/safe/pairs")) {
            bench.post(
                    call + "/dead",
                    "{\"place\":" + pair.at("/place") + ",\"pair\":" + pair.at("/pair") + ",\"volts\":0.3}");
        }
    }

    private void tick(String list, String key) {
        bench.post(part + "/ticks", "{\"list\":\"" + list + "\",\"key\":\"" + key + "\",\"on\":true}");
    }

    private JsonNode view() {
        return bench.get(call).json();
    }

    private int onTruck(String id) {
        return StreamSupport.stream(bench.get("/api/truck").json().spliterator(), false)
                .filter(s -> s.at("/id").asString().equals(id))
                .findFirst()
                .orElseThrow()
                .at("/quantity")
                .asInt();
    }

    private static List<String> texts(JsonNode array) {
        List<String> out = new ArrayList<>();
        array.forEach(n -> out.add(n.asString()));
        return out;
    }
}
