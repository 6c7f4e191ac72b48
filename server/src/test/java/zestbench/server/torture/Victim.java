package zestbench.server.torture;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A bench as a process of its own, that can be killed. */
final class Victim implements AutoCloseable {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final HttpClient CLIENT =
            HttpClient.newBuilder().connectTimeout(Duration.ofSeconds(5)).build();

    private final Process process;
    private final String address;

    private Victim(Process process, String address) {
        this.process = process;
        this.address = address;
    }

    /** A Java program of this class path, begun and not waited for. */
    static Process begin(String main, List<String> arguments) throws IOException {
        List<String> command = new ArrayList<>(List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-Dspring.aot.enabled=true",
                "-XX:TieredStopAtLevel=1",
                "-XX:+UseSerialGC",
                // a third quicker to start, and there are many starts
                "-XX:+UnlockDiagnosticVMOptions",
                "-XX:-BytecodeVerificationRemote",
                "-cp",
                System.getProperty("java.class.path"),
                main));
        command.addAll(arguments);
        return new ProcessBuilder(command).redirectErrorStream(true).start();
    }

    /** A bench that is begun and not waited for. */
    static Process begin(Path data, String... more) throws IOException {
        List<String> arguments = new ArrayList<>(List.of("--server.port=0", "--zest.data=" + data));
        arguments.addAll(List.of(more));
        return begin("zestbench.server.ZestBench", arguments);
    }

    /** A bench that is open. */
    static Victim start(Path data, String... more) throws IOException {
        Process process = begin(data, more);
        BufferedReader out =
                new BufferedReader(new InputStreamReader(process.getInputStream(), StandardCharsets.UTF_8));
        StringBuilder seen = new StringBuilder();
        for (String line = out.readLine(); line != null; line = out.readLine()) {
            seen.append(line).append('\n');
            int at = line.indexOf("open at ");
            if (at >= 0) {
                Thread drain = new Thread(() -> out.lines().forEach(l -> {}));
                drain.setDaemon(true);
                drain.start();
                return new Victim(
                        process, line.substring(at + "open at ".length()).strip());
            }
        }
        throw new AssertionError("the bench did not start:\n" + seen);
    }

    String address() {
        return address;
    }

    int port() {
        return URI.create(address).getPort();
    }

    void kill() throws InterruptedException {
        process.destroyForcibly().waitFor();
    }

    @Override
    public void close() {
        process.destroy();
        try {
            if (!process.waitFor(15, TimeUnit.SECONDS)) {
                process.destroyForcibly();
            }
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        }
    }

    /** @param status 0 where no answer came */
    record Answer(int status, String text, String type) {
        JsonNode json() {
            return JSON.readTree(text);
        }
    }

    Answer get(String path) {
        return send("GET", path, null, null);
    }

    Answer post(String path, String json) {
        return send("POST", path, json, UUID.randomUUID().toString());
    }

    Answer send(String method, String path, String json, String name) {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(address + path))
                .timeout(Duration.ofSeconds(30))
                .header("X-Technician", "1")
                .method(
                        method,
                        json == null ? HttpRequest.BodyPublishers.noBody() : HttpRequest.BodyPublishers.ofString(json));
        if (json != null) {
            request.header("Content-Type", "application/json");
        }
        if (name != null) {
            request.header("X-Request-Id", name);
        }
        return send(request.build());
    }

    static Answer send(HttpRequest request) {
        try {
            HttpResponse<String> answer =
                    CLIENT.send(request, HttpResponse.BodyHandlers.ofString(StandardCharsets.UTF_8));
            return new Answer(
                    answer.statusCode(),
                    answer.body(),
                    answer.headers().firstValue("Content-Type").orElse(""));
        } catch (IOException gone) {
            return new Answer(0, "", "");
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw new UncheckedIOException(new IOException(stopped));
        }
    }

    /** Sends a file as a form would. */
    Answer upload(String path, String field, byte[] file) {
        return upload(path, field, file, UUID.randomUUID().toString());
    }

    /** The same under a name, by which it is known when it is sent again. */
    Answer upload(String path, String field, byte[] file, String name) {
        String boundary = "----victim";
        java.io.ByteArrayOutputStream body = new java.io.ByteArrayOutputStream();
        body.writeBytes(("--" + boundary + "\r\nContent-Disposition: form-data; name=\"" + field
                        + "\"; filename=\"f\"\r\nContent-Type: application/octet-stream\r\n\r\n")
                .getBytes(StandardCharsets.UTF_8));
        body.writeBytes(file);
        body.writeBytes(("\r\n--" + boundary + "--\r\n").getBytes(StandardCharsets.UTF_8));
        return send(HttpRequest.newBuilder(URI.create(address + path))
                .timeout(Duration.ofMinutes(2))
                .header("X-Technician", "1")
                .header("X-Request-Id", name)
                .header("Content-Type", "multipart/form-data; boundary=" + boundary)
                .POST(HttpRequest.BodyPublishers.ofByteArray(body.toByteArray()))
                .build());
    }
}
