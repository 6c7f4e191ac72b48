package zestbench.server.problem;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.server.ServerHttpResponse;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Problem documents (RFC 9457) for what is refused before any controller is asked. */
@Component
public class ProblemWriter {
    private static final String CLOSE = "close";

    private final JsonMapper json;

    ProblemWriter(JsonMapper json) {
        this.json = json;
    }

    /** Refuses a request; what it still wants to send is not read, so its connection ends. */
    public void write(HttpServletResponse response, HttpStatus status, String detail) throws IOException {
        response.setStatus(status.value());
        response.setHeader(HttpHeaders.CONNECTION, CLOSE);
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        response.getOutputStream().write(document(status, detail));
    }

    public void write(ServerHttpResponse response, HttpStatus status, String detail) throws IOException {
        response.setStatusCode(status);
        response.getHeaders().set(HttpHeaders.CONNECTION, CLOSE);
        response.getHeaders().setContentType(MediaType.APPLICATION_PROBLEM_JSON);
        response.getBody().write(document(status, detail));
        response.flush();
    }

    byte[] document(HttpStatus status, String detail) {
        Map<String, Object> problem = new LinkedHashMap<>();
        problem.put("type", "about:blank");
        problem.put("title", status.getReasonPhrase());
        problem.put("status", status.value());
        problem.put("detail", detail);
        return json.writeValueAsBytes(problem);
    }
}
