package zestbench.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.LoadState;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import javax.imageio.ImageIO;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import zestbench.server.RunningBench;

/** Ways off the straight path: stopgaps, parts bought on the way, readings under load, strikes, another hand. */
class OtherWaysTest {
    private final RunningBench bench = RunningBench.demo();

    @Test
    void aStopgapAsksForItsDayAndIsDueOnTheCalls() {
        try (Browsing at = Browsing.laptop(bench).as("Tech 1")) {
            partWith(at, "42.5 MFD 440VAC ±6%");
            at.reading("31.2");
            at.action().click();
            at.page
                    .locator(".pick", new Page.LocatorOptions().setHasText("STOPGAP"))
                    .first()
                    .click();
            at.action().click();
            assertThat(at.page.getByText("A stopgap comes out again: say by which day."))
                    .isVisible();
            at.page.getByLabel("Stopgap: comes out by").fill("2021-03-04");
            at.action().click();
            assertThat(at.page.getByText("What is on each terminal")).isVisible();
            at.page.keyboard().press("Alt+4");
            assertThat(at.page.getByText("Comes out by 2021-03-04")).isVisible();
            at.button("put it back on the truck").click();
            assertThat(at.page.locator(".board")).isVisible();
        }
    }

    @Test
    void aPartBoughtOnTheWayIsTypedInByItsLabel() {
        try (Browsing at = Browsing.laptop(bench).as("Tech 1")) {
            partWith(at, "45/5 MFD 440VAC ±6%");
            at.page.keyboard().press("Alt+4");
            at.button("Bought on the way").click();
            at.page.getByLabel("Label of the part at hand").fill("45/5 MFD 370 VAC ±6%");
            at.button("Compare it").click();
            assertThat(at.page.locator(".board")).containsText("REFUSED");
            assertThat(at.action()).isDisabled();
            at.page.getByLabel("Label of the part at hand").fill("45/5 MFD 480 VAC ±5%");
            at.button("Compare it").click();
            assertThat(at.page.locator(".board")).containsText("SUITABLE");
            at.action().click();
            assertThat(at.tape()).containsText("Chosen: 45+5 µF");
        }
    }

    @Test
    void aReadingUnderLoadIsWorkedOutFromAmpsAndVolts() {
        try (Browsing at = Browsing.laptop(bench).as("Tech 1")) {
            partWith(at, "45 MFD 440VAC ±6%");
            at.button("under load instead").click();
            assertThat(at.page.getByText("Power is on: keep hands")).isVisible();
            at.page.keyboard().type("5.9");
            at.page.keyboard().press("Enter");
            at.page.keyboard().type("348");
            assertThat(at.page.getByText("44.97 µF").first()).isVisible();
            at.page.keyboard().press("Enter");
            assertThat(at.tape()).containsText("44.97");
            assertThat(at.tape()).containsText("under load");
        }
    }

    @Test
    void aLineIsStruckAndTheReadingTakenAgain() {
        try (Browsing at = Browsing.laptop(bench).as("Tech 1")) {
            partWith(at, "45 MFD 440VAC ±6%");
            at.reading("3.1");
            assertThat(at.tape()).containsText("FAILED");
            at.tape().getByText("rated 45").first().click();
            assertThat(at.tape()).containsText("45 µF −6 % = 42.3");
            at.button("Strike this line").click();
            at.page.getByLabel("Why (lead slipped").fill("lead slipped");
            at.button("Strike it").click();
            assertThat(at.page.locator("[data-tape] .struck")).hasCount(1);
            at.reading("44.8");
            assertThat(at.page.locator(".rail .part").last()).containsText("GOOD");
            at.page.keyboard().press("Alt+3");
            at.action().click();
            at.page.getByLabel("A word for the next person").fill("spade was loose");
            at.button("Close the part").click();
            assertThat(at.tape()).containsText("Not needed: spade was loose");
        }
    }

    @Test
    void aFieldIsCorrectedByHandAndAWrongFigureSaysWhatWouldBeRight() {
        try (Browsing at = Browsing.laptop(bench).as("Tech 1")) {
            openPart(at);
            at.page.getByLabel("Label, as it is printed").fill("45/5 MFD 440VAC");
            Locator volts = at.page.getByLabel("Voltage in V");
            volts.fill("lots");
            volts.press("Enter");
            assertThat(at.page.getByText("\"lots\" is no figure in V: write it as 7.5"))
                    .isVisible();
            volts.fill("370");
            volts.press("Enter");
            assertThat(at.page.getByText("by hand").first()).isVisible();
            at.action().click();
            assertThat(at.page.locator("header .rating")).containsText("45+5 µF 370 V");
        }
    }

    @Test
    void photosAreKeptAndWhatIsNoneIsRefused() throws IOException {
        try (Browsing at = Browsing.laptop(bench).as("Tech 1")) {
            partWith(at, "45/5 MFD 440VAC ±6%");
            at.page.keyboard().press("Alt+4");
            at.page.locator(".board").waitFor();
            at.action().click();
            Locator file = at.page.locator("main input[type=file]");
            file.setInputFiles(new FilePayload("no.jpg", "image/jpeg", "text".getBytes(StandardCharsets.UTF_8)));
            assertThat(at.page.getByText("this is no picture that can be read")).isVisible();
            ByteArrayOutputStream png = new ByteArrayOutputStream();
            ImageIO.write(new BufferedImage(60, 40, BufferedImage.TYPE_INT_RGB), "png", png);
            file.setInputFiles(new FilePayload("wiring.png", "image/png", png.toByteArray()));
            assertThat(at.page.getByAltText("Photo 1 as found")).isVisible();
        }
    }

    @Test
    void theBenchIsMirroredForTheLeftHandAndDarkForAttics() {
        try (Browsing at = Browsing.laptop(bench).as("Tech 1")) {
            at.go("/quick");
            Locator rail = at.page.locator(".rail");
            rail.waitFor();
            double before = rail.boundingBox().x;
            at.button("TECH 1").click();
            at.page.getByLabel("Mirrored for the left hand").check();
            at.exactButton("night, for attics").click();
            at.page.getByLabel("Single keys without Alt").uncheck();
            at.page.keyboard().press("Escape");
            at.page.waitForCondition(() -> rail.boundingBox().x > before + 400);
            Assertions.assertThat(at.page.evaluate("getComputedStyle(document.body).backgroundColor"))
                    .isEqualTo("rgb(15, 21, 18)");
            at.page.keyboard().press("?");
            assertThat(at.page.getByText("Steps of the part: Read")).isHidden();
            at.page.reload();
            rail.waitFor();
            Assertions.assertThat(rail.boundingBox().x)
                    .as("it stays so after a reload")
                    .isGreaterThan(before + 400);
        }
    }

    @Test
    void anotherDeviceGivesTheAccessCodeAndWhoWorksIsSwitchedInOneTap() {
        try (RunningBench shared = RunningBench.start("--zest.host=127.0.0.1");
                Browsing at = Browsing.phone(shared)) {
            at.go("/");
            at.page.waitForLoadState(LoadState.NETWORKIDLE);
            at.page.getByLabel("Access code").fill("WRONG");
            at.page.getByLabel("Name of this device").fill("Truck 1 phone");
            at.button("Let it in").click();
            assertThat(at.page.getByText("That is not the code")).isVisible();
            at.page.getByLabel("Access code").fill(shared.code().toLowerCase(java.util.Locale.ROOT));
            at.button("Let it in").click();
            at.button("Tech 1").click();
            at.button("Understood: open the bench").click();
            at.page
                    .getByRole(
                            AriaRole.HEADING,
                            new Page.GetByRoleOptions().setName("Today").setExact(true))
                    .waitFor();
            at.button("TECH 1").click();
            at.button("Tech 2").click();
            assertThat(at.button("Understood: open the bench")).isVisible();
            at.button("Understood: open the bench").click();
            assertThat(at.button("TECH 2")).isVisible();
        }
    }

    @Test
    void anEmptyBenchSaysWhatToDoNext() {
        try (RunningBench empty = RunningBench.start("--zest.demo=false");
                Browsing at = Browsing.laptop(empty)) {
            at.go("/");
            at.button("That is me").click();
            assertThat(at.page.getByText("Give a name; it goes on the tape")).isVisible();
            at.page.getByLabel("Your name").fill("Tech 7");
            at.button("That is me").click();
            at.button("Understood: open the bench").click();
            assertThat(at.page.getByText("No open call. Type a label above")).isVisible();
            at.button("New call").click();
            at.page
                    .getByLabel("Site", new Page.GetByLabelOptions().setExact(true))
                    .fill("Net lofts");
            at.page
                    .getByLabel("Unit", new Page.GetByLabelOptions().setExact(true))
                    .fill("loft 2");
            at.page.getByLabel("Rated volts").fill("plenty");
            at.page.getByLabel("Complaint, in their words").fill("hums");
            at.button("Start the call").click();
            assertThat(at.page.getByText("give volts such as 208/230 or 460")).isVisible();
            at.page.getByLabel("Rated volts").fill("208/230");
            at.button("Start the call").click();
            assertThat(at.page.locator(".rail .unit")).containsText("Net lofts, loft 2");
        }
    }

    /** A part in another place than those of earlier tests, its label read. */
    private static void partWith(Browsing at, String label) {
        openPart(at);
        at.page.getByLabel("Label, as it is printed").fill(label);
        at.action().click();
        at.page
                .locator("[aria-current=step]", new Page.LocatorOptions().setHasText("Test"))
                .waitFor();
    }

    private static void openPart(Browsing at) {
        at.button("New call").click();
        at.page.locator(".unit", new Page.LocatorOptions().setHasText("loft 7")).click();
        at.page.getByLabel("Complaint, in their words").fill("hums");
        at.button("Start the call").click();
        at.button("+ Add a part").click();
        at.button("Run capacitor, indoor unit").click();
        at.page.getByLabel("Label, as it is printed").waitFor();
    }
}
