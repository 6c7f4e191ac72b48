package zestbench.server.security;

import java.security.SecureRandom;
import java.time.Clock;
import java.time.Duration;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The code that lets a device in. It is shown where the bench runs, works for ten minutes, and is worth nothing after. */
@Component
public class AccessCode {
    static final Duration WORKS = Duration.ofMinutes(10);
    /** No I, O, 0, 1: read off a screen and typed with gloves on. */
    private static final String SIGNS = "ABCDEFGHJKLMNPQRSTUVWXYZ23456789";

    private static final int LENGTH = 8;

    private record Shown(String code, long untilMillis) {}

    private final Clock clock;
    private final SecureRandom random = new SecureRandom();
    private volatile @Nullable Shown shown;

    AccessCode(Clock clock) {
        this.clock = clock;
    }

    /** A new code; the one before stops working. */
    public String show() {
        StringBuilder code = new StringBuilder(LENGTH);
        for (int i = 0; i < LENGTH; i++) {
            code.append(SIGNS.charAt(random.nextInt(SIGNS.length())));
        }
        shown = new Shown(code.toString(), clock.millis() + WORKS.toMillis());
        return code.toString();
    }

    boolean isRight(String given) {
        Shown now = shown;
        return now != null
                && clock.millis() < now.untilMillis()
                && Hashes.same(given.strip().toUpperCase(Locale.ROOT), now.code());
    }
}
