package zestbench.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpRequest;
import java.nio.charset.StandardCharsets;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DoorAndPhotoTest {
    private final RunningBench bench = RunningBench.demo();

    @ParameterizedTest(name = "Host {0}, Origin {1}: {2}")
    @CsvSource({
        "127.0.0.1,,200",
        "localhost,,200",
        "bench.example,,421",
        "127.0.0.1,http://evil.example,403",
        "127.0.0.1,null,403"
    })
    void onlyItsOwnNameAndItsOwnPagesGetIn(String host, String origin, int status) throws IOException {
        int port = URI.create(bench.address()).getPort();
        assertThat(rawGet(port, host + ":" + port, origin)).isEqualTo(status);
    }

    @Test
    void photosAreWrittenAnewUprightAndWithoutWhatTheCameraAdded() throws IOException {
        String part = aPart();
        byte[] photo = withExif(jpeg(80, 40), 6);
        var kept = upload(part, photo, "photo.jpg");
        assertThat(kept.status()).as(kept.text()).isEqualTo(200);
        String name = kept.json().at("/parts/0/photos/0").asString();
        byte[] stored = bench.get("/api/photos/" + name).raw().body();
        BufferedImage image = ImageIO.read(new ByteArrayInputStream(stored));
        assertThat(image.getWidth()).as("turned upright").isEqualTo(40);
        assertThat(image.getHeight()).isEqualTo(80);
        assertThat(new String(stored, StandardCharsets.ISO_8859_1))
                .doesNotContain("Exif")
                .doesNotContain("HARBOUR");
    }

    @Test
    void whatIsNoPictureIsRefusedAndKeepsNothing() {
        String part = aPart();
        var refused = upload(part, "<svg onload=alert(1)>".getBytes(StandardCharsets.UTF_8), "a.jpg");
        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.json().at("/errors/0/field").asString()).isEqualTo("photo");
        assertThat(bench.get("/api/photos/..%2F..%2Fetc%2Fpasswd").status()).isBetween(400, 404);
    }

    private String aPart() {
        long unit = bench.get("/api/units").json().at("/0/id").asLong();
        long call = bench.post("/api/calls", "{\"unitId\":" + unit + ",\"complaint\":\"photo\"}")
                .json()
                .at("/id")
                .asLong();
        String part = bench.post("/api/calls/" + call + "/parts", "{\"kind\":\"capacitor\",\"place\":\"Outdoor unit\"}")
                .json()
                .at("/parts/0/id")
                .asString();
        return "/api/calls/" + call + "/parts/" + part;
    }

    private RunningBench.Answer upload(String part, byte[] bytes, String name) {
        String boundary = "----zest";
        ByteArrayOutputStream body = new ByteArrayOutputStream();
        body.writeBytes(("--" + boundary + "\r\nContent-Disposition: form-data; name=\"photo\"; filename=\"" + name
                        + "\"\r\nContent-Type: image/jpeg\r\n\r\n")
                .getBytes(StandardCharsets.US_ASCII));
        body.writeBytes(bytes);
        body.writeBytes(("\r\n--" + boundary + "--\r\n").getBytes(StandardCharsets.US_ASCII));
        return bench.send(HttpRequest.newBuilder(URI.create(bench.address() + part + "/photos"))
                .header("X-Technician", "1")
                .header("Content-Type", "multipart/form-data; boundary=" + boundary)
                .POST(HttpRequest.BodyPublishers.ofByteArray(body.toByteArray()))
                .build());
    }

    private static byte[] jpeg(int width, int height) throws IOException {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        image.createGraphics().setBackground(Color.ORANGE);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, "jpg", out);
        return out.toByteArray();
    }

    /** Puts an Exif segment behind the start marker: the orientation, and a place name in the description. */
    private static byte[] withExif(byte[] jpeg, int orientation) {
        byte[] place = "HARBOUR 54N\0".getBytes(StandardCharsets.US_ASCII);
        ByteArrayOutputStream tiff = new ByteArrayOutputStream();
        tiff.writeBytes(new byte[] {'M', 'M', 0, 42, 0, 0, 0, 8, 0, 2});
        tiff.writeBytes(new byte[] {0x01, 0x0E, 0, 2, 0, 0, 0, (byte) place.length, 0, 0, 0, 38});
        tiff.writeBytes(new byte[] {0x01, 0x12, 0, 3, 0, 0, 0, 1, 0, (byte) orientation, 0, 0});
        tiff.writeBytes(new byte[] {0, 0, 0, 0});
        tiff.writeBytes(place);
        int length = 2 + 6 + tiff.size();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        out.write(jpeg, 0, 2);
        out.writeBytes(new byte[] {(byte) 0xFF, (byte) 0xE1, (byte) (length >> 8), (byte) length});
        out.writeBytes(new byte[] {'E', 'x', 'i', 'f', 0, 0});
        out.writeBytes(tiff.toByteArray());
        out.write(jpeg, 2, jpeg.length - 2);
        return out.toByteArray();
    }

    @Test
    void anUploadThatDripsIsNotWaitedForBeyondItsTime() throws IOException, InterruptedException {
        try (RunningBench hurried = RunningBench.start("--zest.upload-time=1s");
                Socket socket =
                        new Socket("127.0.0.1", URI.create(hurried.address()).getPort())) {
            socket.setSoTimeout(20_000);
            OutputStream out = socket.getOutputStream();
            String head = "POST /api/truck/import/preview HTTP/1.1\r\nHost: 127.0.0.1:"
                    + URI.create(hurried.address()).getPort()
                    + "\r\nContent-Type: multipart/form-data; boundary=zest\r\nX-Technician: 1\r\n"
                    + "Content-Length: 100000\r\nConnection: close\r\n\r\n"
                    + "--zest\r\nContent-Disposition: form-data; name=\"file\"; filename=\"truck.csv\"\r\n\r\n";
            out.write(head.getBytes(StandardCharsets.US_ASCII));
            InputStream in = socket.getInputStream();
            long from = System.nanoTime();
            while (in.available() == 0 && System.nanoTime() - from < 15e9) {
                out.write('x');
                out.flush();
                Thread.sleep(100);
            }
            byte[] answer = new byte[12];
            assertThat(in.readNBytes(answer, 0, answer.length)).isEqualTo(answer.length);
            assertThat(new String(answer, StandardCharsets.US_ASCII)).isEqualTo("HTTP/1.1 408");
        }
    }

    /** The client library sets Host itself, so this one speaks plain HTTP. */
    private static int rawGet(int port, String host, String origin) throws IOException {
        try (Socket socket = new Socket("127.0.0.1", port)) {
            OutputStream out = socket.getOutputStream();
            String request = "GET /api/people HTTP/1.1\r\nHost: " + host + "\r\n"
                    + (origin == null ? "" : "Origin: " + origin + "\r\n") + "Connection: close\r\n\r\n";
            out.write(request.getBytes(StandardCharsets.US_ASCII));
            InputStream in = socket.getInputStream();
            String answer = new String(in.readAllBytes(), StandardCharsets.UTF_8);
            return Integer.parseInt(answer.substring(9, 12));
        }
    }
}
