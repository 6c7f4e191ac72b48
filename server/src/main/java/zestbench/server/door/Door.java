package zestbench.server.door;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.time.Clock;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.LinkedHashSet;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import zestbench.server.Settings;

/**
 * Lets in only what is meant for this bench: the Host has to be one of its own names, a foreign Origin may change
 * nothing, and where the bench is reached from other devices each of them gives the access code once.
 */
@Component
public class Door extends OncePerRequestFilter {
    static final String COOKIE = "zest-door";
    private static final String CODE_PATH = "/api/door";
    private static final int MOST_TRIES = 10;
    private static final long TRIES_MILLIS = 60_000;

    private final Settings settings;
    private final Clock clock;
    private final Set<String> hosts = new LinkedHashSet<>(Set.of("localhost", "127.0.0.1", "[::1]"));
    private final Deque<Long> failures = new ArrayDeque<>();

    Door(Settings settings, Clock clock) {
        this.settings = settings;
        this.clock = clock;
        if (settings.host() != null) {
            hosts.add(settings.host().toLowerCase(java.util.Locale.ROOT));
        }
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (!hosts.contains(nameOf(request.getHeader("Host")))) {
            refuse(response, HttpStatus.MISDIRECTED_REQUEST, "This bench does not go by that name.");
        } else if (!isOwnOrigin(request)) {
            refuse(response, HttpStatus.FORBIDDEN, "Another site may not use this bench.");
        } else if (request.getRequestURI().equals(CODE_PATH)) {
            giveCode(request, response);
        } else if (isGuarded(request) && !hasCookie(request)) {
            refuse(response, HttpStatus.UNAUTHORIZED, "Give the access code that the bench printed when it started.");
        } else {
            chain.doFilter(request, response);
        }
    }

    /** Everything the bench keeps is behind the code; the screen itself has to load to ask for it. */
    private static boolean isGuarded(HttpServletRequest request) {
        String path = request.getRequestURI();
        boolean isSimulated = path.startsWith("/counter/") || path.startsWith("/meter/");
        return path.startsWith("/api/") || path.startsWith("/v3/") || (isSimulated && !isFromHere(request));
    }

    /** The bench itself asks its simulated devices as it would ask real ones. */
    private static boolean isFromHere(HttpServletRequest request) {
        String from = request.getRemoteAddr();
        return from.equals("127.0.0.1") || from.equals("0:0:0:0:0:0:0:1") || from.equals("::1");
    }

    private boolean hasCookie(HttpServletRequest request) {
        String code = settings.code();
        if (code == null || code.isEmpty()) {
            return true;
        }
        if (request.getCookies() != null) {
            for (Cookie cookie : request.getCookies()) {
                if (cookie.getName().equals(COOKIE) && same(cookie.getValue(), code)) {
                    return true;
                }
            }
        }
        return false;
    }

    private void giveCode(HttpServletRequest request, HttpServletResponse response) throws IOException {
        String code = settings.code();
        String given = request.getHeader("X-Access-Code");
        if (code == null || code.isEmpty()) {
            response.setStatus(HttpStatus.NO_CONTENT.value());
        } else if (isShut()) {
            refuse(response, HttpStatus.TOO_MANY_REQUESTS, "Too many wrong codes: wait a minute.");
        } else if (given == null || !same(given.strip().toUpperCase(java.util.Locale.ROOT), code)) {
            remember();
            refuse(
                    response,
                    HttpStatus.UNAUTHORIZED,
                    "That is not the code; it is printed where the bench was started.");
        } else {
            response.addHeader(
                    "Set-Cookie", COOKIE + "=" + code + "; Path=/; HttpOnly; SameSite=Strict; Max-Age=31536000");
            response.setStatus(HttpStatus.NO_CONTENT.value());
        }
    }

    private synchronized boolean isShut() {
        while (!failures.isEmpty() && failures.peek() < clock.millis() - TRIES_MILLIS) {
            failures.poll();
        }
        return failures.size() >= MOST_TRIES;
    }

    private synchronized void remember() {
        failures.add(clock.millis());
    }

    private boolean isOwnOrigin(HttpServletRequest request) {
        String origin = request.getHeader("Origin");
        if (origin == null) {
            return true;
        }
        try {
            String authority = URI.create(origin).getAuthority();
            return authority != null && authority.equalsIgnoreCase(request.getHeader("Host"));
        } catch (IllegalArgumentException unreadable) {
            return false;
        }
    }

    private static String nameOf(@Nullable String host) {
        if (host == null) {
            return "";
        }
        String small = host.toLowerCase(java.util.Locale.ROOT);
        int end = small.startsWith("[") ? small.indexOf(']') + 1 : small.indexOf(':');
        return end > 0 ? small.substring(0, end) : small;
    }

    private static boolean same(String left, String right) {
        return MessageDigest.isEqual(left.getBytes(StandardCharsets.UTF_8), right.getBytes(StandardCharsets.UTF_8));
    }

    private static void refuse(HttpServletResponse response, HttpStatus status, String detail) throws IOException {
        response.setStatus(status.value());
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        response.setCharacterEncoding("UTF-8");
        response.getWriter()
                .write("{\"type\":\"about:blank\",\"title\":\"" + status.getReasonPhrase() + "\",\"status\":"
                        + status.value() + ",\"detail\":\"" + detail + "\"}");
    }
}
