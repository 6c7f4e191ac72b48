package zestbench.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import java.nio.file.Path;
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
            at.page.locator(".photo-way input").setInputFiles(PICTURES.resolve("plate-on-its-side.jpg"));
            Locator look = at.page.getByLabel("Read from your photo");
            assertThat(look.locator("h2")).hasText("Unit plate");
            assertThat(look).containsText("RLA 17.6");
            assertThat(look.locator("svg.photo")).hasAttribute("viewBox", "0 0 900 1200");
            assertThat(look).not().containsText("1412H20");
            at.exactButton("Keep this label").click();
            at.button("Keep this plate").click();
            assertThat(at.page.locator("section.work")).containsText("17.6");
        }
    }
}
