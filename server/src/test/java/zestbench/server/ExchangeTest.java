package zestbench.server;

import static org.assertj.core.api.Assertions.assertThat;
import static zestbench.server.Bench.texts;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;
import zestbench.core.tape.Entry;

/** Calls, units and everything as JSON: they come back the same, clash loudly, and never come in by halves. */
class ExchangeTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static RunningBench ours;
    private static RunningBench theirs;

    @BeforeAll
    static void twoBenches() {
        ours = RunningBench.start();
        theirs = RunningBench.start("--zest.demo=false");
        theirs.post("/api/people", "{\"name\":\"Tech 9\"}");
    }

    @AfterAll
    static void close() {
        ours.close();
        theirs.close();
    }

    @Test
    void everythingGoesOverAndComesBackTheSame() throws IOException {
        Bench call = Bench.callTo(ours, "rooftop 2");
        String part = call.part("capacitor", "50+7.5 uF 440 V ±6%");
        BufferedImage picture = new BufferedImage(64, 48, BufferedImage.TYPE_INT_RGB);
        ByteArrayOutputStream jpeg = new ByteArrayOutputStream();
        ImageIO.write(picture, "jpg", jpeg);
        assertThat(ours.upload(call.call + part + "/photos", "photo", jpeg.toByteArray())
                        .status())
                .isEqualTo(200);
        ours.send("PUT", "/api/rules", "{\"makeUp\":\"NEVER\"}");
        String table = "fahrenheit,bubblePsig,dewPsig\n0,20,18\n40,70,66\n80,150,144\n120,280,272\n";
        assertThat(ours.upload(
                                "/api/refrigerants",
                                "file",
                                table.getBytes(StandardCharsets.UTF_8),
                                "refrigerant",
                                "R-777",
                                "source",
                                "made up for a test")
                        .status())
                .isEqualTo(200);

        String all = ours.get("/api/everything.json").text();
        JsonNode preview = preview(theirs, all);
        assertThat(texts(preview.at("/items"), "/state")).contains("NEW").doesNotContain("LONGER", "SHORTER");
        assertThat(theirs.get("/api/units").json().size())
                .as("a preview keeps nothing")
                .isZero();

        RunningBench.Answer taken = take(theirs, all, choices(preview, "THEIRS"));
        assertThat(taken.status()).as(taken.text()).isEqualTo(200);
        assertThat(withoutTime(theirs.get("/api/everything.json").text())).isEqualTo(withoutTime(all));
        assertThat(texts(preview(theirs, all).at("/items"), "/state")).containsOnly("SAME");
        String photo = JSON.readTree(all).at("/photos/0/name").asString();
        assertThat(theirs.get("/api/photos/" + photo).raw().body())
                .isEqualTo(ours.get("/api/photos/" + photo).raw().body());
        JsonNode there = theirs.get("/api/calls").json();
        assertThat(there.at("/calls").size())
                .isEqualTo(ours.get("/api/calls").json().at("/calls").size());
        assertThat(there.at("/due").size())
                .as("what follows from the tapes follows there too")
                .isPositive();
    }

    @Test
    void serialsLeaveMaskedUnlessAskedForAndAMaskedOneTakesNothingAway() {
        String id = Bench.unit(ours, "split system").at("/id").asString();
        String masked = ours.get("/api/units/" + id + "/unit.json").text();
        String whole = ours.get("/api/units/" + id + "/unit.json?serials=true").text();
        String serial = JSON.readTree(whole).at("/units/0/plate/serial").asString();
        assertThat(serial).doesNotContain("•");
        assertThat(masked).doesNotContain(serial).contains("•" + serial.substring(serial.length() - 3));
        assertThat(texts(preview(ours, masked).at("/items"), "/state")).containsOnly("SAME");
        JsonNode call =
                ours.get("/api/calls/" + firstCall(ours, id) + "/call.json").json();
        assertThat(call.toString()).doesNotContain(serial);
        assertThat(call.at("/calls").size()).isEqualTo(1);
        assertThat(call.at("/units").size()).isEqualTo(1);
    }

    @Test
    void aCallThatGoesOnElsewhereGoesOnHere() {
        Bench call = Bench.callTo(ours, "loft 3 heat pump");
        call.does("/notes", "{\"text\":\"before it was carried\"}");
        String before = ours.get(call.call + "/call.json").text();
        call.does("/notes", "{\"text\":\"after\"}");
        String after = ours.get(call.call + "/call.json").text();
        assertThat(texts(preview(ours, before).at("/items"), "/state")).containsExactly("SAME", "SHORTER");
        assertThat(take(ours, before, "").status()).isEqualTo(200);
        assertThat(ours.get(call.call + "/call.json").json().at("/calls/0/tape").size())
                .as("an older file takes nothing away")
                .isEqualTo(2);
        try (RunningBench third = RunningBench.start("--zest.demo=false")) {
            third.post("/api/people", "{\"name\":\"Tech 9\"}");
            take(third, before, "");
            assertThat(texts(preview(third, after).at("/items"), "/state")).containsExactly("SAME", "LONGER");
            assertThat(take(third, after, "").status()).isEqualTo(200);
            assertThat(third.get("/api/calls/1/call.json").json().at("/calls"))
                    .isEqualTo(JSON.readTree(after).at("/calls"));
            assertThat(third.get("/api/units/1").text())
                    .as("dots are no serial")
                    .doesNotContain("•");
        }
    }

    @Test
    void aClashIsAskedAndNothingIsWrittenOverSilently() {
        Bench call = Bench.callTo(ours, "loft 7 heat pump");
        call.does("/notes", "{\"text\":\"ours\"}");
        ObjectNode other = (ObjectNode) ours.get(call.call + "/call.json").json();
        ((ObjectNode) other.at("/calls/0/tape/0/entry")).put("text", "theirs");
        ((ObjectNode) other.at("/units/0")).put("site", "Net lofts, north");
        String file = other.toString();
        JsonNode seen = preview(ours, file);
        assertThat(seen.at("/clashes").asInt()).isEqualTo(2);
        assertThat(seen.at("/items/0/differences/0").asString())
                .isEqualTo("site: ours Net lofts, theirs Net lofts, north");
        assertThat(seen.at("/items/1/differences/0").asString())
                .isEqualTo("tape: alike for 0 lines, then ours has 1 more, theirs 1");

        RunningBench.Answer unasked = take(ours, file, "");
        assertThat(unasked.status()).isEqualTo(409);
        assertThat(unasked.json().at("/detail").asString()).startsWith("Not taken in: choose ours or theirs");
        String unit = seen.at("/items/0/id").asString();
        String visit = seen.at("/items/1/id").asString();
        assertThat(take(ours, file, "{\"" + unit + "\":\"THEIRS\"}").status())
                .as("one choice of two is not enough, and not half is taken")
                .isEqualTo(409);
        assertThat(call.view().at("/unit/site").asString()).isEqualTo("Net lofts");

        assertThat(take(ours, file, "{\"" + unit + "\":\"OURS\",\"" + visit + "\":\"THEIRS\"}")
                        .status())
                .isEqualTo(200);
        assertThat(call.view().at("/unit/site").asString()).isEqualTo("Net lofts");
        assertThat(call.view().at("/tape/0/text/title").asString()).contains("theirs");
        assertThat(take(ours, file, "{\"x\":\"MINE\"}").json().at("/detail").asString())
                .contains("give an object of OURS or THEIRS");
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("damages")
    void aDamagedFileNamesItsLineAndNothingComesIn(String what, UnaryOperator<String> damage, String words) {
        String id = Bench.unit(ours, "rooftop 1").at("/id").asString();
        String file = damage.apply(ours.get("/api/units/" + id + "/unit.json").text());
        int before = ours.get("/api/calls").json().at("/calls").size();
        for (RunningBench.Answer answer : List.of(
                upload(ours, "/api/exchange/preview", file, ""), take(ours, file, ""), take(theirs, file, ""))) {
            assertThat(answer.status()).as(answer.text()).isEqualTo(400);
            assertThat(answer.json().at("/detail").asString()).containsPattern(words);
        }
        assertThat(ours.get("/api/calls").json().at("/calls").size()).isEqualTo(before);
    }

    static Stream<Arguments> damages() {
        return Stream.of(
                Arguments.of(
                        "cut off", edit(s -> s.substring(0, s.length() / 2)), "^line \\d+, column \\d+: Unexpected"),
                Arguments.of("empty", edit(s -> ""), "."),
                Arguments.of("not JSON", edit(s -> "PK\u0003\u0004"), "^line 1"),
                Arguments.of("of another program", edit(s -> "{\"hello\":1}"), "^line 1.*required"),
                Arguments.of(
                        "a later version",
                        edit(s -> s.replace("\"version\" : 1", "\"version\" : 2")),
                        "^line 3, /version: must be"),
                Arguments.of(
                        "a field nobody knows",
                        edit(s -> s.replaceFirst("\"site\"", "\"planet\" : 1,\n\"site\"")),
                        "line \\d+.*planet"),
                Arguments.of(
                        "a figure that is a word",
                        edit(s -> s.replaceFirst("\"altitudeFeet\" : [\\d.]+", "\"altitudeFeet\" : \"high\"")),
                        "^line \\d+, /units/0/altitudeFeet: "),
                Arguments.of(
                        "a day that is none",
                        edit(s -> s.replaceFirst(
                                "\"warranty\" : \\{ }", "\"warranty\" : { \"parts\" : \"2026-02-31\" }")),
                        "line \\d+, column \\d+: "),
                Arguments.of(
                        "an entry of no kind",
                        edit(s -> s.replaceFirst("\"kind\" : \"Measured\"", "\"kind\" : \"Guessed\"")),
                        "^line \\d+, calls\\[\\d+]\\.tape\\[\\d+]\\.kind was Guessed: there is no such entry"),
                Arguments.of(
                        "a line left out",
                        edit(s -> s.replaceFirst("\"number\" : 2", "\"number\" : 7")),
                        "^line \\d+, calls\\[\\d+]\\.tape\\[1]\\.number was 7: lines are numbered without a gap"),
                Arguments.of(
                        "an entry with nothing in it",
                        edit(s -> s.replaceFirst(
                                "\"kind\" : \"Measured\",\\s+\"entry\" : \\{",
                                "\"kind\" : \"Noted\", \"entry\" : { }, \"was\" : {")),
                        "line \\d+.*was"),
                Arguments.of(
                        "an entry that lacks a field",
                        edit(s -> s.replaceFirst("\"shortRating\" : \"[^\"]*\",", "")),
                        "^line \\d+, calls\\[\\d+]\\.tape\\[\\d+]\\.entry\\.shortRating: this is missing"),
                Arguments.of(
                        "a month that is none",
                        edit(s -> s.replaceFirst("\"openedAt\" : \"\\d{4}-\\d\\d", "\"openedAt\" : \"2026-13")),
                        "^line \\d+, column \\d+: \"2026-13[^\"]+\" is no Instant"),
                Arguments.of(
                        "stock of no depot",
                        edit(s -> s.replaceFirst(
                                "\"stock\" : \\[ ]",
                                "\"stock\" : [ { \"id\" : \"X-1\", \"partNumber\" : \"X-1\", \"depot\" : \"Moon\", \"bin\" : \"B\","
                                        + " \"kind\" : \"fuse\", \"name\" : \"Fuse\", \"label\" : \"35 A\", \"quantity\" : 1,"
                                        + " \"minimum\" : 1, \"cost\" : 1, \"price\" : 2 } ]")),
                        "^line \\d+, stock\\[0]\\.depot was Moon: that depot is neither"),
                Arguments.of(
                        "a plate that is none",
                        edit(s -> s.replaceFirst("\"phase\" : \\d", "\"phase\" : \"three\"")),
                        "^line \\d+, units\\[0]\\.plate\\.phase"),
                Arguments.of(
                        "a call of no unit",
                        edit(s -> s.replaceFirst("\"unit\" : \"[0-9a-f-]{36}\"", "\"unit\" : \"nowhere\"")),
                        "^line \\d+, calls\\[0]\\.unit was nowhere: that unit is neither"),
                Arguments.of(
                        "a photo that is none",
                        edit(
                                s -> s.replaceFirst(
                                        "\"photos\" : \\[ ]",
                                        "\"photos\" : [ { \"name\" : \"00000000-0000-0000-0000-000000000000\", \"jpeg\" : \"AAAA\" } ]")),
                        "^line \\d+, photos\\[0]\\.photo: this is no picture"));
    }

    /** The document names every kind of entry with every field it has. */
    @Test
    void theDocumentTellsEveryKindOfEntry() throws IOException {
        String document = Files.readString(Path.of("../docs/exchange.md"));
        for (Class<?> kind : Entry.kinds()) {
            String fields = Stream.of(kind.getRecordComponents())
                    .map(c -> "`" + c.getName() + "`")
                    .collect(Collectors.joining(", "));
            assertThat(document).contains("| `" + kind.getSimpleName() + "` | " + fields + " |");
        }
        assertThat(ours.get("/api/exchange/schema.json")
                        .json()
                        .at("/properties/version/const")
                        .asInt())
                .isEqualTo(1);
    }

    private static UnaryOperator<String> edit(UnaryOperator<String> edit) {
        return edit;
    }

    private static String firstCall(RunningBench bench, String unit) {
        return bench.get("/api/units/" + unit + "/visits")
                .json()
                .at("/0/callId")
                .asString();
    }

    private static String choices(JsonNode preview, String choice) {
        ObjectNode out = JSON.createObjectNode();
        preview.at("/items").forEach(i -> {
            if (i.at("/state").asString().equals("CLASH")) {
                out.put(i.at("/id").asString(), choice);
            }
        });
        return out.toString();
    }

    private static JsonNode preview(RunningBench bench, String file) {
        RunningBench.Answer answer = upload(bench, "/api/exchange/preview", file, "");
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return answer.json();
    }

    private static RunningBench.Answer take(RunningBench bench, String file, String choices) {
        return upload(bench, "/api/exchange", file, choices);
    }

    private static RunningBench.Answer upload(RunningBench bench, String path, String file, String choices) {
        return bench.upload(path, "file", file.getBytes(StandardCharsets.UTF_8), "choices", choices);
    }

    private static String withoutTime(String bundle) {
        return bundle.replaceFirst("\"madeAt\" : \"[^\"]+\"", "");
    }
}
