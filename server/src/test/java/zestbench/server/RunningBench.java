package zestbench.server;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The real application on a free port with a database of its own, spoken to over HTTP. */
public final class RunningBench implements AutoCloseable {
    private static final String DATABASE = "zestbench.mv.db";
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static @Nullable RunningBench demo;
    private static @Nullable Path town;

    private final ConfigurableApplicationContext context;
    private final HttpClient client = HttpClient.newHttpClient();

    private RunningBench(ConfigurableApplicationContext context) {
        this.context = context;
    }

    /** One bench with the demo town for all tests of this JVM. */
    public static synchronized RunningBench demo() {
        if (demo == null) {
            demo = start();
        }
        return demo;
    }

    /** The next one asks for another town, as it is at first. */
    public static synchronized void leaveDemo() {
        if (demo != null) {
            demo.close();
            demo = null;
        }
    }

    /** A bench of one's own. @param settings such as {@code --zest.demo=false} */
    public static RunningBench start(String... settings) {
        List<String> arguments = new ArrayList<>(List.of(settings));
        arguments.add("--server.port=0");
        try {
            if (arguments.stream().noneMatch(a -> a.startsWith("--zest.data="))) {
                Path data = Files.createTempDirectory("zest-test");
                arguments.add("--zest.data=" + data);
                if (!arguments.contains("--zest.demo=false")) {
                    Files.copy(town(), data.resolve(DATABASE));
                }
            }
        } catch (IOException problem) {
            throw new UncheckedIOException(problem);
        }
        SpringApplication application = new SpringApplication(ZestBench.class);
        // whose beans were settled in the build
        application.setMainApplicationClass(ZestBench.class);
        return new RunningBench(application.run(arguments.toArray(String[]::new)));
    }

    /** A database with the demo town in it, filled once for all benches of this JVM. */
    private static synchronized Path town() throws IOException {
        if (town == null) {
            Path data = Files.createTempDirectory("zest-test");
            start("--zest.data=" + data).close();
            town = data.resolve(DATABASE);
        }
        return town;
    }

    /** A part of it. */
    public <T> T bean(Class<T> type) {
        return context.getBean(type);
    }

    /** Does something to its database behind its back. */
    void sql(String statement) {
        try (java.sql.Connection connection =
                        context.getBean(javax.sql.DataSource.class).getConnection();
                java.sql.Statement sql = connection.createStatement()) {
            sql.execute(statement);
        } catch (java.sql.SQLException closed) {
            if (!String.valueOf(closed.getMessage()).contains("closed")) {
                throw new IllegalStateException(closed);
            }
        }
    }

    /** A new access code, as it is shown where the bench runs. */
    public String code() {
        try {
            String pass = Files.readAllLines(data().resolve("running")).get(1);
            return send("POST", "/api/door/code", null, "X-Inner-Pass", pass, "X-Request-Id", "once")
                    .json()
                    .at("/code")
                    .asString();
        } catch (IOException problem) {
            throw new UncheckedIOException(problem);
        }
    }

    /** Its data folder. */
    public Path data() {
        return Path.of(context.getEnvironment().getProperty("zest.data"));
    }

    public String address() {
        return "http://127.0.0.1:" + context.getEnvironment().getProperty("local.server.port");
    }

    /** What came back. */
    public record Answer(int status, String text, HttpResponse<byte[]> raw) {
        public JsonNode json() {
            return JSON.readTree(text);
        }
    }

    /** The first place of a unit that has parts of a kind. */
    public static long place(JsonNode unit, String kind) {
        for (JsonNode place : unit.at("/places")) {
            if (place.at("/kind").asString().equals(kind)) {
                return place.at("/id").asLong();
            }
        }
        throw new AssertionError("no place for a " + kind + " in " + unit);
    }

    public Answer get(String path) {
        return send("GET", path, null);
    }

    public Answer post(String path, String json) {
        return send("POST", path, json);
    }

    /** Sends a change in the name of the first technician. */
    public Answer send(String method, String path, String json, String... headers) {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(address() + path));
        HttpRequest.BodyPublisher body =
                json == null ? HttpRequest.BodyPublishers.noBody() : HttpRequest.BodyPublishers.ofString(json);
        request.method(method, body).header("X-Technician", "1");
        if (json != null) {
            request.header("Content-Type", "application/json");
        }
        if (headers.length > 0) {
            request.headers(headers);
        }
        boolean isNamed = List.of(headers).contains("X-Request-Id");
        return method.equals("GET") || isNamed || !path.startsWith("/api/")
                ? send(request.build())
                : sendTwice(request);
    }

    /** Sends a change once, for whoever measures it. */
    public Answer once(String path, String json) {
        return send("POST", path, json, "X-Request-Id", UUID.randomUUID().toString());
    }

    /** As a phone with a poor signal does: the same change twice at once, which is to be made once. */
    private Answer sendTwice(HttpRequest.Builder request) {
        HttpRequest change =
                request.header("X-Request-Id", UUID.randomUUID().toString()).build();
        var other = client.sendAsync(change, HttpResponse.BodyHandlers.ofByteArray());
        Answer answer = send(change);
        if (other.join().statusCode() != answer.status()) {
            throw new AssertionError(change + " was answered " + answer.status() + " and "
                    + other.join().statusCode() + ": " + answer.text());
        }
        return answer;
    }

    /** Sends a file as a form would, with text fields beside it. */
    public Answer upload(String path, String field, byte[] file, String... more) {
        String boundary = "----bench";
        ByteArrayOutputStream body = new ByteArrayOutputStream();
        for (int i = 0; i < more.length; i += 2) {
            body.writeBytes(("--" + boundary + "\r\nContent-Disposition: form-data; name=\"" + more[i] + "\"\r\n\r\n"
                            + more[i + 1] + "\r\n")
                    .getBytes(StandardCharsets.UTF_8));
        }
        body.writeBytes(("--" + boundary + "\r\nContent-Disposition: form-data; name=\"" + field
                        + "\"; filename=\"file\"\r\nContent-Type: application/octet-stream\r\n\r\n")
                .getBytes(StandardCharsets.UTF_8));
        body.writeBytes(file);
        body.writeBytes(("\r\n--" + boundary + "--\r\n").getBytes(StandardCharsets.UTF_8));
        return send(HttpRequest.newBuilder(URI.create(address() + path))
                .header("X-Technician", "1")
                .header("Content-Type", "multipart/form-data; boundary=" + boundary)
                .POST(HttpRequest.BodyPublishers.ofByteArray(body.toByteArray()))
                .build());
    }

    public Answer send(HttpRequest request) {
        try {
            HttpResponse<byte[]> response = client.send(request, HttpResponse.BodyHandlers.ofByteArray());
            return new Answer(response.statusCode(), new String(response.body(), StandardCharsets.UTF_8), response);
        } catch (IOException problem) {
            throw new UncheckedIOException(problem);
        } catch (InterruptedException problem) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(problem);
        }
    }

    @Override
    public void close() {
        context.close();
    }
}
