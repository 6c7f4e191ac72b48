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
            at.page.locator(".box").fill("65/10 MFD 440VAC ±6% 50/60Hz : 64.1 8.7");
            at.page.locator(".has .act").waitFor();
            at.page.waitForTimeout(400);
            keep(at, "calls");
            at.page.locator(".box").fill("");
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
            assertThat(at.action()).containsText("Measure the new");
            boolean isOneStaying = !at.action().innerText().contains("60 µF");
            at.action().click();
            if (!isOneStaying) {
                at.reading("60.1");
            }
            at.reading("7.46");
            assertThat(at.action()).containsText("hook it up");
            keep(at, "prove");
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
            arriving(at);
            motor(at);
            parts(at);
            leaving(at);
            at.go("/units");
            at.page
                    .locator("a.unit", new Page.LocatorOptions().setHasText("Seed library"))
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
            at.page.evaluate("localStorage.setItem('zest-look', 'NIGHT')");
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

    private static void leaving(Browsing at) {
        at.go("/calls");
        at.page
                .locator(".call", new Page.LocatorOptions().setHasText("Chatters at start"))
                .click();
        at.page
                .locator(".rail .step", new Page.LocatorOptions().setHasText("Leave"))
                .click();
        at.exactButton("Prove it").click();
        at.tickAll();
        at.action().click();
        for (String figure : new String[] {"76", "57.5", "88", "125", "54", "355", "98"}) {
            at.reading(figure);
        }
        at.page.locator(".figures").waitFor();
        at.page.locator(".figures").scrollIntoViewIfNeeded();
        at.page.locator(".zb-scroll").first().evaluate("e => e.scrollTop = 250");
        keep(at, "proof");
        at.go("/calls");
        at.page
                .locator(".photo-way input")
                .setInputFiles(Path.of("../server/src/test/resources/pictures/plate-worn.jpg"));
        at.page.locator(".look .field").first().waitFor();
        keep(at, "photo");
    }

    private static void keep(Browsing at, String name) {
        at.page.waitForTimeout(700);
        at.page.screenshot(new Page.ScreenshotOptions().setPath(FOLDER.resolve(name + ".png")));
    }
}
