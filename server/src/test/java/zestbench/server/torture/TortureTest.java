package zestbench.server.torture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicLong;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import zestbench.server.OlderData;

/** The promises of the bench, each under attack. {@code -Dzest.torture.minutes} gives all of them more time. */
class TortureTest {
    private static final int MINUTES = Integer.getInteger("zest.torture.minutes", 0);
    /** DiskTroubleTest cuts a migration off, BackupTest and CraftedArchivesTest an archive, in a process that is there. */
    private static final String NOT_IN_SHORT = "takes starts of its own, which the short form has no time for";

    private static final Random RANDOM = new Random(13);
    private static final Table TABLE = new Table();

    @TempDir
    Path folder;

    /** So many, in the short form and in ten minutes; more minutes, more. */
    private static int times(int few, int inTenMinutes) {
        return MINUTES == 0 ? few : Math.max(few, inTenMinutes * MINUTES / 10);
    }

    private static Path town;
    private static long wholeStartMillis;
    private static int units;

    /** Data with the demo town in it. */
    private Path town(String name) throws IOException {
        if (town == null) {
            town = Files.createTempDirectory("zest-town");
            long start = System.nanoTime();
            try (Victim bench = Victim.start(town)) {
                wholeStartMillis = (System.nanoTime() - start) / 1_000_000;
                units = bench.get("/api/units").json().size();
            }
        }
        Path copy = Files.createDirectories(folder.resolve(name));
        Files.createDirectories(copy.resolve("photos"));
        Files.copy(town.resolve("zestbench.mv.db"), copy.resolve("zestbench.mv.db"));
        return copy;
    }

    @AfterAll
    static void end() {
        System.out.println(TABLE.size() + " promises held.");
    }

    @Test
    void whatWasAnsweredIsKeptWhenTheBenchIsKilled() throws Exception {
        Path data = town("killed");
        Map<String, String> acknowledged = new ConcurrentHashMap<>();
        LastSent last = new LastSent();
        int kills = times(1, 20);
        for (int kill = 0; kill < kills; kill++) {
            try (Victim bench = Victim.start(data)) {
                kept(bench, acknowledged.keySet());
                String call = bench.post("/api/calls", "{\"unitId\":1,\"complaint\":\"kill " + kill + "\"}")
                        .json()
                        .at("/id")
                        .asString();
                AtomicBoolean isAlive = new AtomicBoolean(true);
                ExecutorService phones = Executors.newFixedThreadPool(3);
                for (int phone = 0; phone < 3; phone++) {
                    int number = phone;
                    phones.execute(() -> {
                        for (int i = 0; isAlive.get(); i++) {
                            String note = "note " + call + "-" + number + "-" + i;
                            String name = UUID.randomUUID().toString();
                            String path = "/api/calls/" + call + "/notes";
                            last.set(number, new String[] {path, note, name});
                            if (bench.send("POST", path, "{\"text\":\"" + note + "\"}", name)
                                            .status()
                                    == 200) {
                                acknowledged.put(note, path);
                            }
                        }
                    });
                }
                Thread.sleep(400 + RANDOM.nextInt(1_200));
                bench.kill();
                isAlive.set(false);
                phones.shutdown();
                phones.awaitTermination(20, TimeUnit.SECONDS);
            }
        }
        try (Victim bench = Victim.start(data)) {
            for (String[] change : last.all()) {
                // the answer was cut off: the phone sends it again, under its name
                bench.send("POST", change[0], "{\"text\":\"" + change[1] + "\"}", change[2]);
                acknowledged.put(change[1], change[0]);
            }
            kept(bench, acknowledged.keySet());
        }
        TABLE.add(
                "what was answered is kept, once",
                kills + " kills while 3 phones write",
                acknowledged.size() + " answered, 0 lost, 0 doubled");
    }

    /** What each phone sent last. */
    private static final class LastSent {
        private final Map<Integer, String[]> last = new ConcurrentHashMap<>();

        void set(int phone, String[] change) {
            last.put(phone, change);
        }

        List<String[]> all() {
            return List.copyOf(last.values());
        }
    }

    private static void kept(Victim bench, Set<String> notes) {
        List<String> found = new ArrayList<>();
        for (JsonNode call : bench.get("/api/calls").json().at("/calls")) {
            for (JsonNode line :
                    bench.get("/api/calls/" + call.at("/id").asString()).json().at("/tape")) {
                found.add(line.at("/text/title").asString());
            }
        }
        Set<String> once = new HashSet<>(found);
        assertThat(once).as("kept").containsAll(notes);
        for (String note : notes) {
            assertThat(Collections.frequency(found, note)).as(note).isEqualTo(1);
        }
    }

    @Test
    void aStartThatIsKilledDoesNotSpoilTheNext() throws Exception {
        assumeTrue(MINUTES > 0, NOT_IN_SHORT);
        town("measured");
        long millis = wholeStartMillis;
        int kills = times(1, 10);
        for (int kill = 0; kill < kills; kill++) {
            Path data = folder.resolve("first" + kill);
            killedWhileStarting(data, millis);
            try (Victim bench = Victim.start(data)) {
                assertThat(bench.get("/api/units").json().size())
                        .as("the demo town, whole")
                        .isEqualTo(units);
            }
        }
        TABLE.add("a first start that is killed can be begun anew", kills + " kills at random", "0 spoilt");
        int newest = 5;
        for (int schema = 1; schema <= newest; schema++) {
            int times = times(1, 10);
            for (int kill = 0; kill < times; kill++) {
                Path data = folder.resolve("old" + schema + "-" + kill);
                OlderData.make(data, schema);
                killedWhileStarting(data, millis);
                try (Victim bench = Victim.start(data, "--zest.demo=false")) {
                    assertThat(bench.get("/api/units").json().toString()).contains("loft; 5");
                    assertThat(bench.get("/api/truck").json().size()).isEqualTo(1);
                }
            }
        }
        TABLE.add(
                "an upgrade that is killed loses nothing",
                times(1, 10) + " kills from each of " + newest + " versions",
                "0 lost");
    }

    private static void killedWhileStarting(Path data, long millis) throws Exception {
        Process process = Victim.begin(data, "--zest.demo=" + !Files.exists(data.resolve("zestbench.mv.db")));
        Thread.sleep(millis / 4 + RANDOM.nextInt((int) (millis * 3 / 4)));
        process.destroyForcibly().waitFor();
    }

    @Test
    void whatIsCutOffIsWholeOrNotThere() throws Exception {
        assumeTrue(MINUTES > 0, NOT_IN_SHORT);
        Path data = town("cut");
        Path archive = folder.resolve("good.zip");
        byte[] bundle;
        int calls;
        try (Victim bench = Victim.start(data)) {
            bundle = bench.get("/api/everything.json").text().getBytes(StandardCharsets.UTF_8);
            calls = bench.get("/api/calls").json().at("/calls").size();
            run("backup", archive, data).waitFor();
            assertThat(archive).exists();
            int kills = times(1, 10);
            for (int kill = 0; kill < kills; kill++) {
                Path cut = folder.resolve("cut" + kill + ".zip");
                Process backup = run("backup", cut, data);
                Thread.sleep(200 + RANDOM.nextInt(1_500));
                backup.destroyForcibly().waitFor();
                if (Files.exists(cut)) {
                    assertThat(run("restore", cut, folder.resolve("of" + kill)).waitFor())
                            .isZero();
                }
            }
            TABLE.add("a backup that is killed leaves none, or a whole one", kills + " kills", "0 half");
        }
        int kills = times(1, 10);
        for (int kill = 0; kill < kills; kill++) {
            Path to = folder.resolve("restored" + kill);
            Process restore = run("restore", archive, to);
            Thread.sleep(300 + RANDOM.nextInt(1_800));
            restore.destroyForcibly().waitFor();
            if (!Files.exists(to.resolve("zestbench.mv.db"))) {
                assertThat(run("restore", archive, to).waitFor())
                        .as("it can be begun anew")
                        .isZero();
            }
            try (Victim bench = Victim.start(to)) {
                assertThat(bench.get("/api/calls").json().at("/calls").size()).isEqualTo(calls);
            }
        }
        TABLE.add("a restore that is killed leaves none, or a whole one", kills + " kills", "0 half");
        Path fresh = folder.resolve("import");
        for (int kill = 0; kill < kills; kill++) {
            try (Victim bench = Victim.start(fresh, "--zest.demo=false")) {
                Thread taking = new Thread(() -> bench.upload("/api/exchange", "file", bundle));
                taking.start();
                Thread.sleep(RANDOM.nextInt(1_500));
                bench.kill();
                taking.join();
            }
            try (Victim bench = Victim.start(fresh, "--zest.demo=false")) {
                assertThat(bench.get("/api/calls").json().at("/calls").size()).isIn(0, calls);
            }
        }
        TABLE.add("an import that is killed is all or nothing", kills + " kills", "0 half");
    }

    private static Process run(String what, Path archive, Path data) throws IOException {
        return Victim.begin(
                "zestbench.server.backup.BackupCommand", List.of(what, archive.toString(), data.toString()));
    }

    @Test
    void photosAreKeptWholeAndLeaveNothingHalf() throws Exception {
        assumeTrue(MINUTES > 0, NOT_IN_SHORT);
        Path data = town("photos");
        BufferedImage image = new BufferedImage(2400, 1800, BufferedImage.TYPE_INT_RGB);
        for (int i = 0; i < 2400 * 1800; i++) {
            image.setRGB(i % 2400, i / 2400, RANDOM.nextInt());
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, "jpg", out);
        int kills = times(1, 10);
        AtomicInteger kept = new AtomicInteger();
        String call = null;
        String part = null;
        for (int kill = 0; kill <= kills; kill++) {
            try (Victim bench = Victim.start(data)) {
                if (call == null) {
                    call = bench.post("/api/calls", "{\"unitId\":1,\"complaint\":\"photos\"}")
                            .json()
                            .at("/id")
                            .asString();
                    part = bench.post(
                                    "/api/calls/" + call + "/parts",
                                    "{\"kind\":\"capacitor\",\"place\":\"Outdoor unit\"}")
                            .json()
                            .at("/parts/0/id")
                            .asString();
                }
                JsonNode shown = bench.get("/api/calls/" + call).json().at("/parts/0/photos");
                assertThat(shown.size()).as("each that was answered").isGreaterThanOrEqualTo(kept.get());
                for (JsonNode photo : shown) {
                    assertThat(bench.get("/api/photos/" + photo.asString()).status())
                            .isEqualTo(200);
                }
                try (Stream<Path> files = Files.list(data.resolve("photos"))) {
                    assertThat(files).noneMatch(f -> f.toString().endsWith(".part"));
                }
                if (kill < kills) {
                    String path = "/api/calls/" + call + "/parts/" + part + "/photos";
                    Thread sending = new Thread(() -> {
                        for (int i = 0; i < 3; i++) {
                            if (bench.upload(path, "photo", out.toByteArray()).status() == 200) {
                                kept.incrementAndGet();
                            }
                        }
                    });
                    sending.start();
                    Thread.sleep(300 + RANDOM.nextInt(1_500));
                    bench.kill();
                    sending.join();
                }
            }
        }
        TABLE.add(
                "a photo that was answered can be seen",
                kills + " kills while photos are sent",
                kept + " answered, 0 lost, 0 half");
    }

    @Test
    void nobodyStopsTheBenchForOthers() throws Exception {
        Path data = town("flooded");
        try (Victim bench = Victim.start(data)) {
            String call = bench.post("/api/calls", "{\"unitId\":1,\"complaint\":\"flood\"}")
                    .json()
                    .at("/id")
                    .asString();
            slowBodies(bench, call);
            severalPeople(bench);
            readings(bench);
            bodies(bench);
        }
        diskFull();
    }

    /** 200 connections that send a byte now and then, while somebody works. */
    private static void slowBodies(Victim bench, String call) throws Exception {
        List<Socket> sockets = new ArrayList<>();
        for (int i = 0; i < 200; i++) {
            Socket socket = new Socket("127.0.0.1", bench.port());
            String path = List.of("POST /api/read", "PUT /nowhere", "POST /api/calls/" + call + "/notes")
                    .get(i % 3);
            socket.getOutputStream()
                    .write((path + " HTTP/1.1\r\nHost: 127.0.0.1:" + bench.port()
                                    + "\r\nX-Technician: 1\r\nContent-Type: application/json\r\nContent-Length: 9000\r\n\r\n{")
                            .getBytes(StandardCharsets.US_ASCII));
            sockets.add(socket);
        }
        AtomicBoolean isFlood = new AtomicBoolean(true);
        Thread drops = new Thread(() -> {
            while (isFlood.get()) {
                for (Socket socket : sockets) {
                    try {
                        OutputStream out = socket.getOutputStream();
                        out.write(' ');
                        out.flush();
                        Thread.sleep(5);
                    } catch (IOException | InterruptedException ended) {
                        // the bench has hung up on it
                    }
                }
            }
        });
        drops.start();
        List<Long> took = new ArrayList<>();
        long until = System.nanoTime() + TimeUnit.SECONDS.toNanos(times(5, 20));
        while (System.nanoTime() < until) {
            long start = System.nanoTime();
            assertThat(bench.post("/api/calls/" + call + "/notes", "{\"text\":\"works\"}")
                            .status())
                    .isEqualTo(200);
            took.add((System.nanoTime() - start) / 1_000_000);
        }
        isFlood.set(false);
        drops.join();
        for (Socket socket : sockets) {
            socket.close();
        }
        Collections.sort(took);
        assertThat(took.get(took.size() * 95 / 100)).as("95 of 100 notes, ms").isLessThan(3_000);
        TABLE.add(
                "slow bodies hold nobody up",
                "200 at once, " + took.size() + " notes meanwhile",
                "half within " + took.get(took.size() / 2) + " ms, all within " + took.get(took.size() - 1) + " ms");
    }

    /** Four phones take parts in, count and take the last piece of one truck. */
    private static void severalPeople(Victim bench) throws Exception {
        int rounds = times(3, 60);
        int before = bench.get("/api/truck").json().size();
        ExecutorService phones = Executors.newFixedThreadPool(4);
        List<Callable<Victim.Answer>> sends = new ArrayList<>();
        String part =
                "{\"text\":\"45+5 MFD 440 VAC\",\"depot\":\"Truck 1\",\"bin\":\"B1\",\"quantity\":2,\"minimum\":1,"
                        + "\"cost\":1,\"price\":2}";
        for (int i = 0; i < 4 * rounds; i++) {
            String name = UUID.randomUUID().toString();
            // each twice, as where the answer was lost
            sends.add(() -> bench.send("POST", "/api/truck", part, name));
            sends.add(() -> bench.send("POST", "/api/truck", part, name));
        }
        Set<String> ids = new HashSet<>();
        for (Future<Victim.Answer> each : phones.invokeAll(sends)) {
            assertThat(each.get().status()).as(each.get().text()).isEqualTo(200);
            ids.add(each.get().json().at("/id").asString());
        }
        phones.shutdown();
        assertThat(ids).hasSize(4 * rounds);
        assertThat(bench.get("/api/truck").json().size()).isEqualTo(before + 4 * rounds);
        TABLE.add(
                "parts taken in at once get a line each, once",
                4 * rounds + " parts by 4 phones, each sent twice",
                "0 overwritten, 0 doubled");
    }

    private static final String SIGNS =
            "0123456789.,/+-()[]{}:;=#@%°µΩ±×≤ \t\nabcdefghijklmnopqrstuvwxyzABCDEFGHIJKLMNOPQRSTUVWXYZ?_|\"'äß½";
    private static final String[] WORDS = {
        "MFD",
        "VAC",
        "FLA",
        "RLA",
        "LRA",
        "HP",
        "RPM",
        "VOLTS",
        "208/230",
        "45+5",
        "PH",
        "HZ",
        "COIL",
        "MCA",
        "R-410A",
        "SERIAL",
        "four forty",
        "CW",
        "T1",
        "one hundred",
        "440V",
        "±6%",
        "2P",
        "1/2",
        "CLASS",
        "°C",
        "24 V",
        "LRA:"
    };

    private static String label() {
        StringBuilder out = new StringBuilder();
        int pieces = 1 + RANDOM.nextInt(RANDOM.nextInt(20) == 0 ? 3_000 : 40);
        for (int i = 0; i < pieces && out.length() < 19_900; i++) {
            if (RANDOM.nextBoolean()) {
                out.append(WORDS[RANDOM.nextInt(WORDS.length)]).append(RANDOM.nextBoolean() ? " " : "");
            } else {
                out.append(SIGNS.charAt(RANDOM.nextInt(SIGNS.length())));
            }
        }
        return out.toString();
    }

    private static void readings(Victim bench) {
        int texts = times(60, 100_000);
        AtomicLong most = new AtomicLong();
        for (int i = 0; i < texts; i++) {
            String text = label();
            String json = "{\"text\":\"" + escaped(text) + "\"}";
            long start = System.nanoTime();
            Victim.Answer answer = bench.post("/api/read", json);
            most.accumulateAndGet((System.nanoTime() - start) / 1_000_000, Math::max);
            if (text.isBlank()) {
                continue;
            }
            assertThat(answer.status()).as(text).isEqualTo(200);
            for (JsonNode read : answer.json().at("/reads")) {
                assertThat(text.substring(
                                read.at("/start").asInt(), read.at("/end").asInt()))
                        .isEqualTo(read.at("/text").asString());
            }
        }
        assertThat(most.get()).as("the longest, ms").isLessThan(3_000);
        TABLE.add(
                "any text is read, or said not to be",
                texts + " texts up to 20,000 signs",
                "all 200, the longest " + most + " ms");
    }

    private static String escaped(String text) {
        return text.replace("\\", "\\\\")
                .replace("\"", "\\\"")
                .replace("\n", "\\n")
                .replace("\t", "\\t");
    }

    private static final String[] BODIES = {
        "",
        "{",
        "[]",
        "null",
        "0",
        "\"x\"",
        "{}",
        "{\"a\":1}",
        "[[[[[[[[",
        "{\"text\":null}",
        "{\"text\":5}",
        "\u0000",
        "{\"kind\":\"x\"}",
        "{\"kind\":\"capacitor\",\"spec\":[]}",
        "{\"quantity\":1e400}",
        "{\"quantity\":-1,\"depot\":\"\"}",
        "{\"volts\":\"a\"}",
        "{\"readings\":[null]}",
        "{\"readings\":[{}]}",
        "{\"name\":\"\\u0000\"}",
        "{\"pieces\":1.5}",
        "{\"unitId\":-9e18}",
        "{\"end\":\"X\"}",
        "{\"offers\":[{}],\"kind\":\"fuse\",\"required\":{}}",
        "{\"wires\":[{\"from\":\"\"}]}",
        "{\"placeId\":99999999999999999999}"
    };

    /** Every operation of the interface, with what it does not expect. */
    private static void bodies(Victim bench) {
        JsonNode paths = bench.get("/v3/api-docs").json().at("/paths");
        List<String[]> operations = new ArrayList<>();
        paths.propertyNames()
                .forEach(path ->
                        paths.get(path).propertyNames().forEach(method -> operations.add(new String[] {method, path})));
        int requests = times(120, 20_000);
        String[] ids = {"1", "0", "-1", "x", "99999999999999999999", "CP-001", "p1", "%2e%2e", "a%20b", "1.5"};
        for (int i = 0; i < requests; i++) {
            String[] operation = operations.get(i % operations.size());
            String path = operation[1];
            while (path.contains("{")) {
                path = path.replaceFirst("\\{[^}]*}", ids[RANDOM.nextInt(ids.length)]);
            }
            if (path.endsWith("/meter") || path.endsWith("/stream") || path.endsWith("/mode")) {
                continue;
            }
            String method = operation[0].toUpperCase(java.util.Locale.ROOT);
            String body = BODIES[RANDOM.nextInt(BODIES.length)];
            if (RANDOM.nextInt(4) == 0 && body.length() > 2) {
                body = body.substring(0, RANDOM.nextInt(body.length()));
            }
            Victim.Answer answer = bench.send(method, path, method.equals("GET") ? null : body, null);
            assertThat(answer.status())
                    .as("%s %s %s: %s", method, path, body, answer.text())
                    .isBetween(200, 499);
            if (answer.status() >= 400) {
                assertThat(answer.type()).as("%s %s", method, path).contains("problem+json");
                assertThat(answer.text()).doesNotContain("Exception").doesNotContain("java.lang");
            }
        }
        TABLE.add(
                "whatever is sent, no answer is a 500",
                requests + " over " + operations.size() + " operations",
                "0 of 500, 0 without words");
    }

    /** On a small disk of its own, where one can be made. */
    private void diskFull() throws Exception {
        Path disk = Files.createDirectories(folder.resolve("disk"));
        if (!command("mount", "-t", "tmpfs", "-o", "size=24m", "tmpfs", disk.toString())) {
            TABLE.add("a full disk stops changes only", "not tried: a small disk needs root to be made", "-");
            return;
        }
        try {
            Path data = Files.createDirectories(disk.resolve("data"));
            Files.copy(town("full").resolve("zestbench.mv.db"), data.resolve("zestbench.mv.db"));
            try (Victim bench = Victim.start(data)) {
                String call = bench.post("/api/calls", "{\"unitId\":1,\"complaint\":\"full\"}")
                        .json()
                        .at("/id")
                        .asString();
                String notes = "/api/calls/" + call + "/notes";
                Path fill = disk.resolve("fill");
                byte[] block = new byte[256 * 1024];
                try (OutputStream out = Files.newOutputStream(fill)) {
                    while (true) {
                        out.write(block);
                    }
                } catch (IOException full) {
                    assertThat(full).isNotNull();
                }
                int refused = 0;
                for (int i = 0; i < 30; i++) {
                    Victim.Answer answer = bench.post(notes, "{\"text\":\"full\"}");
                    assertThat(answer.status()).as(answer.text()).isEqualTo(507);
                    assertThat(answer.text()).contains(disk.toString());
                    refused++;
                }
                for (String path : Arrays.asList("/api/calls/" + call, "/api/calls", "/api/truck")) {
                    assertThat(bench.get(path).status()).as(path).isEqualTo(200);
                }
                Files.delete(fill);
                assertThat(bench.post(notes, "{\"text\":\"room\"}").status()).isEqualTo(200);
                TABLE.add(
                        "a full disk stops changes only",
                        refused + " changes on a full disk of 24 MB",
                        "all 507, reading goes on, works when there is room");
            }
        } finally {
            command("umount", "-l", disk.toString());
        }
    }

    private static boolean command(String... words) throws InterruptedException {
        try {
            return new ProcessBuilder(words).redirectErrorStream(true).start().waitFor() == 0;
        } catch (IOException missing) {
            return false;
        }
    }
}
