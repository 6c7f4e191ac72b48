package zestbench.server.problem;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ErrorReportValve;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;

/** What the web server refuses by itself, such as a path that cannot be decoded, as a problem document too. */
public class ProblemValve extends ErrorReportValve {
    @Override
    protected void report(Request request, Response response, @Nullable Throwable problem) {
        int code = response.getStatus();
        HttpStatus status = HttpStatus.resolve(code);
        if (code < HttpStatus.BAD_REQUEST.value()
                || status == null
                || response.getContentWritten() > 0
                || !response.setErrorReported()) {
            return;
        }
        String detail =
                status == HttpStatus.BAD_REQUEST ? "There is no such address on this bench." : status.getReasonPhrase();
        try {
            response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
            response.getOutputStream()
                    .write(("{\"type\":\"about:blank\",\"title\":\"" + status.getReasonPhrase() + "\",\"status\":"
                                    + code + ",\"detail\":\"" + detail + "\"}")
                            .getBytes(StandardCharsets.UTF_8));
            response.finishResponse();
        } catch (IOException | IllegalStateException gone) {
            container.getLogger().debug("no answer could be given", gone);
        }
    }
}
