package zestbench.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import tools.jackson.databind.JsonNode;

/** A call on a running bench, in the words of the tests. */
final class Bench {
    final RunningBench bench;
    final String call;

    private Bench(RunningBench bench, String call) {
        this.bench = bench;
        this.call = call;
    }

    /** A new call to the unit of this name. */
    static Bench callTo(RunningBench bench, String unit) {
        String id = bench.post(
                        "/api/calls", "{\"unitId\":" + unit(bench, unit).at("/id") + ",\"complaint\":\"stands\"}")
                .json()
                .at("/id")
                .asString();
        return new Bench(bench, "/api/calls/" + id);
    }

    static JsonNode unit(RunningBench bench, String name) {
        for (JsonNode unit : bench.get("/api/units").json()) {
            if (unit.at("/name").asString().equals(name)) {
                return unit;
            }
        }
        throw new AssertionError("no unit " + name);
    }

    String unitId() {
        return view().at("/unit/id").asString();
    }

    /** A change that has to succeed. @return the call as it then stands */
    JsonNode does(String method, String path, String json) {
        RunningBench.Answer answer = bench.send(method, call + path, json);
        assertThat(answer.status()).as("%s %s: %s", path, json, answer.text()).isEqualTo(200);
        return answer.json();
    }

    JsonNode does(String path, String json) {
        return does("POST", path, json);
    }

    /** A change that has to be refused. @return in which words */
    String refuses(String path, String json) {
        RunningBench.Answer answer = bench.post(call + path, json);
        assertThat(answer.status()).as("%s %s: %s", path, json, answer.text()).isBetween(400, 499);
        return answer.json().at("/detail").asString();
    }

    JsonNode view() {
        return bench.get(call).json();
    }

    /** A part of this kind with its label read. @return its path under the call */
    String part(String kind, String label) {
        JsonNode added = does("/parts", "{\"kind\":\"" + kind + "\",\"place\":\"Outdoor unit\"}");
        JsonNode parts = added.at("/parts");
        String part = "/parts/" + parts.get(parts.size() - 1).at("/id").asString();
        does(part + "/label", "{\"text\":\"" + label + "\"}");
        return part;
    }

    void measure(String part, String section, double microfarads) {
        does(
                part + "/readings",
                "{\"readings\":[{\"section\":\"" + section + "\",\"microfarads\":" + microfarads + "}]}");
    }

    /** Ticks every line before power and says that the unit runs. */
    void start() {
        for (JsonNode line : view().at("/leave/beforePower")) {
            does("/before-power", "{\"key\":\"" + line.at("/key").asString() + "\",\"on\":true}");
        }
        does("/proof/start", "{}");
    }

    JsonNode reads(String point, double value) {
        return does("/proof/readings", "{\"point\":\"" + point + "\",\"value\":" + value + "}")
                .at("/leave/proof");
    }

    static List<String> texts(JsonNode rows, String pointer) {
        List<String> out = new ArrayList<>();
        rows.forEach(row -> out.add(row.at(pointer).asString()));
        return out;
    }
}
