package zestbench.server.vision;

import static org.assertj.core.api.Assertions.assertThat;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.oned.Code128Writer;
import com.google.zxing.qrcode.QRCodeWriter;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpRequest;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Iterator;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriter;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import zestbench.server.RunningBench;

/** Made-up pictures of labels through the open interface; each look is drawn by {@code ./zest pictures}. */
class ReadPhotoTest {
    private static final RunningBench BENCH = RunningBench.demo();
    private static final String PATH = "/api/read-photo";

    private static byte[] picture(String name) throws IOException {
        try (var in = ReadPhotoTest.class.getResourceAsStream("/pictures/" + name + ".jpg")) {
            return in.readAllBytes();
        }
    }

    private static RunningBench.Answer read(byte[] picture, String type) {
        return read(picture, type, "");
    }

    private static RunningBench.Answer read(byte[] picture, String type, String query) {
        return BENCH.send(HttpRequest.newBuilder(URI.create(BENCH.address() + PATH + query))
                .header("Content-Type", type)
                .POST(HttpRequest.BodyPublishers.ofByteArray(picture))
                .build());
    }

    @ParameterizedTest
    @CsvSource({"plate-aslant, 0", "plate-dim, 0", "plate-upside-down, 180", "plate-on-its-side, 270", "plate-rust, 0"})
    void aPlateIsReadHoweverItLies(String name, int turned) throws IOException {
        JsonNode answer = read(picture(name), "image/jpeg").json();
        assertThat(answer.at("/turned").asInt()).isEqualTo(turned);
        assertThat(answer.at("/kind").asString()).isEqualTo("unit-plate");
        JsonNode fields = answer.at("/fields");
        assertThat(fields.at("/model").asString()).isEqualTo("HC42-1B");
        assertThat(fields.at("/serial").asString()).isEqualTo("1412H20747");
        assertThat(fields.at("/compressors/0/ratedLoadAmps").asDouble()).isEqualTo(17.6);
        assertThat(fields.at("/compressors/0/lockedRotorAmps").asDouble()).isEqualTo(96);
        assertThat(fields.at("/outdoorFans/0/fullLoadAmps").asDouble()).isEqualTo(1.3);
        assertThat(fields.at("/outdoorFans/0/horsepower").asDouble()).isEqualTo(.2);
        assertThat(fields.at("/minimumCircuitAmps").asDouble()).isEqualTo(23.3);
        assertThat(fields.at("/maximumFuseAmps").asInt()).isEqualTo(40);
        assertThat(fields.at("/refrigerant").asString()).isEqualTo("R-410A");
        assertThat(fields.at("/lowSideDesignPsig").asInt()).isEqualTo(250);
    }

    @ParameterizedTest
    @CsvSource({
        "can-plain, capacitor, /sections/0/microfarads, 45",
        "can-blur, capacitor, /sections/1/microfarads, 5",
        "motor-glare, motor, /capacitorMicrofarads, 5",
        "motor-perspective, motor, /horsepower, 0.25",
        "contactor-embossed, contactor, /lockedRotorAmps, 150",
        "can-curved, capacitor, /sections/0/microfarads, 45",
        "can-small, capacitor, /volts, 440",
        "fuse-serif, fuse, /interruptingKiloamps, 200",
        "fuse-dots, fuse, /amps, 30",
        "transformer-dots, transformer, /voltAmps, 40"
    })
    void everyLookIsRead(String name, String kind, String field, double value) throws IOException {
        JsonNode answer = read(picture(name), "image/jpeg", "?kind=auto").json();
        assertThat(answer.at("/kind").asString()).isEqualTo(kind);
        assertThat(answer.at("/fields" + field).asDouble()).isEqualTo(value);
    }

    /** Every field of every picture but the worn one; its missing digit is seen to below. */
    @Test
    void nothingOfThePicturesIsMissedOrWrong() throws IOException {
        PictureFields.Share all = new PictureFields.Share(0, 0, 0);
        try (Stream<Path> pictures = Files.list(Path.of("src/test/resources/pictures"))) {
            for (Path picture : pictures.filter(p -> p.toString().endsWith(".jpg"))
                    .filter(p -> !p.toString().contains("worn"))
                    .toList()) {
                JsonNode answer =
                        read(Files.readAllBytes(picture), "image/jpeg").json();
                all = all.and(PictureFields.of(picture.getFileName().toString(), answer));
            }
        }
        assertThat(all.asked()).isGreaterThan(120);
        assertThat(all.rightShare()).as(all.toString()).isGreaterThanOrEqualTo(.98);
        assertThat(all.wrong()).as(all.toString()).isZero();
    }

    /** Half of a 7 is worn away: what is left is no figure, and none is made up. */
    @Test
    void aWornDigitIsNotMadeUp() throws IOException {
        JsonNode answer = read(picture("plate-worn"), "image/jpeg").json();
        assertThat(answer.at("/fields/compressors/0").has("ratedLoadAmps")).isFalse();
        assertThat(answer.at("/fields/compressors/0/lockedRotorAmps").asDouble())
                .isEqualTo(96);
        assertThat(answer.at("/unread").toString()).contains("RLA");
    }

    @Test
    void eachPieceHasItsTextAndItsPlace() throws IOException {
        JsonNode answer = BENCH.upload(PATH + "?kind=capacitor", "photo", picture("can-plain"))
                .json();
        String text = answer.at("/text").asString();
        int width = answer.at("/width").asInt();
        assertThat(width).isEqualTo(1200);
        assertThat(answer.at("/lines")).isNotEmpty();
        for (JsonNode piece : answer.at("/reads")) {
            assertThat(text.substring(
                            piece.at("/start").asInt(), piece.at("/end").asInt()))
                    .isEqualTo(piece.at("/text").asString());
            assertThat(piece.at("/box")).hasSize(4);
            assertThat(piece.at("/box/0/0").asInt()).isBetween(0, width);
            assertThat(piece.at("/box/1/0").asInt())
                    .isGreaterThan(piece.at("/box/0/0").asInt());
        }
    }

    @Test
    void whatTheCameraNotedOfItsTurnCounts() throws IOException {
        byte[] aside = picture("plate-on-its-side");
        JsonNode plain = read(aside, "image/jpeg").json();
        JsonNode noted = read(withOrientation(aside, 8), "image/jpeg").json();
        assertThat(noted.at("/turned")).isEqualTo(plain.at("/turned"));
        assertThat(noted.at("/width")).isEqualTo(plain.at("/width"));
        assertThat(noted.at("/fields")).isEqualTo(plain.at("/fields"));
    }

    @Test
    void aCodeIsReadBesideTheText() throws IOException, WriterException {
        BitMatrix code = new QRCodeWriter().encode("https://bench.example/u/7", BarcodeFormat.QR_CODE, 300, 300);
        BufferedImage image = ImageIO.read(ReadPhotoTest.class.getResource("/pictures/fuse-serif.jpg"));
        draw(image, code, 860, 560);
        JsonNode answer = read(written(image, "png"), "image/png").json();
        assertThat(answer.at("/codes/0/format").asString()).isEqualTo("QR_CODE");
        assertThat(answer.at("/codes/0/text").asString()).isEqualTo("https://bench.example/u/7");
        assertThat(answer.at("/codes/0/box/0/0").asInt()).isBetween(860, 1160);
        assertThat(answer.at("/fields/amps").asInt()).isEqualTo(30);
    }

    /** The code stands beside a serial of which one sign is rubbed off. */
    @Test
    void aBarCodeBeatsWhatWasRecognised() throws IOException, WriterException {
        BufferedImage image = ImageIO.read(ReadPhotoTest.class.getResource("/pictures/plate-aslant.jpg"));
        draw(image, new Code128Writer().encode("1412H2O747", BarcodeFormat.CODE_128, 420, 80), 400, 700);
        JsonNode answer = read(written(image, "png"), "image/png").json();
        assertThat(answer.at("/codes/0/format").asString()).isEqualTo("CODE_128");
        assertThat(answer.at("/fields/serial").asString())
                .as("the plate prints 1412H20747")
                .isEqualTo("1412H2O747");
        assertThat(answer.at("/fields/model").asString()).isEqualTo("HC42-1B");
    }

    @Test
    void oneOfSeveralLabelsIsReadAndTheOthersAreTold() throws IOException {
        byte[] both = beside("can-plain", "fuse-serif");
        JsonNode any = read(both, "image/png", "?kind=auto").json();
        assertThat(any.at("/doubts/0/field").asString()).isEqualTo("photo");
        assertThat(any.at("/doubts/0/why").asString()).contains("several labels");
        JsonNode can = read(both, "image/png", "?kind=capacitor").json();
        assertThat(can.at("/fields/sections")).hasSize(2);
        assertThat(can.at("/fields/volts").asInt()).isEqualTo(440);
        assertThat(can.at("/text").asString()).doesNotContain("FUSE");
        JsonNode fuse = read(both, "image/png", "?kind=fuse").json();
        assertThat(fuse.at("/fields/amps").asInt()).isEqualTo(30);
        assertThat(fuse.at("/text").asString()).doesNotContain("MFD");
        JsonNode shown = BENCH.upload("/api/label-photo", "photo", both).json();
        assertThat(shown.at("/others")).hasSize(1);
        assertThat(shown.at("/others/0/box")).hasSize(4);
    }

    @Test
    void aPanelStickerLeadsToItsUnitAndAnothersDoesNot() throws IOException, WriterException {
        JsonNode ours = scanned(BENCH.address() + "/units/3");
        assertThat(ours.at("/unit").asInt()).isEqualTo(3);
        assertThat(ours.at("/words").asString()).isNotBlank();
        assertThat(scanned("https://other.example/units/3").has("unit")).isFalse();
        assertThat(scanned("https://other.example/units/3").at("/words").asString())
                .contains("another bench");
        assertThat(scanned("https://127.0.0.1/units/3?unit=of-another-bench").has("unit"))
                .as("benches number their units alike")
                .isFalse();
        assertThat(scanned(BENCH.address() + "/units/999999").at("/words").asString())
                .contains("not on this bench");
        assertThat(scanned("1412H20747").at("/words").asString()).contains("No panel sticker");
        assertThat(BENCH.upload("/api/scan", "photo", "no picture".getBytes()).status())
                .isEqualTo(415);
    }

    private static JsonNode scanned(String code) throws IOException, WriterException {
        BufferedImage image = new BufferedImage(800, 600, BufferedImage.TYPE_INT_RGB);
        draw(image, new QRCodeWriter().encode(code, BarcodeFormat.QR_CODE, 300, 300), 200, 100);
        return BENCH.upload("/api/scan", "photo", written(image, "png")).json();
    }

    @Test
    void aWebPictureIsOne() throws IOException {
        byte[] picture;
        try (var in = ReadPhotoTest.class.getResourceAsStream("/pictures/can.webp")) {
            picture = in.readAllBytes();
        }
        assertThat(read(picture, "image/webp").json().at("/fields/volts").asInt())
                .isEqualTo(440);
    }

    private static void draw(BufferedImage image, BitMatrix code, int left, int top) {
        for (int x = 0; x < code.getWidth(); x++) {
            for (int y = 0; y < code.getHeight(); y++) {
                image.setRGB(left + x, top + y, code.get(x, y) ? 0 : 0xffffff);
            }
        }
    }

    /** Two pictures as one, the one below the other. */
    private static byte[] beside(String first, String second) throws IOException {
        BufferedImage a = ImageIO.read(ReadPhotoTest.class.getResource("/pictures/" + first + ".jpg"));
        BufferedImage b = ImageIO.read(ReadPhotoTest.class.getResource("/pictures/" + second + ".jpg"));
        BufferedImage both = new BufferedImage(a.getWidth(), a.getHeight() + b.getHeight(), BufferedImage.TYPE_INT_RGB);
        both.getGraphics().drawImage(a, 0, 0, null);
        both.getGraphics().drawImage(b, 0, a.getHeight(), null);
        return written(both, "png");
    }

    @Test
    void aPictureWithoutTextSaysWhatToDo() throws IOException {
        JsonNode answer = read(written(new BufferedImage(640, 480, BufferedImage.TYPE_INT_RGB), "png"), "image/png")
                .json();
        assertThat(answer.at("/fields")).isEmpty();
        assertThat(answer.at("/doubts/0/why").asString()).contains("nearer");
        assertThat(answer.at("/text").asString()).isEmpty();
    }

    @Test
    void whatIsNoPictureOrTooLargeIsRefusedInWords() throws IOException {
        assertThat(read("no picture".getBytes(), "image/png").status()).isEqualTo(415);
        assertThat(read("no picture".getBytes(), "application/pdf").status()).isEqualTo(415);
        assertThat(BENCH.upload(PATH, "photo", "no picture".getBytes()).text()).contains("JPEG, PNG or WebP");
        byte[] cut = Arrays.copyOf(written(new BufferedImage(64, 64, BufferedImage.TYPE_INT_RGB), "png"), 60);
        assertThat(read(cut, "image/png").status()).isEqualTo(415);
        byte[] large = written(new BufferedImage(5000, 5000, BufferedImage.TYPE_BYTE_BINARY), "png");
        assertThat(read(large, "image/png").status()).isEqualTo(413);
        assertThat(read(large, "image/png").text()).contains("25 megapixels").contains("up to 20");
        assertThat(read(new byte[15 * 1024 * 1024 + 1], "image/jpeg").status()).isEqualTo(413);
        assertThat(read(picture("can-plain"), "image/jpeg", "?kind=sandwich").status())
                .isEqualTo(400);
        assertThat(BENCH.upload(PATH, "other", picture("can-plain")).status()).isEqualTo(400);
    }

    @Test
    void oneIsReadAtATimeAndTheQueueIsShort() throws IOException {
        byte[] plate = picture("plate-aslant");
        List<CompletableFuture<RunningBench.Answer>> all = IntStream.range(0, 9)
                .mapToObj(i -> CompletableFuture.supplyAsync(
                        () -> BENCH.upload(PATH, "photo", plate), task -> new Thread(task).start()))
                .toList();
        List<Integer> answers = all.stream().map(f -> f.join().status()).toList();
        assertThat(answers).contains(200, 503).containsOnly(200, 503);
        RunningBench.Answer busy = all.stream()
                .map(CompletableFuture::join)
                .filter(a -> a.status() == 503)
                .findFirst()
                .orElseThrow();
        assertThat(busy.raw().headers().firstValue("Retry-After")).isPresent();
    }

    private static byte[] written(BufferedImage image, String format) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        Iterator<ImageWriter> writers = ImageIO.getImageWritersByFormatName(format);
        ImageWriter writer = writers.next();
        try (var to = ImageIO.createImageOutputStream(out)) {
            writer.setOutput(to);
            writer.write(new IIOImage(image, null, null));
        } finally {
            writer.dispose();
        }
        return out.toByteArray();
    }

    /** A JPEG with an Exif segment that says nothing but how the camera was held (TIFF 6.0, tag 0x112). */
    private static byte[] withOrientation(byte[] jpeg, int orientation) {
        byte[] exif = {
            (byte) 0xff,
            (byte) 0xe1,
            0,
            34,
            'E',
            'x',
            'i',
            'f',
            0,
            0,
            'M',
            'M',
            0,
            42,
            0,
            0,
            0,
            8,
            0,
            1,
            1,
            0x12,
            0,
            3,
            0,
            0,
            0,
            1,
            0,
            (byte) orientation,
            0,
            0,
            0,
            0,
            0,
            0
        };
        byte[] out = new byte[jpeg.length + exif.length];
        System.arraycopy(jpeg, 0, out, 0, 2);
        System.arraycopy(exif, 0, out, 2, exif.length);
        System.arraycopy(jpeg, 2, out, 2 + exif.length, jpeg.length - 2);
        return out;
    }
}
