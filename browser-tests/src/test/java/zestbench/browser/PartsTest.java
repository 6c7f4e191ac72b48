package zestbench.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import org.junit.jupiter.api.Test;
import zestbench.server.RunningBench;

/** Contactor, fuses, transformer and start device by hand, from the demo town's open calls. */
class PartsTest {
    private final RunningBench bench = RunningBench.demo();

    /** Meter proved, every pair read dead, meter proved again. */
    private static void makeSafe(Browsing at, int pairs) {
        at.page.getByText("Not read dead yet.").waitFor();
        at.page
                .locator(".rail .step", new Page.LocatorOptions().setHasText("Make safe"))
                .click();
        at.reading("120");
        for (int pair = 0; pair < pairs; pair++) {
            at.reading("0.2");
        }
        at.reading("120");
        at.page.locator(".rail .part").first().click();
        at.page.locator("figure svg").first().waitFor();
    }

    @Test
    void aBurntContactorIsReplacedPoleByPole() {
        try (Browsing at = Browsing.laptop(bench).as("Tech 1")) {
            at.call("Chatters at start");
            at.reading("12.4");
            at.exactButton("burnt away").click();
            assertThat(at.action()).containsText("Find a replacement for 2 poles 30 FLA");
            at.action().click();
            Locator board = at.page.locator(".board");
            assertThat(board).containsText("13.8 A switched");
            at.action().click();
            assertThat(at.action()).containsText("Measure the new");
            at.action().click();
            at.reading("12.1");
            assertThat(at.action()).containsText("hook it up");
            at.action().click();
            makeSafe(at, 3);
            Locator steps = at.page.locator(".steps li");
            assertThat(steps.filter(new Locator.FilterOptions().setHasText("compressor C: back on T1")))
                    .hasCount(1);
            assertThat(steps.filter(new Locator.FilterOptions().setHasText("24 V from the indoor unit stays live")))
                    .hasCount(1);
            at.tickAll();
            at.action().click();
            at.tickAll();
            at.action().click();
            assertThat(at.page.getByText("Pulls in on a call without chatter")).isVisible();
            at.tickAll();
            assertThat(at.action()).containsText("Close:");
            at.action().click();
            assertThat(at.tape()).containsText("Replaced");
        }
    }

    @Test
    void fusesGoInAsASetOnceTheCauseIsLookedFor() {
        try (Browsing at = Browsing.laptop(bench).as("Tech 2")) {
            at.call("fuse opened twice");
            at.page.locator("[data-pad]").waitFor();
            at.page.keyboard().type("o");
            at.page.keyboard().press("Enter");
            assertThat(at.tape()).containsText("FUSE 1");
            at.page.keyboard().press("Alt+4");
            assertThat(at.page.getByText("No power until it is known why it opened"))
                    .isVisible();
            assertThat(at.page.locator(".board")).containsText("35 A 600 V RK5");
            assertThat(at.action()).containsText("Find why it opened first");
            at.action().click();
            at.exactButton("outdoor fan motor").click();
            at.page.keyboard().press("Alt+4");
            assertThat(at.page.locator("section[aria-label=STOP]")).hasCount(0);
            at.action().click();
            at.button("without naming wires").click();
            assertThat(at.action()).containsText("Measure the new");
            at.action().click();
            for (int fuse = 0; fuse < 3; fuse++) {
                at.reading("0.1");
            }
            assertThat(at.action()).containsText("hook it up");
            at.action().click();
            makeSafe(at, 6);
            assertThat(at.page.locator("ol.steps")).containsText("All 3 fuses new");
            at.tickAll();
            at.action().click();
            assertThat(at.page.getByText("Every load read to ground")).isVisible();
            assertThat(at.page.getByText("none rubbed bare")).isVisible();
            at.tickAll();
            assertThat(at.action()).containsText("Power on");
        }
    }

    @Test
    void aTransformersLeadsAreNamedByItsOwnLabel() {
        try (Browsing at = Browsing.laptop(bench).as("Tech 3")) {
            at.call("Gallery at 81");
            at.reading("208");
            at.reading("0");
            assertThat(at.page.getByText("Primary alive, secondary dead")).isVisible();
            at.action().click();
            assertThat(at.page.getByText("38 VA hang on a transformer of 40 VA"))
                    .isVisible();
            assertThat(at.action()).containsText("50 VA");
            at.action().click();
            makeSafe(at, 6);
            Locator steps = at.page.locator("ol.steps");
            assertThat(steps).containsText("BLACK (common) to contactor L1");
            assertThat(steps).containsText("Cap WHITE (120 V) by itself: it is live");
            at.page.locator("summary").click();
            assertThat(at.page.getByText("this burns it").first()).isVisible();
            at.tickAll();
            at.action().click();
            Locator pair = at.page.locator(".pair");
            pair.getByText("WHITE (120 V)").first().click();
            pair.getByText("BLUE (208 V)").last().click();
            assertThat(pair).containsText("Refused before power");
            pair.getByText("BLACK (common)").first().click();
            assertThat(pair).containsText("Line on the right two leads");
        }
    }

    @Test
    void aSecondStartDeviceIsTakenOut() {
        try (Browsing at = Browsing.phone(bench).as("Tech 1")) {
            at.go("/quick");
            at.exactButton("Parts").click();
            at.button("+ Add a part").click();
            at.exactButton("Start device").click();
            at.button("Add it").click();
            at.page.getByLabel("Label, as it is printed").fill("PTC 1-3 TON 208/277 V");
            at.action().click();
            at.exactButton("two").click();
            assertThat(at.page.getByText("At most one: the added one comes out").first())
                    .isVisible();
            at.exactButton("Tape").click();
            assertThat(at.tape()).containsText("Start devices in this circuit: two");
        }
    }
}
