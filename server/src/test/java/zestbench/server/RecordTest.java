package zestbench.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** The record of a call with every kind of line on it reads the same after the bench was stopped and started. */
class RecordTest {
    private RunningBench bench;
    private String call;
    private String part;

    @Test
    void everyLineReadsTheSameAfterARestart(@TempDir Path data) {
        String[] settings = {"--zest.data=" + data, "--zest.demo=false"};
        bench = RunningBench.start(settings);
        bench.post("/api/people", "{\"name\":\"Tech 1\"}");
        fillTheTape();
        JsonNode before = bench.get(call).json();
        String summary = bench.get(call + "/summary").text();
        bench.close();

        bench = RunningBench.start(settings);
        RunningBench.Answer again = bench.get(call);
        assertThat(again.status()).as(again.text()).isEqualTo(200);
        JsonNode after = again.json();
        assertThat(after.at("/tape").toString()).isEqualTo(before.at("/tape").toString());
        assertThat(after.at("/parts").toString()).isEqualTo(before.at("/parts").toString());
        assertThat(bench.get(call + "/summary").text()).isEqualTo(summary);
        assertThat(bench.get("/api/calls").json().at("/due/0/returnDate").asString())
                .isEqualTo("2030-05-06");
        bench.close();
        List<String> words = new ArrayList<>();
        before.at("/tape").forEach(l -> words.add(l.at("/text/title").asString()));
        assertThat(words)
                .as("every kind of line stood on it")
                .anyMatch(w -> w.startsWith("Run capacitor in question"))
                .anyMatch(w -> w.startsWith("Label:"))
                .anyMatch(w -> w.startsWith("Chosen:"))
                .anyMatch(w -> w.startsWith("Put back:"))
                .anyMatch(w -> w.startsWith("Wires as found"))
                .anyMatch(w -> w.startsWith("Hook-up sheet opened"))
                .anyMatch(w -> w.startsWith("Done:"))
                .anyMatch(w -> w.startsWith("Replaced"))
                .anyMatch(w -> w.startsWith("Struck line"))
                .anyMatch(w -> w.equals("Compressor"))
                .anyMatch(w -> w.startsWith("Turn it by hand"))
                .anyMatch(w -> w.startsWith("Windings, outdoor fan motor"))
                .anyMatch(w -> w.startsWith("Leads of the new part"))
                .anyMatch(w -> w.startsWith("Sheaves 4.1 on motor"))
                .anyMatch(w -> w.startsWith("Part reopened"))
                .anyMatch(w -> w.startsWith("Call reopened"));
    }

    /** The database rounds what is finer than a microsecond: up, where it is near the next. */
    @Test
    void noTimeIsFinerThanWhatIsKept(@TempDir Path data) {
        bench = RunningBench.start("--zest.data=" + data, "--zest.demo=false");
        Clock clock = bench.bean(Clock.class);
        for (int i = 0; i < 100; i++) {
            assertThat(clock.instant().getNano() % 1_000_000).isZero();
        }
        bench.close();
    }

    private void fillTheTape() {
        long unit = bench.post(
                        "/api/units", "{\"site\":\"Net lofts\",\"name\":\"loft 1\",\"volts\":\"208/230\",\"phase\":1}")
                .json()
                .at("/id")
                .asLong();
        JsonNode made = bench.post("/api/calls", "{\"unitId\":" + unit + ",\"complaint\":\"hums\"}")
                .json();
        call = "/api/calls/" + made.at("/id").asLong();
        part = call + "/parts/"
                + bench.post(call + "/parts", "{\"kind\":\"capacitor\",\"place\":\"Outdoor unit\"}")
                        .json()
                        .at("/parts/0/id")
                        .asString();
        change(part + "/label", "{\"text\":\"45/5 MFD 440 VAC ±6%\"}");
        change(
                part + "/readings",
                "{\"readings\":[{\"section\":\"HERM\",\"overRange\":true},{\"section\":\"FAN\",\"open\":true}]}");
        change(
                part + "/readings",
                "{\"method\":\"UNDER_LOAD\",\"readings\":[{\"section\":\"HERM\",\"amps\":5.9,\"volts\":348,\"hertz\":60}]}");
        JsonNode last = change(call + "/notes", "{\"text\":\"hot attic\"}");
        change(call + "/lines/" + last.at("/tape/0/number").asLong() + "/strike", "{\"reason\":\"wrong roof\"}");
        change(part + "/choice", "{\"text\":\"45/5 MFD 480 VAC ±6%\"}");
        bench.send("DELETE", part + "/choice", null);
        change(part + "/choice", "{\"text\":\"45/5 MFD 440 VAC ±10%\",\"returnDate\":\"2030-05-06\"}");
        bench.send(
                "PUT",
                part + "/wires",
                "{\"wires\":[{\"terminal\":\"C\",\"colour\":\"orange\",\"tracer\":\"white\",\"name\":\"contactor\"}]}");
        for (JsonNode pair : bench.get(call).json().at("/safe/pairs")) {
            change(
                    call + "/dead",
                    "{\"place\":" + pair.at("/place") + ",\"pair\":" + pair.at("/pair") + ",\"volts\":0.3}");
        }
        change(
                part + "/readings",
                "{\"piece\":0,\"readings\":[{\"section\":\"HERM\",\"microfarads\":45},{\"section\":\"FAN\",\"microfarads\":5}]}");
        for (JsonNode step : bench.post(part + "/sheet", "{}").json().at("/steps")) {
            change(part + "/ticks", "{\"list\":\"SHEET\",\"key\":" + step.at("/key") + ",\"on\":true}");
        }
        for (JsonNode check : bench.get(call).json().at("/parts/0/checks")) {
            change(part + "/ticks", "{\"list\":\"PROOF\",\"key\":" + check.at("/key") + ",\"on\":true}");
        }
        change(
                call + "/amps",
                "{\"part\":\"" + part.replaceAll(".*/", "")
                        + "\",\"place\":\"COMPRESSOR\",\"amps\":15,\"rated\":17.9}");
        motor();
        change(part + "/close", "{\"outcome\":\"REPLACED\",\"note\":\"proper one ordered\"}");
        change(part + "/reopen", "{}");
        change(part + "/close", "{\"outcome\":\"REPLACED\"}");
        change(call + "/end", "{\"end\":\"CLOSED\",\"note\":\"done\"}");
        change(call + "/reopen", "{}");
    }

    private void motor() {
        String motor = call + "/parts/"
                + change(call + "/parts", "{\"kind\":\"motor\",\"place\":\"Outdoor fan motor\"}")
                        .at("/parts/1/id")
                        .asString();
        String label = "2 HP 208-230 V 3 PH 60 HZ 1725 RPM 6.8 A BELT DRIVE REV";
        change(motor + "/label", "{\"text\":\"" + label + "\"}");
        change(motor + "/looks", "{\"look\":\"SHAFT\",\"seen\":\"bound\"}");
        change(
                call + "/windings",
                "{\"part\":\"" + motor.replaceAll(".*/", "")
                        + "\",\"readings\":[{\"pair\":\"1-GROUND\",\"overRange\":true}]}");
        change(
                motor + "/belt",
                "{\"motorInches\":4,\"fanInches\":8,\"newMotorInches\":4.1,\"newFanInches\":8,\"ampsNow\":5}");
        change(motor + "/choice", "{\"text\":\"" + label + "\"}");
        RunningBench.Answer leads = bench.send(
                "PUT",
                motor + "/leads/wires",
                "{\"wires\":[{\"terminal\":\"T1\",\"colour\":\"black\",\"name\":\"\"}],\"connection\":\"as drawn\"}");
        assertThat(leads.status()).as(leads.text()).isEqualTo(200);
    }

    private JsonNode change(String path, String json) {
        RunningBench.Answer answer = bench.post(path, json);
        assertThat(answer.status()).as("%s %s: %s", path, json, answer.text()).isEqualTo(200);
        return answer.json();
    }
}
