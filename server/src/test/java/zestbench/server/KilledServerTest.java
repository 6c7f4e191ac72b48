package zestbench.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.json.JsonMapper;

/** A real process, killed outright: what it acknowledged is there when it comes back. */
class KilledServerTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private final HttpClient client = HttpClient.newHttpClient();

    @Test
    void losesNothingThatItAcknowledged(@TempDir Path data) throws Exception {
        List<String> acknowledged = new ArrayList<>();
        Process first = start(data);
        String address = addressOf(first);
        post(address + "/api/people", "{\"name\":\"Tech 1\"}");
        long unit = JSON.readTree(post(
                        address + "/api/units",
                        "{\"site\":\"Net lofts\",\"name\":\"loft 1\"," + "\"volts\":\"208/230\",\"phase\":1}"))
                .at("/id")
                .asLong();
        long call = JSON.readTree(post(address + "/api/calls", "{\"unitId\":" + unit + ",\"complaint\":\"warm\"}"))
                .at("/id")
                .asLong();
        for (int i = 0; i < 40; i++) {
            String note = "note " + i;
            post(address + "/api/calls/" + call + "/notes", "{\"text\":\"" + note + "\"}");
            acknowledged.add(note);
        }
        first.destroyForcibly().waitFor();

        Process second = start(data);
        try {
            String tape = get(addressOf(second) + "/api/calls/" + call);
            List<String> found = new ArrayList<>();
            JSON.readTree(tape)
                    .at("/tape")
                    .forEach(l -> found.add(0, l.at("/text/title").asString()));
            assertThat(found).isEqualTo(acknowledged);
        } finally {
            second.destroyForcibly().waitFor();
        }
    }

    private static Process start(Path data) throws IOException {
        return new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-XX:TieredStopAtLevel=1",
                        "-cp",
                        System.getProperty("java.class.path"),
                        "zestbench.server.ZestBench",
                        "--server.port=0",
                        "--zest.demo=false",
                        "--zest.data=" + data)
                .redirectErrorStream(true)
                .start();
    }

    private static String addressOf(Process process) throws IOException {
        BufferedReader out =
                new BufferedReader(new InputStreamReader(process.getInputStream(), StandardCharsets.UTF_8));
        StringBuilder seen = new StringBuilder();
        for (String line = out.readLine(); line != null; line = out.readLine()) {
            seen.append(line).append('\n');
            int at = line.indexOf("open at ");
            if (at >= 0) {
                return line.substring(at + 8).strip();
            }
        }
        throw new IllegalStateException("the server said no address:\n" + seen);
    }

    private String post(String uri, String json) throws IOException, InterruptedException {
        HttpResponse<String> response = client.send(
                HttpRequest.newBuilder(URI.create(uri))
                        .header("Content-Type", "application/json")
                        .header("X-Technician", "1")
                        .POST(HttpRequest.BodyPublishers.ofString(json))
                        .build(),
                HttpResponse.BodyHandlers.ofString());
        assertThat(response.statusCode()).as(response.body()).isEqualTo(200);
        return response.body();
    }

    private String get(String uri) throws IOException, InterruptedException {
        return client.send(HttpRequest.newBuilder(URI.create(uri)).build(), HttpResponse.BodyHandlers.ofString())
                .body();
    }
}
