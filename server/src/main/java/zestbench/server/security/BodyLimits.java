package zestbench.server.security;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.BufferedReader;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.net.SocketTimeoutException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.Locale;
import java.util.concurrent.Semaphore;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.web.filter.OncePerRequestFilter;
import zestbench.server.problem.ProblemWriter;

/**
 * Takes a body in whole, within a size and a time, before anything is done with it: one that dribbles in holds no lock and
 * no transaction, and so many at most are waited for at once. It runs behind the door: of a stranger nothing is read.
 */
final class BodyLimits extends OncePerRequestFilter {
    private static final int MOST_BYTES = 8 * 1024 * 1024;
    private static final long MOST_UPLOAD_BYTES = 201L * 1024 * 1024;
    private static final int MOST_PICTURE_BYTES = 15 * 1024 * 1024;
    private static final Duration PATIENCE = Duration.ofSeconds(10);
    /** A picture comes from a roof with one bar of signal. */
    private static final Duration PICTURE_PATIENCE = Duration.ofSeconds(60);
    /** Of 600 workers; the others go on with what has arrived. */
    private static final int MOST_ARRIVING = 400;

    private static final int MOST_UPLOADS = 32;
    private static final int MOST_PICTURES = 8;
    private static final int BLOCK = 16_384;

    private final ProblemWriter problems;
    private final Semaphore arriving = new Semaphore(MOST_ARRIVING);
    private final Semaphore uploads = new Semaphore(MOST_UPLOADS);
    private final Semaphore pictures = new Semaphore(MOST_PICTURES);

    BodyLimits(ProblemWriter problems) {
        this.problems = problems;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        boolean hasBody =
                request.getContentLengthLong() > 0 || request.getHeader(HttpHeaders.TRANSFER_ENCODING) != null;
        String type =
                request.getContentType() == null ? "" : request.getContentType().toLowerCase(Locale.ROOT);
        boolean isUpload = type.startsWith("multipart/");
        boolean isPicture = type.startsWith("image/");
        long most = isUpload ? MOST_UPLOAD_BYTES : isPicture ? MOST_PICTURE_BYTES : MOST_BYTES;
        Semaphore places = isUpload ? uploads : isPicture ? pictures : arriving;
        if (!hasBody || !PassFilter.isIn()) {
            // a stranger at the door: what it sends along is nobody's business
            chain.doFilter(request, response);
        } else if (request.getContentLengthLong() > most) {
            tooLarge(response, most);
        } else if (!places.tryAcquire()) {
            response.setHeader(HttpHeaders.RETRY_AFTER, "5");
            problems.write(response, HttpStatus.SERVICE_UNAVAILABLE, "Too much is being sent at once: try again.");
        } else if (isUpload) {
            try {
                chain.doFilter(request, response);
            } finally {
                uploads.release();
            }
        } else {
            byte[] body;
            try {
                body = whole(request.getInputStream(), most, isPicture ? PICTURE_PATIENCE : PATIENCE);
            } catch (SocketTimeoutException slow) {
                problems.write(response, HttpStatus.REQUEST_TIMEOUT, "What was sent took too long to arrive.");
                return;
            } catch (TooMuch large) {
                tooLarge(response, most);
                return;
            } finally {
                places.release();
            }
            chain.doFilter(new Arrived(request, body), response);
        }
    }

    private void tooLarge(HttpServletResponse response, long most) throws IOException {
        problems.write(response, HttpStatus.CONTENT_TOO_LARGE, "Give up to " + most / 1024 / 1024 + " MB.");
    }

    private static final class TooMuch extends IOException {
        private static final long serialVersionUID = 1L;
    }

    private static byte[] whole(InputStream in, long most, Duration patience) throws IOException {
        long until = System.nanoTime() + patience.toNanos();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        byte[] block = new byte[BLOCK];
        for (int read = in.read(block); read >= 0; read = in.read(block)) {
            out.write(block, 0, read);
            if (out.size() > most) {
                throw new TooMuch();
            }
            if (System.nanoTime() > until) {
                throw new SocketTimeoutException();
            }
        }
        return out.toByteArray();
    }

    /** A request whose body is here. */
    private static final class Arrived extends HttpServletRequestWrapper {
        private final byte[] body;

        Arrived(HttpServletRequest request, byte[] body) {
            super(request);
            this.body = body;
        }

        @Override
        public ServletInputStream getInputStream() {
            ByteArrayInputStream in = new ByteArrayInputStream(body);
            return new ServletInputStream() {
                @Override
                public int read() {
                    return in.read();
                }

                @Override
                public int read(byte[] to, int offset, int length) {
                    return in.read(to, offset, length);
                }

                @Override
                public boolean isFinished() {
                    return in.available() == 0;
                }

                @Override
                public boolean isReady() {
                    return true;
                }

                @Override
                public void setReadListener(ReadListener listener) {
                    throw new IllegalStateException("the body is read already");
                }
            };
        }

        @Override
        public BufferedReader getReader() {
            return new BufferedReader(new InputStreamReader(getInputStream(), StandardCharsets.UTF_8));
        }
    }
}
