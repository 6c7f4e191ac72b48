package zestbench.server.security;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.authority.AuthorityUtils;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.authentication.preauth.PreAuthenticatedAuthenticationToken;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.util.WebUtils;
import zestbench.server.Settings;

/** Says whose request it is; whether that is enough is for the rules of {@link SecurityConfiguration} to say. */
final class PassFilter extends OncePerRequestFilter {
    static final String COOKIE = "zest-pass";
    static final String DEVICE = "DEVICE";
    static final String INNER = "INNER";
    /** Set on a request whose pass is wrong, where its address has guessed too often. */
    static final String SHUT = PassFilter.class.getName() + ".shut";

    private final Settings settings;
    private final Devices devices;
    private final InnerPass inner;
    private final Attempts attempts;

    PassFilter(Settings settings, Devices devices, InnerPass inner, Attempts attempts) {
        this.settings = settings;
        this.devices = devices;
        this.inner = inner;
        this.attempts = attempts;
    }

    @Override
    protected boolean shouldNotFilterAsyncDispatch() {
        return false;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String shownByItself = request.getHeader(InnerPass.HEADER);
        Cookie cookie = WebUtils.getCookie(request, COOKIE);
        if (shownByItself != null && inner.isRight(shownByItself)) {
            letIn("bench", INNER, DEVICE);
        } else if (!settings.isShared()) {
            // reached from this machine alone: whoever works on it is in
            letIn("this machine", DEVICE);
        } else if (cookie != null || shownByItself != null) {
            Optional<Device> device = cookie == null ? Optional.empty() : devices.of(cookie.getValue());
            if (device.isPresent()) {
                letIn(device.get().id(), DEVICE);
            } else {
                request.setAttribute(SHUT, attempts.isShut(request));
                attempts.countWrong(request);
            }
        }
        chain.doFilter(request, response);
    }

    private static void letIn(Object who, String... roles) {
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(
                new PreAuthenticatedAuthenticationToken(who, null, AuthorityUtils.createAuthorityList(roles)));
        SecurityContextHolder.setContext(context);
    }

    /** Whether the request shows a pass that works. */
    static boolean isIn() {
        var who = SecurityContextHolder.getContext().getAuthentication();
        return who instanceof PreAuthenticatedAuthenticationToken && who.isAuthenticated();
    }

    /** The device that asks; null where it is this machine. */
    static @Nullable Long device() {
        var who = SecurityContextHolder.getContext().getAuthentication();
        return who != null && who.getPrincipal() instanceof Long id ? id : null;
    }
}
