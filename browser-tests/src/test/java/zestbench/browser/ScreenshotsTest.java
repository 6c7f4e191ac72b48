package zestbench.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import java.nio.file.Path;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import zestbench.server.RunningBench;

/** Remakes the pictures of the README from the demo town: {@code ./zest screenshots}. */
@Tag("screenshots")
class ScreenshotsTest {
    private static final Path FOLDER = Path.of(System.getProperty("zest.screenshots", "target/screenshots"));

    @Test
    void ofEveryMainView() {
        RunningBench bench = RunningBench.demo();
        try (Browsing at = Browsing.laptop(bench).as("Tech 2")) {
            keep(at, "calls");
            at.page
                    .locator(".call", new Page.LocatorOptions().setHasText("Seed library"))
                    .click();
            at.page.locator(".board").waitFor();
            keep(at, "match");
            at.page.keyboard().press("1");
            keep(at, "read");
            at.page.keyboard().press("2");
            keep(at, "bench");
            at.page.keyboard().press("4");
            at.page.locator(".board").waitFor();
            at.action().click();
            at.page.getByLabel("Wire 1: colour").selectOption("brown");
            at.page.getByLabel("Wire 1: leads to").fill("fan");
            at.page.getByLabel("Wire 2: colour").selectOption("orange");
            at.page.getByLabel("Wire 2: tracer").selectOption("white");
            at.page.getByLabel("Wire 2: leads to").fill("run side of contactor");
            at.page.getByLabel("Wire 3: colour").selectOption("purple");
            at.page.getByLabel("Wire 3: leads to").fill("compressor S");
            at.action().click();
            at.page.getByText("Not read dead yet.").waitFor();
            at.action().click();
            at.page.getByLabel("Disconnect pulled and locked").check();
            at.reading("238");
            for (int pair = 0; pair < 4; pair++) {
                at.reading("0.2");
            }
            keep(at, "make-safe");
            at.reading("0.1");
            at.reading("0.3");
            assertThat(at.action()).containsText("Hook up");
            at.action().click();
            at.page.locator("figure svg").first().waitFor();
            keep(at, "hook-up");
            at.page.keyboard().press("6");
            at.reading("60.1");
            keep(at, "prove");
            arriving(at);
            motor(at);
            parts(at);
            at.go("/units");
            at.page
                    .locator(".unit", new Page.LocatorOptions().setHasText("Seed library"))
                    .click();
            keep(at, "unit");
            at.go("/truck");
            keep(at, "truck");
            at.go("/rules");
            keep(at, "rules");
        }
        try (Browsing at = Browsing.phone(bench).as("Tech 2")) {
            at.page
                    .locator(".call", new Page.LocatorOptions().setHasText("hums, then quiet"))
                    .click();
            at.page.getByLabel("Label, as it is printed").fill("30/5 MFD 370 VAC ±6%");
            at.action().click();
            at.exactButton("2").click();
            at.exactButton("7").click();
            keep(at, "phone");
        }
        try (Browsing at = Browsing.laptop(bench).as("Tech 2")) {
            at.page.evaluate("localStorage.setItem('zest-night', 'true')");
            at.page
                    .locator(".call", new Page.LocatorOptions().setHasText("Seed library"))
                    .click();
            at.page.keyboard().press("Alt+2");
            at.page.reload();
            at.page.keyboard().press("Alt+2");
            keep(at, "night");
        }
    }

    private static void arriving(Browsing at) {
        at.go("/calls");
        at.page
                .locator(".call", new Page.LocatorOptions().setHasText("rooftop 2"))
                .click();
        at.page.locator(".rail .step").first().click();
        keep(at, "ask");
        at.page
                .locator(".rail .step", new Page.LocatorOptions().setHasText("Plate"))
                .click();
        at.page.getByLabel("Type more of it").fill("RLA 26.6 LRA 124");
        keep(at, "plate");
        at.go("/calls");
        at.page
                .locator(".call", new Page.LocatorOptions().setHasText("Ballet school"))
                .click();
        at.page
                .locator(".rail .step", new Page.LocatorOptions().setHasText("Plate"))
                .click();
        at.exactButton("Supply").click();
        at.exactButton("Line side").click();
        at.reading("463");
        at.reading("231");
        at.reading("229");
        keep(at, "supply");
        at.go("/calls");
        at.page
                .locator(".call", new Page.LocatorOptions().setHasText("hums, then quiet"))
                .click();
        at.page
                .locator(".rail .step", new Page.LocatorOptions().setHasText("Plate"))
                .click();
        at.exactButton("Windings").click();
        at.exactButton("hot").click();
        at.page.locator("[data-pad]").waitFor();
        for (String figure : new String[] {"o", "o", "3.1"}) {
            at.page.keyboard().type(figure);
            at.page.keyboard().press("Enter");
        }
        keep(at, "windings");
    }

    private static void motor(Browsing at) {
        at.go("/calls");
        at.page
                .locator(".call", new Page.LocatorOptions().setHasText("rooftop 2"))
                .click();
        at.exactButton("bound").click();
        at.exactButton("Amps").click();
        at.page.locator(".trend canvas").waitFor();
        at.page.locator(".trend").scrollIntoViewIfNeeded();
        keep(at, "motor");
        at.page.keyboard().press("Alt+4");
        at.page.locator(".board").waitFor();
        at.action().click();
        at.page.getByLabel("Wire 1: colour").selectOption("purple");
        at.page.getByLabel("Wire 2: colour").selectOption("yellow");
        at.page.getByLabel("Wire 3: colour").selectOption("brown");
        at.page.getByLabel("Wire 3: tracer").selectOption("white");
        at.action().click();
        at.page.getByText("Not read dead yet.").waitFor();
        at.action().click();
        for (String volts : new String[] {"120", "0.2", "0.1", "0.2"}) {
            at.reading(volts);
        }
        at.page.locator(".rail .part").first().click();
        at.page.locator("figure svg").first().waitFor();
        keep(at, "motor-hook-up");
    }

    private static void parts(Browsing at) {
        at.go("/calls");
        at.page
                .locator(".call", new Page.LocatorOptions().setHasText("Gallery at 81"))
                .click();
        at.reading("208");
        at.reading("0");
        at.page.keyboard().press("Alt+4");
        at.page.locator(".board").waitFor();
        keep(at, "transformer");
    }

    private static void keep(Browsing at, String name) {
        at.page.waitForTimeout(700);
        at.page.screenshot(new Page.ScreenshotOptions().setPath(FOLDER.resolve(name + ".png")));
    }
}
