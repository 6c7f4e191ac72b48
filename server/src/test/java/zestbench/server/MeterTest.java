package zestbench.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.net.InetSocketAddress;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The simulated meter and probes, and the way to a real one. */
class MeterTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final HttpClient CLIENT = HttpClient.newHttpClient();
    private static RunningBench bench;

    /** An event of a stream. */
    private record Event(String name, JsonNode data) {}

    @BeforeAll
    static void open() {
        bench = RunningBench.start();
    }

    @AfterAll
    static void close() {
        bench.close();
    }

    @AfterEach
    void steady() {
        bench.send("PUT", "/meter/v1/mode", "{\"mode\":\"NORMAL\"}");
    }

    @ParameterizedTest(name = "{0} {1} {2} in {3} is about {4}")
    @CsvSource({
        "Seed library, Outdoor unit, HERM, µF, 57.3, METER",
        "Ballet school, SUPPLY, L1-L2, V, 463, METER",
        "Ballet school, Disconnect and fuses, FUSE 2, Ω, OL, METER",
        "Net lofts, SAFE, L1–L2, V, 0.05, METER",
        "Net lofts, PROOF, LIQUID_PRESSURE, psig, 190, PROBES",
        "nowhere, nothing, none, Ω, OL, METER"
    })
    void itReadsTheDemoTownWithNoiseAndOl(
            String site, String place, String subject, String sign, String about, String device) throws Exception {
        List<Event> events = stream(
                bench.address() + "/meter/v1/stream?site=" + coded(site) + "&unit=rooftop&place=" + coded(place)
                        + "&subject=" + coded(subject) + "&sign=" + coded(sign),
                3);
        for (Event event : events) {
            assertThat(event.name()).isEqualTo("reading");
            assertThat(event.data().at("/device").asString()).isEqualTo(device);
            assertThat(event.data().at("/sign").asString()).isEqualTo(sign);
            if (about.equals("OL")) {
                assertThat(event.data().at("/isOverRange").asBoolean()).isTrue();
                assertThat(event.data().has("value")).isFalse();
            } else {
                double expected = Double.parseDouble(about);
                assertThat(event.data().at("/value").asDouble())
                        .isBetween(expected * 0.97 - 0.1, expected * 1.03 + 0.1);
            }
        }
    }

    @Test
    void theBenchPassesTheReadingOfThePairOnThatIsAskedFor() throws Exception {
        Bench call = Bench.callTo(bench, "split system");
        String part = call.part("capacitor", "60/7.5 MFD 440VAC ±6%");
        List<Event> events = stream(
                bench.address() + call.call + "/meter?part=" + part.substring(7) + "&subject=FAN&sign=" + coded("µF"),
                2);
        assertThat(events).extracting(Event::name).containsOnly("reading");
        assertThat(events.get(0).data().at("/value").asDouble()).isBetween(5.7, 6.1);
        assertThat(bench.get(call.call + "/meter?subject=&sign=V").status()).isEqualTo(400);
    }

    @Test
    void aRunningUnitsProbesMoveAsItSettles() throws Exception {
        Bench call = Bench.callTo(bench, "split system");
        call.start();
        List<Event> events =
                stream(bench.address() + call.call + "/meter?place=PROOF&subject=SUPPLY_AIR&sign=" + coded("°F"), 2);
        assertThat(events.get(0).data().at("/value").asDouble())
                .as("79 °F before it settles")
                .isGreaterThan(72);
        assertThat(events.get(0).data().at("/device").asString()).isEqualTo("PROBES");
    }

    @Test
    void aDroppedLinkIsSaidAndTheStreamEnds() throws Exception {
        bench.send("PUT", "/meter/v1/mode", "{\"mode\":\"DROPPED\"}");
        Bench call = Bench.callTo(bench, "split system");
        List<Event> events = stream(bench.address() + call.call + "/meter?place=SUPPLY&subject=L1-L2&sign=V", 99);
        assertThat(events).extracting(Event::name).containsExactly("reading", "reading", "reading", "lost");
        assertThat(events.get(3).data().at("/words").asString()).startsWith("The meter is gone");
    }

    @Test
    void aNoisyMeterDoesNotStandStill() throws Exception {
        bench.send("PUT", "/meter/v1/mode", "{\"mode\":\"NOISY\"}");
        List<Event> events = stream(
                bench.address() + "/meter/v1/stream?site=Seed+library&place=Outdoor+unit&subject=HERM&sign="
                        + coded("µF"),
                6);
        double lowest = events.stream()
                .mapToDouble(e -> e.data().at("/value").asDouble())
                .min()
                .orElseThrow();
        double highest = events.stream()
                .mapToDouble(e -> e.data().at("/value").asDouble())
                .max()
                .orElseThrow();
        assertThat(highest - lowest).isGreaterThan(0.3);
    }

    /** A meter that is none of ours: it ignores the query, streams its own dial, and sometimes nonsense. */
    @Test
    void aRealOneTakesItsPlaceByTheSameStream() throws Exception {
        HttpServer real = HttpServer.create(new InetSocketAddress("127.0.0.1", 0), 0);
        real.createContext("/stream", exchange -> {
            byte[] body =
                    ("event:reading\ndata:{\"device\":\"METER\",\"sign\":\"V\",\"value\":24.3,\"isOverRange\":false,\"atMillis\":1}\n\n"
                                    + ": a comment\n\ndata:nonsense\n\n"
                                    + "data:{\"device\":\"METER\",\"sign\":\"µF\",\"value\":44.1,\"isOverRange\":false,\"atMillis\":2}\n\n")
                            .getBytes(StandardCharsets.UTF_8);
            exchange.getResponseHeaders().add("Content-Type", "text/event-stream");
            exchange.sendResponseHeaders(200, body.length);
            exchange.getResponseBody().write(body);
            exchange.close();
        });
        real.start();
        try (RunningBench other = RunningBench.start(
                "--zest.meter.url=http://127.0.0.1:" + real.getAddress().getPort())) {
            Bench call = Bench.callTo(other, "split system");
            List<Event> events = stream(other.address() + call.call + "/meter?subject=HERM&sign=" + coded("µF"), 99);
            assertThat(events).extracting(Event::name).containsExactly("other", "reading", "lost");
            assertThat(events.get(0).data().at("/words").asString()).isEqualTo("The meter is on V: turn it to µF.");
            assertThat(events.get(1).data().at("/value").asDouble()).isEqualTo(44.1);
        } finally {
            real.stop(0);
        }
    }

    @Test
    void noMeterAtAllIsSaidAtOnce() throws Exception {
        try (RunningBench alone = RunningBench.start("--zest.meter.url=http://127.0.0.1:9")) {
            Bench call = Bench.callTo(alone, "split system");
            List<Event> events = stream(alone.address() + call.call + "/meter?subject=HERM&sign=V", 99);
            assertThat(events).extracting(Event::name).containsExactly("lost");
        }
    }

    private static String coded(String text) {
        return URLEncoder.encode(text, StandardCharsets.UTF_8);
    }

    /** The first events of a stream, or all if it ends before. */
    private static List<Event> stream(String address, int most) throws IOException, InterruptedException {
        HttpResponse<Stream<String>> answer = CLIENT.send(
                HttpRequest.newBuilder(URI.create(address))
                        .timeout(Duration.ofSeconds(20))
                        .header("Accept", "text/event-stream")
                        .build(),
                HttpResponse.BodyHandlers.ofLines());
        assertThat(answer.statusCode()).isEqualTo(200);
        List<Event> out = new ArrayList<>();
        String name = "";
        try (Stream<String> lines = answer.body()) {
            var each = lines.iterator();
            while (out.size() < most && each.hasNext()) {
                String line = each.next();
                if (line.startsWith("event:")) {
                    name = line.substring(6).strip();
                } else if (line.startsWith("data:")) {
                    out.add(new Event(name, JSON.readTree(line.substring(5))));
                }
            }
        }
        return out;
    }
}
