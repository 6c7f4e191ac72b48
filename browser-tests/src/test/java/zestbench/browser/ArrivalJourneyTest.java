package zestbench.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.FilePayload;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import zestbench.server.RunningBench;

/** Arriving at a unit: found by its serial, asked about, its plate proof-read, its supply read, locked out, drawn as found. */
class ArrivalJourneyTest {
    @Test
    void fromTheComplaintToTheFirstPart() throws IOException {
        try (Browsing at = Browsing.laptop(RunningBench.demo()).as("Tech 3")) {
            newCall(at);
            ask(at);
            readThePlate(at);
            readTheSupply(at);
            makeSafe(at);
            readTheWindings(at);
            drawTheContactor(at);
            theRecordKeepsIt(at);
        }
    }

    private static void newCall(Browsing at) {
        at.button("New call").click();
        at.page.getByLabel("Which unit?").fill("museum 3914");
        Locator units = at.page.locator("form .unit");
        assertThat(units).hasCount(1);
        assertThat(units.first()).containsText("rooftop 1");
        assertThat(units.first()).not().containsText("M17");
        units.first().click();
        at.page.getByLabel("Complaint, in their words").fill("Nothing outside runs");
        at.button("Start the call").click();
        assertThat(at.action()).containsText("Ask what ran");
    }

    private static Locator answer(Browsing at, String question, String words) {
        return at.page
                .locator("section[aria-label=Questions] .question", new Page.LocatorOptions().setHasText(question))
                .getByText(words, new Locator.GetByTextOptions().setExact(true));
    }

    private static void ask(Browsing at) {
        answer(at, "Indoor blower", "runs").click();
        answer(at, "Outdoor fan", "silent").click();
        answer(at, "Compressor", "silent").click();
        assertThat(at.page.locator(".next")).containsText("1 min");
        at.button("what is seen and measured at the unit").click();
        answer(at, "24 V at the coil", "not there").click();
        assertThat(at.tape()).containsText("24 V at the coil: not there");
        Locator first = at.page.locator(".suspect").first();
        String before = first.innerText();
        first.click();
        assertThat(at.page.locator("div.why")).containsText("Settled by");
        assertThat(at.page.locator("div.why")).containsText("For");
        answer(at, "24 V at the transformer", "not there").click();
        assertThat(at.page.locator(".suspect").first()).not().hasText(before);
        assertThat(at.tape()).containsText("24 V at the transformer: not there");
    }

    private static void readThePlate(Browsing at) {
        at.page
                .locator(".rail .step", new Page.LocatorOptions().setHasText("Plate"))
                .click();
        assertThat(at.page.locator(".plate-face")).containsText("16.1");
        at.page.getByLabel("Type more of it").fill("COMPRESSOR RLA 76.1 LRA 96");
        assertThat(at.page.getByText("DOES NOT AGREE").first()).isVisible();
        assertThat(at.page.getByText("The plate prints 26.6 A.")).isVisible();
        at.button("RLA 16.1, not 76.1").first().click();
        assertThat(at.page.getByText("DOES NOT AGREE")).hasCount(0);
        at.action().click();
        assertThat(at.tape()).containsText("RLA");
        at.exactButton("Indoor coil").click();
        at.page.getByLabel("Plate, as it is printed").fill("COIL MODEL QC-60 R-22 PISTON");
        at.action().click();
        assertThat(at.page.getByText("R-22").first()).isVisible();
        assertThat(at.page.locator("section[aria-label=STOP]")).containsText("R-410A");
    }

    private static void readTheSupply(Browsing at) {
        at.exactButton("Supply").click();
        at.exactButton("Line side").click();
        at.reading("231");
        at.reading("117");
        at.reading("114");
        Locator stop = at.page.locator("section[aria-label=STOP]");
        assertThat(stop).containsText("is lost");
        assertThat(stop).containsText("back");
        assertThat(stop).containsText("Fuses out: read them by ohms");
        assertThat(at.tape()).containsText("FAILED");
        at.exactButton("Coil").click();
        at.reading("0.3");
        assertThat(at.page.locator(".findings")).containsText("batter");
    }

    private static void makeSafe(Browsing at) {
        at.page
                .locator(".rail .step", new Page.LocatorOptions().setHasText("Make safe"))
                .click();
        assertThat(at.page.getByText("Power was seen on.")).isVisible();
        at.page.getByLabel("Disconnect pulled and locked").check();
        at.page.keyboard().press("5");
        at.page.keyboard().press("Enter");
        assertThat(at.page.getByText("a meter is proved on a source known to be live"))
                .isVisible();
        // what was refused stands in its row again
        assertThat(at.page.locator(".pair.on")).containsText("5");
        at.page.keyboard().press("Backspace");
        at.reading("229");
        int pairs = at.page.locator(".place .pair").count();
        for (int pair = 0; pair < pairs; pair++) {
            at.reading("0.1");
        }
        at.reading("230");
        assertThat(at.page.getByText("PROVED AGAIN")).isVisible();
        at.page.getByLabel("24 V from the indoor unit").check();
        assertThat(at.page.locator(".rail")).containsText("DEAD");
        at.button("power is on again").click();
        assertThat(at.page.locator(".rail")).containsText("power is on");
        assertThat(at.page.locator("section.work").getByText("METER PROVED")).isHidden();
        assertThat(at.page.locator(".pair.on")).containsText("LIVE SOURCE");
    }

    private static void readTheWindings(Browsing at) {
        at.page
                .locator(".rail .step", new Page.LocatorOptions().setHasText("Plate"))
                .click();
        at.exactButton("Windings").click();
        at.exactButton("T1 T2 T3").click();
        at.exactButton("cool").click();
        at.reading("1.2");
        at.reading("1.2");
        at.reading("1.2");
        assertThat(at.page.getByText("mean 1.20 Ω")).isVisible();
        at.page.keyboard().type("0.02");
        at.page.keyboard().press("Enter");
        assertThat(at.page.locator(".findings")).containsText("No more fuses");
        at.action().click();
        assertThat(at.tape()).containsText("Windings, compressor");
    }

    private static void drawTheContactor(Browsing at) throws IOException {
        at.page
                .locator(".rail .step", new Page.LocatorOptions().setHasText("Plate"))
                .click();
        at.exactButton("As found").click();
        Locator contactor = at.page.locator(".place", new Page.LocatorOptions().setHasText("Contactor"));
        contactor.click();
        at.page
                .locator("section.work input[type=file]")
                .setInputFiles(new FilePayload("contactor.png", "image/png", picture()));
        assertThat(at.page.getByAltText("Photo 1 as found")).isVisible();
        at.page.getByLabel("Wire 1: colour").selectOption("black");
        at.page.getByLabel("Wire 1: leads to").fill("fuse 1");
        at.page.getByLabel("Wire 4: colour").selectOption("blue");
        at.page.getByLabel("Wire 4: leads to").fill("compressor T1");
        assertThat(at.page.locator(".drawn")).containsText("compressor T1");
        at.action().click();
        assertThat(contactor).containsText("2 wires, 1 photo");
    }

    private static byte[] picture() throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(40, 30, BufferedImage.TYPE_INT_RGB), "png", out);
        return out.toByteArray();
    }

    private static void theRecordKeepsIt(Browsing at) {
        at.page.locator(".rail h1 a").click();
        assertThat(at.page.locator(".zb-facts").first()).containsText("M17-P203914");
        assertThat(at.page.locator(".visit").first()).containsText("Nothing outside runs");
        assertThat(at.page
                        .locator(".visit")
                        .filter(new Locator.FilterOptions().setHasText("Spring check"))
                        .first())
                .containsText("µF");
    }
}
