package zestbench.server.meter;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ScheduledFuture;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicReference;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import zestbench.server.change.ChangesNothing;
import zestbench.server.meter.SimulatedMeter.Mode;

/** The simulated meter's own interface: a stream of readings. A real one takes its place by offering the same stream. */
@ChangesNothing
@RestController
@RequestMapping("/meter/v1")
class MeterDeviceController {
    private static final long EVERY_MILLIS = 600;
    private static final long LONGEST_MILLIS = 600_000;
    private static final int READ_BEFORE_IT_DROPS = 3;

    private final SimulatedMeter meter;
    private final ScheduledExecutorService beat = Executors.newSingleThreadScheduledExecutor(work -> {
        Thread thread = new Thread(work, "meter");
        thread.setDaemon(true);
        return thread;
    });

    MeterDeviceController(SimulatedMeter meter) {
        this.meter = meter;
    }

    record MeterModeGiven(
            @NotNull(message = "give NORMAL, NOISY or DROPPED")
            Mode mode) {}

    /** Readings as server-sent events named "reading". The query tells the simulation where the leads sit. */
    @GetMapping(value = "/stream", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter stream(
            @RequestParam(defaultValue = "") @Size(max = 80) String site,
            @RequestParam(defaultValue = "") @Size(max = 80) String unit,
            @RequestParam(defaultValue = "") @Size(max = 80) String place,
            @RequestParam(defaultValue = "") @Size(max = 40) String subject,
            @RequestParam(defaultValue = "V") @Size(max = 8) String sign,
            @RequestParam(required = false) @Nullable Double nominal,
            @RequestParam(defaultValue = "0") long runsMillis) {
        SseEmitter out = new SseEmitter(LONGEST_MILLIS);
        AtomicInteger sent = new AtomicInteger();
        AtomicReference<@Nullable ScheduledFuture<?>> running = new AtomicReference<>();
        long since = System.nanoTime();
        Runnable send = () -> {
            if (meter.mode() == Mode.DROPPED && sent.get() >= READ_BEFORE_IT_DROPS) {
                stop(running);
                out.complete();
                return;
            }
            long runs = runsMillis == 0 ? 0 : runsMillis + TimeUnit.NANOSECONDS.toMillis(System.nanoTime() - since);
            try {
                out.send(SseEmitter.event()
                        .name("reading")
                        .data(
                                meter.read(new Clip(site, unit, place, subject, sign, nominal, runs)),
                                MediaType.APPLICATION_JSON));
                sent.incrementAndGet();
            } catch (IOException | IllegalStateException gone) {
                stop(running);
            }
        };
        out.onCompletion(() -> stop(running));
        out.onTimeout(out::complete);
        running.set(beat.scheduleAtFixedRate(send, 0, EVERY_MILLIS, TimeUnit.MILLISECONDS));
        return out;
    }

    private static void stop(AtomicReference<@Nullable ScheduledFuture<?>> running) {
        ScheduledFuture<?> future = running.get();
        if (future != null) {
            future.cancel(false);
        }
    }

    record MeterModeView(Mode mode) {}

    @GetMapping("/mode")
    MeterModeView mode() {
        return new MeterModeView(meter.mode());
    }

    /** Makes the simulated meter noisy, or breaks its link. */
    @PutMapping("/mode")
    MeterModeView become(@Valid @RequestBody MeterModeGiven given) {
        meter.become(given.mode());
        return mode();
    }
}
