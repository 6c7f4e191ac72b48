package zestbench.server;

import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.core.env.Environment;
import org.springframework.stereotype.Component;

/** Says on the terminal where the bench is open, and the code that other devices give. */
@Component
class Announcement {
    private final Settings settings;
    private final Environment environment;

    Announcement(Settings settings, Environment environment) {
        this.settings = settings;
        this.environment = environment;
    }

    @EventListener(ApplicationReadyEvent.class)
    void announce() {
        String port = environment.getProperty("local.server.port", "");
        System.out.println("Zest Bench is open at http://127.0.0.1:" + port);
        if (settings.host() != null) {
            System.out.println("Other devices: http://" + settings.host() + ":" + port + "  access code "
                    + settings.code() + ", given once on each device");
        }
        System.out.println("Stop it with Ctrl+C.");
    }
}
