package zestbench.server.security;

import jakarta.servlet.ServletException;
import java.io.IOException;
import java.net.SocketTimeoutException;
import java.time.Duration;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ValveBase;
import org.apache.coyote.InputBuffer;
import org.apache.tomcat.util.net.ApplicationBufferHandler;

/**
 * An upload has its time in all, however it drips. It stands before the filters, since the web server takes the parts of a
 * form from the connection itself.
 */
public final class UploadTime extends ValveBase {
    private final Duration longest;

    /** @param longest from the first byte that is asked for to the last */
    public UploadTime(Duration longest) {
        super(true);
        this.longest = longest;
    }

    @Override
    public void invoke(Request request, Response response) throws IOException, ServletException {
        String type = request.getContentType();
        if (type == null || !type.regionMatches(true, 0, "multipart/", 0, "multipart/".length())) {
            getNext().invoke(request, response);
            return;
        }
        InputBuffer whole = request.getCoyoteRequest().getInputBuffer();
        request.getCoyoteRequest().setInputBuffer(new Timed(whole, System.nanoTime() + longest.toNanos()));
        try {
            getNext().invoke(request, response);
        } finally {
            request.getCoyoteRequest().setInputBuffer(whole);
        }
    }

    private record Timed(InputBuffer whole, long until) implements InputBuffer {
        @Override
        public int doRead(ApplicationBufferHandler handler) throws IOException {
            if (System.nanoTime() > until) {
                throw new SocketTimeoutException("the upload took too long");
            }
            return whole.doRead(handler);
        }

        @Override
        public int available() {
            return whole.available();
        }
    }
}
