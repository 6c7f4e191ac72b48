package zestbench.server.torture;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
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
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/**
 * Every changing operation of the interface against two benches with the same data: on one each change goes out once, on the
 * other four times at once under one name. Afterwards both hold the same number of rows, table by table.
 */
class ResendsTest {
    private static final int SENDS = 4;

    /** What a property of a request may hold, where its type alone does not tell. */
    private static final Map<String, String> VALUES = Map.ofEntries(
            Map.entry("text", "45+5 MFD 440 VAC"),
            Map.entry("depot", "Truck 1"),
            Map.entry("volts", "230"),
            Map.entry("phase", "1"),
            Map.entry("pair", "L1-L2"),
            Map.entry("on", "true"),
            Map.entry("pieces", "1"),
            Map.entry("percent", "1"),
            Map.entry("returnDate", "2031-01-01"),
            Map.entry("point", "DISCONNECT"),
            Map.entry("altitudeFeet", "500"),
            Map.entry("kind", "capacitor"),
            Map.entry("amps", "3.2"),
            Map.entry("terminal", "C"),
            Map.entry("colour", "red"));

    /** What an operation needs beyond what its schema requires. */
    private static final Map<String, String> BODIES = Map.of(
            "post /api/calls/{id}/amps", "{\"amps\":3.2,\"place\":\"FAN\",\"rated\":3.4}",
            "post /api/calls/{id}/supply", "{\"point\":\"LINE\",\"volts\":231,\"pair\":\"L1-L2\"}",
            "post /api/calls/{id}/parts", "{\"kind\":\"contactor\",\"place\":\"OUTDOOR\"}",
            "post /api/calls/{id}/parts/{part}/readings",
                    "{\"method\":\"BENCH\",\"readings\":[{\"section\":\"HERM\",\"microfarads\":30}]}",
            "post /api/calls/{id}/parts/{part}/choice", "{\"text\":\"45+5 MFD 440 VAC\"}");

    @TempDir
    Path folder;

    /** One request, alike on both benches: what is filed under a number has the same there. */
    private record Change(String operation, String method, String path, String body, String field, byte[] file) {
        Victim.Answer to(Victim bench, String name) {
            return file == null ? bench.send(method, path, body, name) : bench.upload(path, field, file, name);
        }
    }

    @Test
    @EnabledIfSystemProperty(named = "zest.torture.minutes", matches = "\\d+")
    void everyChangeIsMadeOnceHoweverOftenItIsSent() throws Exception {
        Path town = folder.resolve("town");
        try (Victim bench = Victim.start(town)) {
            assertThat(bench.get("/api/calls").status()).isEqualTo(200);
        }
        Map<String, Integer> once;
        List<Integer> answered = new ArrayList<>();
        List<Change> changes;
        try (Victim bench = Victim.start(copy(town, "once"))) {
            changes = changes(bench);
            for (Change change : changes) {
                answered.add(change.to(bench, UUID.randomUUID().toString()).status());
            }
            once = rows(bench);
        }
        ExecutorService phones = Executors.newFixedThreadPool(SENDS);
        try (Victim bench = Victim.start(copy(town, "often"))) {
            for (int i = 0; i < changes.size(); i++) {
                Change change = changes.get(i);
                String name = UUID.randomUUID().toString();
                List<Callable<Victim.Answer>> sends = new ArrayList<>();
                for (int phone = 0; phone < SENDS; phone++) {
                    sends.add(() -> change.to(bench, name));
                }
                List<Future<Victim.Answer>> told = phones.invokeAll(sends);
                String first = told.get(0).get().text();
                for (Future<Victim.Answer> each : told) {
                    if (answered.get(i) == 200 && !change.operation().endsWith("preview")) {
                        assertThat(each.get().text()).as(change.operation()).isEqualTo(first);
                    }
                    assertThat(each.get().status())
                            .as("%s: %s", change, each.get().text())
                            .isEqualTo(answered.get(i));
                }
            }
            assertThat(rows(bench)).isEqualTo(once);
        } finally {
            phones.shutdownNow();
        }
        if (Boolean.getBoolean("zest.torture.tell")) {
            for (int i = 0; i < changes.size(); i++) {
                System.out.println(answered.get(i) + " " + changes.get(i));
            }
        }
        long made = answered.stream().filter(status -> status == 200).count();
        assertThat(made).as("changes that were made, not refused").isGreaterThan(30);
        new Table()
                .add(
                        "each change once, however often it is sent",
                        changes.size() + " operations, " + SENDS + " times at once (" + made
                                + " made, the others refused)",
                        "0 doubled, " + once.values().stream().mapToInt(i -> i).sum() + " rows on both benches");
    }

    private Path copy(Path town, String name) throws IOException {
        Path copy = Files.createDirectories(folder.resolve(name));
        Files.copy(town.resolve("zestbench.mv.db"), copy.resolve("zestbench.mv.db"));
        return copy;
    }

    /** One request of every operation that changes something filled in by its schema. */
    private static List<Change> changes(Victim bench) {
        JsonNode document = bench.get("/v3/api-docs").json();
        Map<String, String> ids = ids(bench);
        List<Change> out = new ArrayList<>();
        List<Change> last = new ArrayList<>();
        for (String path : document.at("/paths").propertyNames()) {
            JsonNode operations = document.at("/paths").get(path);
            for (String method : operations.propertyNames()) {
                JsonNode content = operations.get(method).at("/requestBody/content");
                boolean isForm = content.has("multipart/form-data");
                if (method.equals("get") || !path.startsWith("/api/") || path.startsWith("/api/door")) {
                    continue;
                }
                JsonNode schema = content.at("/application~1json/schema");
                String to = path;
                for (Map.Entry<String, String> id : ids.entrySet()) {
                    to = to.replace(id.getKey(), id.getValue());
                }
                String operation = method + " " + path;
                String body =
                        schema.isMissingNode() ? null : BODIES.getOrDefault(operation, sample("", schema, document));
                Change change = new Change(
                        operation,
                        method.toUpperCase(java.util.Locale.ROOT),
                        to,
                        isForm ? null : body,
                        isForm
                                ? content.at("/multipart~1form-data/schema/required/0")
                                        .asString()
                                : "",
                        isForm ? file(path) : null);
                boolean isEnding = path.endsWith("/end") || path.endsWith("/close") || method.equals("delete");
                (isEnding ? last : out).add(change);
            }
        }
        out.addAll(last);
        return out;
    }

    /** The numbers under which the demo town has a call with a part, and what belongs to them. */
    private static Map<String, String> ids(Victim bench) {
        Map<String, String> out = new TreeMap<>();
        for (JsonNode call : bench.get("/api/calls").json().at("/calls")) {
            String id = call.at("/id").asString();
            JsonNode parts = bench.get("/api/calls/" + id).json().at("/parts");
            if (!parts.isEmpty() && parts.at("/0/kind").asString().equals("capacitor") && !out.containsKey("{part}")) {
                out.put("/api/calls/{id}", "/api/calls/" + id);
                out.put("{part}", parts.at("/0/id").asString());
            }
        }
        out.put(
                "/api/truck/{id}",
                "/api/truck/" + bench.get("/api/truck").json().at("/0/id").asString());
        out.put("{id}", "1");
        out.put("{place}", "1");
        out.put("{number}", "1");
        out.put("{writeUp}", "1");
        out.put("{refrigerant}", "R-410A");
        return out;
    }

    /** A file that the operation can take, by what its path is about. */
    private static byte[] file(String path) {
        if (path.endsWith("/photos")) {
            try {
                ByteArrayOutputStream jpeg = new ByteArrayOutputStream();
                ImageIO.write(new BufferedImage(40, 30, BufferedImage.TYPE_INT_RGB), "jpg", jpeg);
                return jpeg.toByteArray();
            } catch (IOException problem) {
                throw new UncheckedIOException(problem);
            }
        }
        return "id,price\nCP-204,19.5\n".getBytes(StandardCharsets.UTF_8);
    }

    private static String sample(String name, JsonNode given, JsonNode document) {
        JsonNode schema = given;
        if (schema.has("$ref")) {
            schema = document.at(schema.at("/$ref").asString().substring(1));
        }
        if (schema.has("enum")) {
            return "\"" + schema.at("/enum/0").asString() + "\"";
        }
        JsonNode properties = schema.at("/properties");
        if (!properties.isMissingNode()) {
            Map<String, String> filled = new TreeMap<>();
            for (JsonNode required : schema.at("/required")) {
                String key = required.asString();
                filled.put(key, sample(key, properties.get(key), document));
            }
            List<String> members = new ArrayList<>();
            filled.forEach((key, value) -> members.add("\"" + key + "\":" + value));
            return "{" + String.join(",", members) + "}";
        }
        return switch (schema.at("/type").asString()) {
            case "array" -> "[" + sample(name, schema.get("items"), document) + "]";
            case "boolean" -> "true";
            case "integer" -> VALUES.getOrDefault(name, "2");
            case "number" -> VALUES.getOrDefault(name, "2");
            case "object" -> "{}";
            default -> "\"" + VALUES.getOrDefault(name, name.isEmpty() ? "x" : "said of " + name) + "\"";
        };
    }

    /** How many rows each table of an archive has; the requests that were answered are remembered one by one. */
    private static Map<String, Integer> rows(Victim bench) throws IOException, InterruptedException {
        byte[] archive = HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create(bench.address() + "/api/backup.zip"))
                                .build(),
                        HttpResponse.BodyHandlers.ofByteArray())
                .body();
        Map<String, Integer> out = new HashMap<>();
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(archive))) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                if (entry.getName().endsWith(".jsonl")) {
                    String lines = new String(zip.readAllBytes(), StandardCharsets.UTF_8);
                    out.put(entry.getName(), (int) lines.lines().count());
                }
            }
        }
        assertThat(out).as("tables").isNotEmpty();
        return out;
    }
}
