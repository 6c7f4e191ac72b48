package zestbench.server;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.core.env.Environment;
import org.springframework.stereotype.Component;

/** Says on the terminal where the bench is open, and the code that other devices give. */
@Component
class Announcement {
    private static final String PORT = "port";

    private final Settings settings;
    private final Environment environment;

    Announcement(Settings settings, Environment environment) {
        this.settings = settings;
        this.environment = environment;
    }

    /** So that a backup finds the bench that holds the database. */
    private void writePort(String port) {
        try {
            Path file = settings.data().resolve(PORT);
            Files.writeString(file, port);
            file.toFile().deleteOnExit();
        } catch (IOException problem) {
            throw new UncheckedIOException(problem);
        }
    }

    @EventListener(ApplicationReadyEvent.class)
    void announce() {
        String port = environment.getProperty("local.server.port", "");
        writePort(port);
        System.out.println("Zest Bench is open at http://127.0.0.1:" + port);
        if (settings.host() != null) {
            System.out.println("Other devices: http://" + settings.host() + ":" + port + "  access code "
                    + settings.code() + ", given once on each device");
        }
        System.out.println("Stop it with Ctrl+C.");
    }
}
