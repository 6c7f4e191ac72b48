package zestbench.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpRequest;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What comes in is what it says it is, or is refused in words that name the field; nothing ends in a 500. */
class CleanInputTest {
    private static final String HEAD = "id,partNumber,depot,bin,kind,name,label,quantity,minimum,cost,price\n";
    private final RunningBench bench = RunningBench.demo();

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "/api/people | {\"name\":\"a\\u0000b\"} | name",
                "/api/people | {\"name\":\"a\\u001bb\"} | name",
                "/api/people | {\"name\":\"a\\ufffeb\"} | name",
                "/api/people | {\"name\":\"a\\ud800\"} | name",
                "/api/people | {\"name\":5} | name",
                "/api/people | {\"name\":true} | name",
                "/api/people | {\"name\":\"x\"} {} | body",
                "/api/read | {\"text\":5} | text",
                "/api/read | {\"text\":\"45\\u00005\"} | text",
                "/api/judge | {\"kind\":\"capacitor\",\"spec\":{\"sections\":[{\"microfarads\":45}]},\"readings\":[{\"section\":\"C1\",\"microfarads\":1e308}]} | microfarads",
                "/api/match | {\"kind\":\"capacitor\",\"required\":{\"sections\":[{\"microfarads\":1e300}]}} | required",
                "/api/match | {\"kind\":\"capacitor\",\"required\":{\"x\\u0000\":1}} | required",
                "/api/calls | {\"unitId\":1.5,\"complaint\":\"x\"} | unitId",
                "/api/calls | {\"unitId\":\"1\",\"complaint\":\"x\"} | unitId",
                "/api/truck | {\"text\":\"45 MFD 440 VAC\",\"depot\":\"Truck 1\",\"bin\":\"B\",\"quantity\":1.5,\"minimum\":0,\"cost\":1,\"price\":1} | quantity"
            })
    void whatIsNotCleanIsRefusedByItsField(String path, String json, String field) {
        var answer = bench.post(path, json);
        assertThat(answer.status()).as(answer.text()).isEqualTo(400);
        assertThat(answer.json().at("/errors/0/field").asString())
                .as(answer.text())
                .contains(field);
        assertThat(answer.text())
                .doesNotContain("Exception")
                .doesNotContain("jackson")
                .doesNotContain("java.");
    }

    @Test
    void wordsInPathsAndQueriesAreAsClean() {
        for (String path :
                new String[] {"/api/units?words=a%00b", "/api/calls/1/meter?subject=%1b", "/api/truck/a%07/history"}) {
            assertThat(bench.get(path).status()).as(path).isBetween(400, 404);
        }
        assertThat(bench.get("/api/units?words=a%00b").text()).contains("cannot be shown");
    }

    @ParameterizedTest
    @ValueSource(strings = {"multipart/form-data", "multipart/form-data; boundary=x", "text/plain", "multipart/mixed"})
    void aFormThatIsNoneIsRefused(String type) {
        HttpRequest request = HttpRequest.newBuilder(URI.create(bench.address() + "/api/truck/import/preview"))
                .header("X-Technician", "1")
                .header("Content-Type", type)
                .POST(HttpRequest.BodyPublishers.ofString("nothing of that kind"))
                .build();
        assertThat(bench.send(request).status()).isBetween(400, 415);
    }

    @Test
    void csvGoesOutWithoutFormulasAndComesBackTheSame() {
        String line = "FX-1,FX-1,Truck 1,B1,capacitor,\"=cmd|' /C calc'!A0\",+45 MFD 440 VAC,1,0,1.5,2.5\n";
        var taken = bench.upload("/api/truck/import", "file", (HEAD + line).getBytes(StandardCharsets.UTF_8));
        assertThat(taken.status()).as(taken.text()).isEqualTo(200);
        String csv = bench.get("/api/truck/stock.csv").text();
        assertThat(csv).contains("'=cmd|' /C calc'!A0").contains("'+45 MFD 440 VAC");
        var again = bench.upload("/api/truck/import/preview", "file", csv.getBytes(StandardCharsets.UTF_8));
        assertThat(again.json().at("/changed").asInt()).as(again.text()).isZero();
        assertThat(again.json().at("/added").asInt()).isZero();
    }

    @Test
    void csvIsReadInTheEncodingItWasSavedIn() {
        for (Charset charset : new Charset[] {StandardCharsets.UTF_8, Charset.forName("windows-1252")}) {
            for (String mark : charset == StandardCharsets.UTF_8 ? new String[] {"", "\uFEFF"} : new String[] {""}) {
                String line = "EN-1,EN-1,Truck 1,B1,capacitor,Größe µF,45 µF 440 VAC,1,0,1,2\n";
                var answer = bench.upload("/api/truck/import/preview", "file", (mark + HEAD + line).getBytes(charset));
                assertThat(answer.text()).as(charset + mark).contains("Größe µF");
            }
        }
        for (byte[] bytes : new byte[][] {
            (HEAD + "EN-2").getBytes(StandardCharsets.UTF_16), new byte[] {1, 2, 3}, {(byte) 0x81, (byte) 0x8d}
        }) {
            var refused = bench.upload("/api/truck/import/preview", "file", bytes);
            assertThat(refused.status()).isEqualTo(400);
            assertThat(refused.text()).contains("this is no text");
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "KD-1,KD-1,Truck 1,B1,<b>,name,label,1,0,1,2 | kind",
                "a/b,KD-1,Truck 1,B1,capacitor,name,label,1,0,1,2 | id",
                "KD-1,KD-1,Truck 1,B1,capacitor,name,label,1,0,0x1p3,2 | cost",
                "KD-1,KD-1,Truck 1,B1,capacitor,name,label,1,0,1,5d | price",
                "KD-1,KD-1,Truck 1,B1,capacitor,name,label,1,0,NaN,2 | cost",
                "KD-1,KD-1,Truck 1,B1,capacitor,na\"me,\"label,1,0,1,2 | file"
            })
    void aLineThatIsNoneIsNamed(String line, String field) {
        var refused = bench.upload("/api/truck/import", "file", (HEAD + line + "\n").getBytes(StandardCharsets.UTF_8));
        assertThat(refused.status()).as(refused.text()).isEqualTo(400);
        assertThat(refused.json().at("/errors/0/field").asString()).contains(field);
        assertThat(refused.text()).doesNotContain("apache").doesNotContain("Exception");
    }

    @Test
    void aPhotoThatWasCutOffIsRefusedAndNothingIsLeft() throws IOException {
        BufferedImage image = new BufferedImage(400, 300, BufferedImage.TYPE_INT_RGB);
        for (int x = 0; x < 400; x++) {
            for (int y = 0; y < 300; y++) {
                image.setRGB(x, y, x * y * 7919);
            }
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, "jpg", out);
        String call = Bench.callTo(bench, "rooftop 1").call;
        String part = "/parts/"
                + bench.post(call + "/parts", "{\"kind\":\"capacitor\",\"place\":\"Outdoor unit\"}")
                        .json()
                        .at("/parts/0/id")
                        .asString();
        var cut = bench.upload(call + part + "/photos", "photo", Arrays.copyOf(out.toByteArray(), out.size() / 2));
        assertThat(cut.status()).as(cut.text()).isEqualTo(400);
        assertThat(cut.json().at("/errors/0/field").asString()).isEqualTo("photo");
        assertThat(bench.data().resolve("photos")).isDirectoryNotContaining("glob:**.part");
    }
}
