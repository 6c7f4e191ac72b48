package zestbench.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Path;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import zestbench.server.RunningBench;

/** From a photo to the fields, in the real screen: one look, one keep, and the photo stays with its part. */
class PhotoTest {
    private static final Path PICTURES = Path.of("../server/src/test/resources/pictures");

    private static Browsing at(RunningBench bench, String how) {
        return how.equals("phone") ? Browsing.phone(bench) : Browsing.laptop(bench);
    }

    @ParameterizedTest
    @ValueSource(strings = {"laptop", "phone"})
    void aLabelIsReadFromItsPhotoBeforeAnyCallExists(String how) {
        RunningBench bench = RunningBench.demo();
        try (Browsing at = at(bench, how).as("Tech 3")) {
            at.page.locator(".photo-way input").setInputFiles(PICTURES.resolve("can-blur.jpg"));
            Locator look = at.page.getByLabel("Read from your photo");
            assertThat(look.locator("h2")).hasText("Run capacitor");
            assertThat(look).containsText("45/5 MFD");
            look.locator(".field").first().click();
            assertThat(look.locator(".box.lit")).hasCount(1);
            at.exactButton("Keep this label").click();
            assertThat(look).isHidden();
            assertThat(at.page.locator(".answer")).containsText("45+5 µF 440 V");
            at.button("See the").click();
            at.page.locator("section.work").waitFor();
            assertThat(at.tape()).containsText("45/5 MFD");
            assertThat(at.tape()).containsText("Photo");
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"laptop", "phone"})
    void aPlateThatLiesOnItsSideStandsUprightAndIsProofRead(String how) {
        RunningBench bench = RunningBench.demo();
        try (Browsing at = at(bench, how).as("Tech 3")) {
            at.button("+ New call").click();
            at.page.getByLabel("Which unit?").fill("rooftop 1");
            at.page.locator(".unit").first().click();
            at.page.getByLabel("Complaint, in their words").fill("Warm");
            at.button("Start the call").click();
            at.page.locator("section.work").waitFor();
            if (at.exactButton("Parts").isVisible()) {
                at.exactButton("Parts").click();
            }
            at.page
                    .locator(".rail .step", new com.microsoft.playwright.Page.LocatorOptions().setHasText("Plate"))
                    .click();
            at.page.locator("section.work .photo-way input").setInputFiles(PICTURES.resolve("plate-on-its-side.jpg"));
            Locator look = at.page.getByLabel("Read from your photo");
            // the first photo of a bench waits for its models, longer where the machine is crowded
            assertThat(look.locator("h2"))
                    .hasText("Unit plate", new LocatorAssertions.HasTextOptions().setTimeout(60_000));
            assertThat(look).containsText("RLA 17.6");
            assertThat(look.locator("svg.photo")).hasAttribute("viewBox", "0 0 900 1200");
            assertThat(look).not().containsText("1412H20");
            at.exactButton("Keep this label").click();
            at.button("Keep this plate").click();
            assertThat(at.page.locator("section.work")).containsText("17.6");
            assertThat(at.page.locator("section.work .strip img")).hasCount(1);
            String call = at.page.url().replaceAll(".*/calls/", "/api/calls/");
            at.page.navigate(
                    bench.address() + "/units/" + bench.get(call).json().at("/unit/id"));
            assertThat(at.page.getByAltText("Photo of the plate")).isVisible();
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"laptop", "phone"})
    void theOtherLabelOfAPhotoIsOneTapAway(String how, @TempDir Path folder) throws IOException {
        BufferedImage can = ImageIO.read(PICTURES.resolve("can-plain.jpg").toFile());
        BufferedImage fuse = ImageIO.read(PICTURES.resolve("fuse-serif.jpg").toFile());
        BufferedImage both =
                new BufferedImage(can.getWidth(), can.getHeight() + fuse.getHeight(), BufferedImage.TYPE_INT_RGB);
        both.getGraphics().drawImage(can, 0, 0, null);
        both.getGraphics().drawImage(fuse, 0, can.getHeight(), null);
        Path picture = folder.resolve("both.png");
        ImageIO.write(both, "png", picture.toFile());
        RunningBench bench = RunningBench.demo();
        try (Browsing at = at(bench, how).as("Tech 3")) {
            at.page.locator(".photo-way input").setInputFiles(picture);
            Locator look = at.page.getByLabel("Read from your photo");
            assertThat(look).containsText("2 labels on this photo");
            String first = look.locator("h2").innerText();
            String other = first.equals("Fuses") ? "Run capacitor" : "Fuses";
            look.locator(".also button").click();
            assertThat(look.locator("h2")).hasText(other);
            assertThat(look).not().containsText("2 labels");
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"laptop", "phone"})
    void aPanelStickerOpensItsUnit(String how, @TempDir Path folder) throws IOException, WriterException {
        RunningBench bench = RunningBench.demo();
        Path sticker = folder.resolve("sticker.png");
        BitMatrix code = new QRCodeWriter().encode(bench.address() + "/units/3", BarcodeFormat.QR_CODE, 400, 400);
        BufferedImage image = new BufferedImage(400, 400, BufferedImage.TYPE_INT_RGB);
        for (int x = 0; x < code.getWidth(); x++) {
            for (int y = 0; y < code.getHeight(); y++) {
                image.setRGB(x, y, code.get(x, y) ? 0 : 0xffffff);
            }
        }
        ImageIO.write(image, "png", sticker.toFile());
        try (Browsing at = at(bench, how).as("Tech 3")) {
            Locator scan = at.page.getByLabel("Scan");
            scan.setInputFiles(PICTURES.resolve("can-plain.jpg"));
            assertThat(at.page.getByRole(AriaRole.ALERT)).containsText("No panel sticker was found");
            scan.setInputFiles(sticker);
            at.page.waitForURL("**/units/3");
            assertThat(at.page.locator("h1")).containsText("rooftop 2");
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"laptop", "phone"})
    void onACallThePhotoOfALabelGoesThroughTheQuickLine(String how) {
        RunningBench bench = RunningBench.demo();
        try (Browsing at = at(bench, how).as("Tech 3")) {
            at.page.navigate(bench.address() + "/quick");
            at.page.locator("section.work").waitFor();
            if (how.equals("phone")) {
                at.page.getByLabel("Quick line: type a label").click();
            }
            at.page.locator(".quick .photo-way input").setInputFiles(PICTURES.resolve("can-plain.jpg"));
            Locator look = at.page.getByLabel("Read from your photo");
            assertThat(look.locator("h2")).hasText("Run capacitor");
            at.exactButton("Keep this label").click();
            assertThat(at.page.locator(".quick .seen")).containsText("45+5 µF");
            at.page.keyboard().press("Enter");
            assertThat(at.tape()).containsText("45/5 MFD");
            assertThat(at.tape()).containsText("Photo attached");
        }
    }
}
