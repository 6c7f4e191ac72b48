package zestbench.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;
import zestbench.server.RunningBench;

/** The whole path of a failed capacitor on the demo truck, by hand and eye. */
class RepairJourneyTest {
    @Test
    void fromTheLabelToTheRecord() {
        try (Browsing at = Browsing.laptop(RunningBench.demo()).as("Tech 2")) {
            newCall(at);
            readTheLabel(at);
            testIt(at);
            matchIt(at);
            measureTheNew(at);
            makeSafe(at);
            hookUp(at);
            prove(at);
            leave(at);
        }
    }

    private static void newCall(Browsing at) {
        at.button("New call").click();
        at.page.getByLabel("Which unit?").fill("seed");
        at.page
                .locator(".unit", new Page.LocatorOptions().setHasText("Seed library"))
                .click();
        at.page.getByLabel("Complaint, in their words").fill("No cooling, fan stands");
        at.button("Start the call").click();
        assertThat(at.page.getByText("No cooling, fan stands").first()).isVisible();
        at.button("+ Add a part").click();
        at.button("Run capacitor, outdoor unit").click();
    }

    private static void readTheLabel(Browsing at) {
        assertThat(at.button("Same as on")).isVisible();
        at.page.getByLabel("Label, as it is printed").fill("60/7.5 MFD 440VAC 50/60HZ SH-1");
        assertThat(at.page.getByText("Not understood, kept in the text: SH-1")).isVisible();
        at.button("take 6 %").first().click();
        at.button("take 6 %").first().click();
        at.action().click();
        assertThat(at.page.locator(".rating").first()).containsText("60+7.5 µF 440 V ±6 %");
    }

    private static void testIt(Browsing at) {
        at.reading("59.8");
        at.reading("5.9");
        assertThat(at.tape()).containsText("FAILED");
        assertThat(at.page.getByText("5.9 is 1.15 under 7.05").first()).isVisible();
        assertThat(at.action()).containsText("Find a replacement for 60+7.5 µF");
        at.action().click();
    }

    private static void matchIt(Browsing at) {
        assertThat(at.page.locator(".board")).containsText("NEEDS A CHANGE");
        at.button("refused").first().click();
        assertThat(at.page.locator(".board")).containsText("REFUSED");
        at.button("refused").first().click();
        assertThat(at.action()).containsText("60 µF and 7.5 µF: one stays, take the rest");
        at.action().click();
    }

    /** Before any wire goes on it. */
    private static void measureTheNew(Browsing at) {
        wire(at, 1, "brown", "", "fan");
        wire(at, 2, "orange", "white", "run side of contactor");
        wire(at, 3, "purple", "", "compressor S");
        at.action().click();
        assertThat(at.action()).containsText("Measure the new 7.5 µF 440 V ±6 % first");
        at.action().click();
        at.reading("7.46");
        assertThat(at.action()).containsText("hook it up");
        at.action().click();
    }

    private static void makeSafe(Browsing at) {
        assertThat(at.page.getByText("Not read dead yet.")).isVisible();
        assertThat(at.page.locator("figure svg")).hasCount(0);
        at.action().click();
        at.reading("238");
        for (int pair = 0; pair < 6; pair++) {
            at.reading("0.2");
        }
        assertThat(at.page.getByRole(AriaRole.TIMER)).containsText("Re-check run capacitor dead");
        assertThat(at.action()).containsText("Hook up the run capacitor");
        at.action().click();
    }

    private static void wire(Browsing at, int number, String colour, String tracer, String name) {
        at.page.getByLabel("Wire " + number + ": colour").selectOption(colour);
        at.page.getByLabel("Wire " + number + ": tracer").selectOption(tracer);
        at.page.getByLabel("Wire " + number + ": leads to").fill(name);
    }

    private static void lettersAreLargeOnTheNarrowestPhone(Browsing at) {
        at.page.setViewportSize(360, 640);
        at.page.waitForCondition(() -> Boolean.TRUE.equals(at.page.evaluate(
                "[...document.querySelectorAll('main figure svg text')].filter(t => t.getBoundingClientRect().height > 0)"
                        + ".every(t => parseFloat(getComputedStyle(t).fontSize) * t.getScreenCTM().a >= 14)")));
        at.page.setViewportSize(1280, 800);
    }

    private static void hookUp(Browsing at) {
        assertThat(at.page.locator("figure svg")).hasCount(2);
        assertThat(at.page.locator("[data-drawing=as-left]")).containsText("was HERM");
        lettersAreLargeOnTheNarrowestPhone(at);
        Locator ticks = at.page.locator(".steps input[type=checkbox]");
        assertThat(ticks).hasCount(4);
        for (int i = 0; i < 4; i++) {
            ticks.nth(i).check();
            assertThat(at.action()).containsText(i < 3 ? "Next: " : "Prove it");
        }
        at.action().click();
    }

    private static void prove(Browsing at) {
        Locator checks = at.page.locator(".checks input[type=checkbox]");
        for (int i = 0; i < 5; i++) {
            checks.nth(i).check();
            assertThat(at.action()).containsText(i < 4 ? (4 - i) + " to tick" : "Power on");
        }
        at.action().click();
        at.reading("15.2");
        at.reading("1.3");
        assertThat(at.page.getByText("15.2 A of RLA 19.2 A is 79 %").first()).isVisible();
        at.page.getByLabel("Note for the next visit").fill("spades renewed");
        at.exactButton("5 years").click();
        at.action().click();
        assertThat(at.tape()).containsText("warranty until");
    }

    /** Two refrigerants on two plates stop the proof until somebody says what is in the circuit. */
    private static void goPastTheStop(Browsing at) {
        assertThat(at.page.locator("section[aria-label=STOP]")).containsText("R-22");
        assertThat(at.action()).isDisabled();
        at.button("go on all the same").click();
        at.page.getByLabel("Why it is right to go on").fill("coil was changed, its old plate is still on");
        at.exactButton("Go on").click();
        assertThat(at.action()).containsText("Prove the whole unit");
        at.action().click();
    }

    private static void leave(Browsing at) {
        goPastTheStop(at);
        assertThat(at.page.locator(".sheets .on")).hasText("Prove it");
        assertThat(at.page.getByText("Discharge tool off the capacitor")).isVisible();
        at.exactButton("Leave").click();
        assertThat(at.page.getByText("60 µF and 7.5 µF, 59.8 µF, 7.46 µF").first())
                .isVisible();
        at.action().click();
        assertThat(at.button("Open the call again")).isVisible();
        at.page
                .getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("Calls").setExact(true))
                .click();
        assertThat(at.page.locator(".past").filter(new Locator.FilterOptions().setHasText("No cooling, fan stands")))
                .containsText("closed");
    }
}
