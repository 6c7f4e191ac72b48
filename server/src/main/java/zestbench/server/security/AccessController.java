package zestbench.server.security;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseCookie;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import zestbench.server.Settings;
import zestbench.server.change.ChangesNothing;
import zestbench.server.problem.ProblemWriter;
import zestbench.server.security.Devices.DeviceView;

/** Lets devices in and out. A device shows the code in a header: no body of a stranger is read. */
@RestController
class AccessController {
    static final String PATH = "/api/door";
    static final String CODE_PATH = "/api/door/code";
    static final String TOO_OFTEN = "Too many wrong tries from this address: wait a minute.";
    private static final Duration YEAR = Duration.ofDays(365);

    private final AccessCode code;
    private final Devices devices;
    private final Attempts attempts;
    private final Settings settings;
    private final ProblemWriter problems;

    AccessController(AccessCode code, Devices devices, Attempts attempts, Settings settings, ProblemWriter problems) {
        this.code = code;
        this.devices = devices;
        this.attempts = attempts;
        this.settings = settings;
        this.problems = problems;
    }

    /** @param name of the device, by which it is listed */
    @ChangesNothing
    @PutMapping(PATH)
    void admit(
            @RequestHeader(value = "X-Access-Code", required = false) @Nullable String given,
            @RequestParam(defaultValue = "A device") String name,
            HttpServletRequest request,
            HttpServletResponse response)
            throws IOException {
        if (!settings.isShared()) {
            response.setStatus(HttpStatus.NO_CONTENT.value());
        } else if (attempts.isShut(request)) {
            problems.write(response, HttpStatus.TOO_MANY_REQUESTS, TOO_OFTEN);
        } else if (given == null || !code.isRight(given)) {
            attempts.countWrong(request);
            problems.write(
                    response,
                    HttpStatus.UNAUTHORIZED,
                    "That is not the code, or it is older than ten minutes: ask for a new one where the bench runs.");
        } else {
            ResponseCookie cookie = ResponseCookie.from(PassFilter.COOKIE, devices.admit(name))
                    .path("/")
                    .httpOnly(true)
                    .secure(request.isSecure())
                    .sameSite("Strict")
                    .maxAge(YEAR)
                    .build();
            response.addHeader(HttpHeaders.SET_COOKIE, cookie.toString());
            response.setStatus(HttpStatus.NO_CONTENT.value());
        }
    }

    record CodeView(String code, long minutes) {}

    /** Shows a new code where the bench runs; no device can ask for it. */
    @ChangesNothing
    @PostMapping(CODE_PATH)
    CodeView showCode() {
        return new CodeView(code.show(), AccessCode.WORKS.toMinutes());
    }

    @GetMapping("/api/devices")
    List<DeviceView> all() {
        return devices.all(PassFilter.device());
    }

    @DeleteMapping("/api/devices/{id}")
    List<DeviceView> end(@PathVariable long id) {
        devices.end(id);
        return all();
    }
}
