package zestbench.server.security;

import java.time.Clock;
import java.util.Base64;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;
import org.springframework.security.crypto.keygen.BytesKeyGenerator;
import org.springframework.security.crypto.keygen.KeyGenerators;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zestbench.core.quantity.InputProblem;
import zestbench.server.problem.NotHere;

/** The devices that were let in, each with a pass of 256 random bits that can be ended by itself. */
@Service
class Devices {
    private static final int PASS_BYTES = 32;
    private static final int LONGEST_NAME = 60;
    private static final BytesKeyGenerator RANDOM = KeyGenerators.secureRandom(PASS_BYTES);

    private final DeviceRepository store;
    private final Clock clock;
    /** When each was last here, since the bench was started: a figure to recognise a device by, not worth a write. */
    private final Map<Long, Long> lastSeenMillis = new ConcurrentHashMap<>();

    Devices(DeviceRepository store, Clock clock) {
        this.store = store;
        this.clock = clock;
    }

    /** A device as the screen lists it. @param lastSeenMillis since the bench was started, else null */
    record DeviceView(
            long id,
            String name,
            long admittedAtMillis,
            @Nullable Long lastSeenMillis,
            boolean isThis) {}

    /** Lets a device in. @return its pass, which is told this once */
    @Transactional
    public String admit(String name) {
        String stripped = name.strip();
        InputProblem.require(
                !stripped.isEmpty() && stripped.length() <= LONGEST_NAME,
                "name",
                name,
                "name this device in 1 to 60 characters, such as Truck 1 phone");
        String pass = Base64.getUrlEncoder().withoutPadding().encodeToString(RANDOM.generateKey());
        store.save(new Device(stripped, Hashes.of(pass), clock.instant()));
        return pass;
    }

    /** The device a pass was given to; empty where it was given to none, or is ended. */
    Optional<Device> of(String pass) {
        Optional<Device> device = store.findByPassHashAndEndedAtIsNull(Hashes.of(pass));
        device.ifPresent(d -> lastSeenMillis.put(d.id(), clock.millis()));
        return device;
    }

    /** @param current the one that asks; null where it is none */
    List<DeviceView> all(@Nullable Long current) {
        return store.findByEndedAtIsNullOrderById().stream()
                .map(d -> new DeviceView(
                        d.id(),
                        d.name(),
                        d.admittedAt().toEpochMilli(),
                        lastSeenMillis.get(d.id()),
                        current != null && current == d.id()))
                .toList();
    }

    /** Ends a device's pass: it has to be let in anew. */
    @Transactional
    public void end(long id) {
        Device device = store.findById(id)
                .filter(d -> !d.isEnded())
                .orElseThrow(() -> new NotHere("There is no device " + id + "."));
        device.end(clock.instant());
        store.save(device);
    }
}
