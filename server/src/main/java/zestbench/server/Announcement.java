package zestbench.server;

import java.io.IOException;
import java.io.InputStream;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import zestbench.server.data.Running;
import zestbench.server.security.AccessCode;
import zestbench.server.security.InnerPass;

/** Says on the terminal where the bench is open, and shows the code that lets other devices in. */
@Component
class Announcement {
    private final Settings settings;
    private final OwnAddress address;
    private final AccessCode code;
    private final InnerPass inner;
    private final Running running;
    private final ConfigurableApplicationContext context;

    Announcement(
            Settings settings,
            OwnAddress address,
            AccessCode code,
            InnerPass inner,
            Running running,
            ConfigurableApplicationContext context) {
        this.context = context;
        this.settings = settings;
        this.address = address;
        this.code = code;
        this.inner = inner;
        this.running = running;
    }

    @EventListener(ApplicationReadyEvent.class)
    void announce() {
        if (settings.rebuild()) {
            context.close();
            return;
        }
        running.say(new Running.Reach(address.text(), inner.text()));
        System.out.println("Zest Bench is open at " + address.text());
        if (settings.isShared()) {
            System.out.println("Other devices: " + (address.isTls() ? "https" : "http") + "://" + settings.host() + ":"
                    + address.port());
            if (!address.isTls()) {
                System.out.println("Plain http: whoever listens on this network reads along and can take a device's"
                        + " pass; --tls ends that.");
            }
            if (address.isEverywhere()) {
                System.out.println("It listens at every address of this machine: " + settings.host()
                        + " names none of them, or several.");
            }
            if (address.isOnlyLoopback()) {
                System.out.println(settings.host() + " is a loopback address here, so only this machine gets in: give"
                        + " the address that others see, such as 192.168.1.20.");
            }
            showCode();
            if (System.console() != null) {
                Thread asked = new Thread(this::showWhenAsked, "access-code");
                asked.setDaemon(true);
                asked.start();
            }
        }
        System.out.println("Stop it with Ctrl+C.");
    }

    private void showCode() {
        System.out.println("Access code " + code.show() + ", lets devices in for ten minutes; Enter, or ./zest code,"
                + " shows a new one.");
    }

    /** Enter on the terminal asks for a new code. */
    private void showWhenAsked() {
        InputStream keys = System.in;
        try {
            for (int key = keys.read(); key >= 0; key = keys.read()) {
                if (key == '\n') {
                    showCode();
                }
            }
        } catch (IOException closed) {
            // no terminal: ./zest code is left
        }
    }
}
