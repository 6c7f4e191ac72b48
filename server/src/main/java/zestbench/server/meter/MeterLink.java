package zestbench.server.meter;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.stream.Stream;
import org.springframework.core.env.Environment;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.util.function.SingletonSupplier;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import org.springframework.web.util.UriComponentsBuilder;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;
import zestbench.server.OwnAddress;
import zestbench.server.security.InnerPass;

/** The bench's way to a meter: passes on what it streams. {@code zest.meter.url} names another than the simulated one. */
@Component
public class MeterLink {
    private static final Duration CONNECT = Duration.ofSeconds(2);
    private static final long LONGEST_MILLIS = 600_000;
    /** Names another meter than the simulated one, which alone is shown the inner pass. */
    private static final String OTHER = "zest.meter.url";

    private static final String DATA = "data:";

    private final Environment environment;
    private final OwnAddress address;
    private final InnerPass pass;
    private final JsonMapper json;
    /** Made when the first meter is clipped on: it brings encryption along, which a start can do without. */
    private final SingletonSupplier<HttpClient> client = SingletonSupplier.of(
            () -> HttpClient.newBuilder().connectTimeout(CONNECT).build());

    private final ExecutorService readers = Executors.newCachedThreadPool(work -> {
        Thread thread = new Thread(work, "meter-link");
        thread.setDaemon(true);
        return thread;
    });

    MeterLink(Environment environment, OwnAddress address, InnerPass pass, JsonMapper json) {
        this.environment = environment;
        this.address = address;
        this.pass = pass;
        this.json = json;
    }

    /** Said where the meter is gone or its dial is elsewhere. */
    public record Said(String words) {}

    /**
     * Streams a meter's readings: events "reading" with a {@link MeterReading}, "other" where the dial is on another unit,
     * and "lost", after which the stream ends.
     */
    public SseEmitter follow(Clip clip) {
        SseEmitter out = new SseEmitter(LONGEST_MILLIS);
        AtomicBoolean isOpen = new AtomicBoolean(true);
        out.onCompletion(() -> isOpen.set(false));
        out.onTimeout(out::complete);
        out.onError(gone -> isOpen.set(false));
        readers.execute(() -> read(clip, out, isOpen));
        return out;
    }

    private void read(Clip clip, SseEmitter out, AtomicBoolean isOpen) {
        try {
            HttpRequest.Builder request = HttpRequest.newBuilder(address(clip)).header("Accept", "text/event-stream");
            if (environment.getProperty(OTHER) == null) {
                request.header(InnerPass.HEADER, pass.text());
            }
            HttpResponse<Stream<String>> answer =
                    client.obtain().send(request.build(), HttpResponse.BodyHandlers.ofLines());
            try (Stream<String> lines = answer.body()) {
                var each = lines.iterator();
                while (answer.statusCode() == 200 && isOpen.get() && each.hasNext()) {
                    String line = each.next();
                    if (line.startsWith(DATA)) {
                        pass(line.substring(DATA.length()), clip, out);
                    }
                }
            }
            lost(out, isOpen);
        } catch (IOException | RuntimeException gone) {
            lost(out, isOpen);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            lost(out, isOpen);
        }
    }

    private void pass(String data, Clip clip, SseEmitter out) throws IOException {
        MeterReading reading;
        try {
            reading = json.readValue(data, MeterReading.class);
        } catch (JacksonException unreadable) {
            return;
        }
        if (reading.sign().equals(clip.sign())) {
            out.send(SseEmitter.event().name("reading").data(reading, MediaType.APPLICATION_JSON));
        } else {
            out.send(SseEmitter.event()
                    .name("other")
                    .data(
                            new Said("The meter is on " + reading.sign() + ": turn it to " + clip.sign() + "."),
                            MediaType.APPLICATION_JSON));
        }
    }

    private static void lost(SseEmitter out, AtomicBoolean isOpen) {
        if (!isOpen.get()) {
            return;
        }
        try {
            out.send(SseEmitter.event()
                    .name("lost")
                    .data(new Said("The meter is gone: type what its window says."), MediaType.APPLICATION_JSON));
            out.complete();
        } catch (IOException | IllegalStateException gone) {
            out.completeWithError(gone);
        }
    }

    private URI address(Clip clip) {
        String own = address.text() + "/meter/v1";
        UriComponentsBuilder to = UriComponentsBuilder.fromUriString(environment.getProperty(OTHER, own) + "/stream")
                .queryParam("site", "{site}")
                .queryParam("unit", "{unit}")
                .queryParam("place", "{place}")
                .queryParam("subject", "{subject}")
                .queryParam("sign", "{sign}")
                .queryParam("runsMillis", clip.runsMillis());
        if (clip.nominal() != null) {
            to.queryParam("nominal", clip.nominal());
        }
        return to.encode()
                .buildAndExpand(clip.site(), clip.unit(), clip.place(), clip.subject(), clip.sign())
                .toUri();
    }
}
