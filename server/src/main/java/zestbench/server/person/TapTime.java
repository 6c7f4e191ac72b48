package zestbench.server.person;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;
import zestbench.core.quantity.InputProblem;

/**
 * When a change was made: at the tap, as the device that made it says, also where it waited for a connection. A time that
 * cannot be is not taken; the bench's own is, and the answer says so.
 */
@Component
public class TapTime {
    /** Milliseconds since 1970, as the device's clock showed them at the tap. */
    public static final String HEADER = "X-Tapped-At";
    /** Set to {@code bench} on an answer whose change bears the bench's time instead. */
    public static final String STAMPED = "X-Stamped";

    /** So far two clocks may differ without a word. */
    private static final Duration APART = Duration.ofSeconds(30);

    private final Clock clock;

    TapTime(Clock clock) {
        this.clock = clock;
    }

    /** @param last when the same person's last line was written; null where there is none */
    public Instant at(@Nullable Instant last) {
        Instant now = clock.instant();
        if (!(RequestContextHolder.getRequestAttributes() instanceof ServletRequestAttributes web)) {
            return now;
        }
        Instant tapped = tapped(web.getRequest());
        if (tapped == null) {
            return now;
        }
        if (tapped.isAfter(now.plus(APART)) || (last != null && tapped.isBefore(last.minus(APART)))) {
            HttpServletResponse response = web.getResponse();
            if (response != null) {
                response.setHeader(STAMPED, "bench");
            }
            return now;
        }
        if (last != null && tapped.isBefore(last)) {
            return last;
        }
        return tapped.isAfter(now) ? now : tapped;
    }

    private static @Nullable Instant tapped(HttpServletRequest request) {
        String given = request.getHeader(HEADER);
        if (given == null) {
            return null;
        }
        try {
            return Instant.ofEpochMilli(Long.parseLong(given));
        } catch (NumberFormatException unreadable) {
            throw InputProblem.of(HEADER, given, "give milliseconds since 1970");
        }
    }
}
