package zestbench.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.Socket;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** A bench that others reach: closed to every device that was not let in, whatever it asks for and however. */
class SharedBenchTest {
    @TempDir
    static Path data;

    private static RunningBench bench;

    @BeforeAll
    static void start() {
        bench = RunningBench.start("--zest.host=127.0.0.1", "--zest.data=" + data);
    }

    @AfterAll
    static void stop() {
        bench.close();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "/api/people",
                "/%61pi/people",
                "/%61pi/everything.json",
                "/ap%69/everything.json",
                "/%61pi/backup.zip",
                "/%2561pi/people",
                "//api/people",
                "/./api/people",
                "/x/../api/people",
                "/api;x=1/people",
                "/api/people;x",
                "/api/people/",
                "/api/people.json",
                "/API/people",
                "/v3/api-docs",
                "/%763/api-docs",
                "/v3/api-docs.yaml",
                "/counter/v1/branches",
                "/counter",
                "/%63ounter/v1/mode",
                "/meter/v1/mode",
                "/meter/v1/stream",
                "/api/calls/1/meter?subject=L1-L2",
                "/api/calls/%00",
                "/api/calls/%0d%0a",
                "/api/calls\\1",
                "/error",
                "/actuator/health",
                "/h2-console",
                "/assets/../api/people",
                "/assets/%2e%2e/api/people",
                "/calls/..;/api/people",
                "/nowhere",
                "/api/backup.zip",
                "/api/door/code"
            })
    void nothingIsToldToAStranger(String path) throws IOException {
        for (String method : List.of("GET", "POST", "PUT", "DELETE", "HEAD", "OPTIONS", "PATCH")) {
            Raw answer = raw(method, path, "");
            assertThat(answer.status())
                    .as("%s %s: %s", method, path, answer.body())
                    .isBetween(400, 499);
            if (!method.equals("HEAD") && !answer.body().isEmpty()) {
                assertThat(answer.head()).as("%s %s", method, path).contains("application/problem+json");
            }
        }
    }

    /** Whatever disguise a path wears, it gets nothing without a pass; the screen's own files load. */
    @Test
    void noDisguiseOpensTheDoor() throws IOException {
        Random random = new Random(1);
        String[] paths = {"/api/people", "/api/everything.json", "/counter/v1/branches", "/v3/api-docs", "/api/calls"};
        for (int i = 0; i < 400; i++) {
            StringBuilder disguised = new StringBuilder();
            for (char c : paths[random.nextInt(paths.length)].toCharArray()) {
                int dice = random.nextInt(12);
                disguised.append(
                        dice == 0
                                ? String.format("%%%02x", (int) c)
                                : dice == 1 && c == '/' ? "//" : dice == 2 && c == '/' ? "/;a/" : String.valueOf(c));
            }
            assertThat(raw("GET", disguised.toString(), "").status())
                    .as(disguised.toString())
                    .isBetween(400, 499);
        }
        assertThat(raw("GET", "/", "").status()).isEqualTo(200);
        assertThat(raw("GET", "/calls/1", "").status()).isEqualTo(200);
    }

    @Test
    void aDeviceIsLetInByTheCodeAndPutOutByItself() throws IOException, InterruptedException {
        String phone = admit("Truck 1 phone");
        String tablet = admit("Office");
        assertThat(phone).contains("HttpOnly").contains("SameSite=Strict").doesNotContain("Secure");
        JsonNode devices = with(phone, "GET", "/api/devices").json();
        assertThat(devices.size()).isGreaterThanOrEqualTo(2);
        JsonNode mine = null;
        for (JsonNode device : devices) {
            mine = device.at("/isThis").asBoolean() ? device : mine;
        }
        assertThat(mine).isNotNull();
        assertThat(mine.at("/name").asString()).isEqualTo("Truck 1 phone");
        assertThat(devices.toString()).as("neither pass nor hash").doesNotContain(secret(phone));
        assertThat(with(tablet, "DELETE", "/api/devices/" + mine.at("/id").asLong())
                        .status())
                .isEqualTo(200);
        assertThat(with(phone, "GET", "/api/people").status())
                .as("its pass is ended")
                .isEqualTo(401);
        assertThat(with(tablet, "GET", "/api/people").status())
                .as("the others' are not")
                .isEqualTo(200);
    }

    @Test
    void theCodeIsShownWhereTheBenchRunsAndAnOlderOneStopsWorking() throws IOException, InterruptedException {
        String first = code();
        String second = code();
        assertThat(second).isNotEqualTo(first);
        assertThat(door(first, "phone").statusCode()).isEqualTo(401);
        assertThat(door(second.toLowerCase(java.util.Locale.ROOT), "phone").statusCode())
                .isEqualTo(204);
        assertThat(with(admit("phone"), "POST", "/api/door/code").status())
                .as("no device can ask for it")
                .isEqualTo(403);
    }

    @Test
    void whoGuessesShutsOutItselfAndNotTheOthers() throws Exception {
        try (RunningBench other = RunningBench.start("--zest.host=127.0.0.1", "--zest.demo=false")) {
            String pass = admit(other, "phone");
            int last = 0;
            for (int i = 0; i < 30; i++) {
                last = raw(other, "GET", "/api/people", "Cookie: zest-pass=" + i + "\r\n")
                        .status();
            }
            assertThat(last).isEqualTo(429);
            assertThat(door(other, "WRONG234", "x").statusCode()).isEqualTo(429);
            assertThat(with(other, pass, "GET", "/api/people").status())
                    .as("a device that was let in stays in")
                    .isEqualTo(200);
        }
    }

    /** What a stranger sends is not read, so neither much nor slowly can hold anybody up. */
    @Test
    void aStrangersBodyIsNotRead() throws IOException {
        for (String start : List.of(
                "PUT /nowhere HTTP/1.1\r\nContent-Type: application/x-www-form-urlencoded\r\n",
                "POST /api/read HTTP/1.1\r\nContent-Type: application/json\r\n",
                "PUT /api/door HTTP/1.1\r\nX-Access-Code: WRONG234\r\nContent-Type: application/x-www-form-urlencoded\r\n",
                "POST /api/exchange HTTP/1.1\r\nContent-Type: multipart/form-data; boundary=x\r\n")) {
            try (Socket socket = new Socket("127.0.0.1", port(bench))) {
                socket.setSoTimeout(4_000);
                OutputStream out = socket.getOutputStream();
                out.write((start + "Host: 127.0.0.1:" + port(bench) + "\r\nContent-Length: 4000\r\n\r\na=")
                        .getBytes(StandardCharsets.US_ASCII));
                out.flush();
                String answer = new String(socket.getInputStream().readNBytes(12), StandardCharsets.US_ASCII);
                assertThat(answer).as(start).containsAnyOf(" 401", " 403", " 429");
            }
        }
    }

    @Test
    void onlyTheOwnerReadsTheDataFolder() throws IOException {
        assertThat(Files.getPosixFilePermissions(data).toString())
                .doesNotContain("GROUP")
                .doesNotContain("OTHERS");
        assertThat(Files.getPosixFilePermissions(data.resolve("running")).toString())
                .doesNotContain("GROUP")
                .doesNotContain("OTHERS");
    }

    @Test
    void itsOwnDevicesAreReachedPastTheDoor() throws IOException, InterruptedException {
        String pass = admit("phone");
        HttpResponse<InputStream> stream = HttpClient.newHttpClient()
                .send(
                        request(bench, pass, "GET", "/api/calls/1/meter?subject=L1-L2")
                                .build(),
                        HttpResponse.BodyHandlers.ofInputStream());
        assertThat(stream.statusCode()).isEqualTo(200);
        try (InputStream in = stream.body()) {
            assertThat(new String(in.readNBytes(14), StandardCharsets.UTF_8)).contains("reading");
        }
    }

    private static int port(RunningBench of) {
        return URI.create(of.address()).getPort();
    }

    private static String code() {
        return bench.code();
    }

    private static String admit(String name) throws IOException, InterruptedException {
        return admit(bench, name);
    }

    private static String admit(RunningBench of, String name) throws IOException, InterruptedException {
        HttpResponse<String> answer = door(of, of.code(), name);
        assertThat(answer.statusCode()).as(answer.body()).isEqualTo(204);
        return answer.headers().firstValue("Set-Cookie").orElseThrow();
    }

    private static HttpResponse<String> door(String code, String name) throws IOException, InterruptedException {
        return door(bench, code, name);
    }

    private static HttpResponse<String> door(RunningBench of, String code, String name)
            throws IOException, InterruptedException {
        String path = "/api/door?name=" + URLEncoder.encode(name, StandardCharsets.UTF_8);
        return HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create(of.address() + path))
                                .header("X-Access-Code", code)
                                .PUT(HttpRequest.BodyPublishers.noBody())
                                .build(),
                        HttpResponse.BodyHandlers.ofString());
    }

    private static String secret(String cookie) {
        return cookie.substring(cookie.indexOf('=') + 1, cookie.indexOf(';'));
    }

    private static HttpRequest.Builder request(RunningBench of, String cookie, String method, String path) {
        return HttpRequest.newBuilder(URI.create(of.address() + path))
                .header("Cookie", "zest-pass=" + secret(cookie))
                .header("X-Technician", "1")
                .method(method, HttpRequest.BodyPublishers.noBody());
    }

    private static RunningBench.Answer with(String cookie, String method, String path) {
        return with(bench, cookie, method, path);
    }

    private static RunningBench.Answer with(RunningBench of, String cookie, String method, String path) {
        return of.send(method, path, null, "Cookie", "zest-pass=" + secret(cookie));
    }

    private record Raw(int status, String head, String body) {}

    private static Raw raw(String method, String path, String headers) throws IOException {
        return raw(bench, method, path, headers);
    }

    /** The client library mends paths, so this one speaks plain HTTP. */
    private static Raw raw(RunningBench of, String method, String path, String headers) throws IOException {
        try (Socket socket = new Socket("127.0.0.1", port(of))) {
            String request = method + " " + path + " HTTP/1.1\r\nHost: 127.0.0.1:" + port(of) + "\r\n" + headers
                    + "Connection: close\r\n\r\n";
            socket.getOutputStream().write(request.getBytes(StandardCharsets.ISO_8859_1));
            String answer = new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
            int end = answer.indexOf("\r\n\r\n");
            return new Raw(
                    Integer.parseInt(answer.substring(9, 12)),
                    answer.substring(0, Math.max(0, end)),
                    answer.substring(end + 4));
        }
    }
}
