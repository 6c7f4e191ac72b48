package zestbench.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import zestbench.server.RunningBench;

/** The control circuit, its switches, heating calls, starts, and the second of a kind, in the browser. */
class ControlTest {
    private final RunningBench bench = RunningBench.demo();

    private static void sheet(Browsing at, String name) {
        sheet(at, "Plate", name);
    }

    private static void sheet(Browsing at, String step, String name) {
        at.page
                .locator(".rail .step", new Page.LocatorOptions().setHasText(step))
                .click();
        at.exactButton(name).click();
    }

    @Test
    void twentyFourVoltsAreFollowedToTheFirstGap() {
        try (Browsing at = Browsing.laptop(bench).as("Tech 1")) {
            at.call("No cooling, fan slow");
            sheet(at, "Supply");
            at.exactButton("R to C").click();
            at.button("This unit has no control fuse").click();
            assertThat(at.page.getByText("Behind the control fuse")).hasCount(0);
            // what is left is halved until one link lies between a live point and a dead one
            for (int read = 0; read < 5 && at.page.locator("li.gap").count() == 0; read++) {
                String point = at.page.locator(".point.on .name").innerText();
                at.reading(point.startsWith("Behind the low") || point.startsWith("Behind the high") ? "0.3" : "25.6");
                at.page.waitForCondition(
                        () -> at.page.locator(".point.on, li.gap").count() > 0);
            }
            assertThat(at.page.locator("li.gap")).hasCount(1);
            assertThat(at.page.locator(".known")).containsText("The low pressure switch is open");
            assertThat(at.tape()).containsText("24 V from R to C");
        }
    }

    @Test
    void aFloatSwitchIsReadBothWaysAndReplaced() {
        try (Browsing at = Browsing.laptop(bench).as("Tech 1")) {
            at.call("Outdoor unit hums");
            at.button("+ Add a part").click();
            at.page.locator("button.place:has(b:text-is('Float switch'))").click();
            assertThat(at.page.locator(".rail .part.on")).containsText("Float switch");
            at.page.getByLabel("Label, as it is printed").fill("FLOAT SWITCH SPNC 24 V");
            at.action().click();
            at.reading("0.2");
            at.reading("0.3");
            assertThat(at.page.locator(".rail .part.on")).containsText("FAILED");
            assertThat(at.tape()).containsText("CAUSE THERE");
            at.page.keyboard().press("Alt+4");
            assertThat(at.action()).containsText("Take float switch from the truck");
        }
    }

    @Test
    void aHeatingCallAsksForOtherThings() {
        try (Browsing at = Browsing.laptop(bench).as("Tech 2")) {
            at.call("Studio 2 warm");
            at.page
                    .locator(".rail .step", new Page.LocatorOptions().setHasText("Ask"))
                    .click();
            at.exactButton("heat").click();
            at.exactButton("gas").click();
            assertThat(at.page.locator("section[aria-label=Questions]")).containsText("Draft inducer");
            assertThat(at.page.locator("section[aria-label=Questions]")).not().containsText("Ice on the lines");
            assertThat(at.page.locator("section[aria-label=Suspects]")).containsText("Igniter open or cracked");
            sheet(at, "Supply");
            at.exactButton("R to C").click();
            assertThat(at.page.getByText("Across the gas valve")).isVisible();
        }
    }

    @Test
    void aStartTellsTheSupplyFromTheMotor() {
        try (Browsing at = Browsing.laptop(bench).as("Tech 1")) {
            at.call("Outdoor unit hums");
            sheet(at, "Amps");
            at.exactButton("The start").click();
            at.reading("239");
            at.reading("150");
            at.reading("60");
            at.exactButton("stay over half a second").click();
            assertThat(at.page.getByText("The supply first")).isVisible();
            at.page.getByText("Its wire from the panel").click();
            at.exactButton("10").click();
            at.page.getByLabel("Run one way, in feet").fill("60");
            assertThat(at.page.getByText("where it grows, there it is")).isVisible();
            at.action().click();
            assertThat(at.tape()).containsText("Start of the compressor");
            assertThat(at.tape()).containsText("10 AWG copper, 60 ft");
        }
    }

    @Test
    void theSecondOfAKindIsOneTap() {
        try (Browsing at = Browsing.laptop(bench).as("Tech 1")) {
            at.call("Gallery at 81");
            at.button("+ Add a part").click();
            at.page.locator("button.place:has(b:text-is('Contactor'))").click();
            assertThat(at.page.locator(".rail .part.on")).containsText("Contactor");
            at.page.getByLabel("Label, as it is printed").fill("3 POLE 30 FLA 180 LRA 480 V COIL 24 V");
            at.action().click();
            at.button("+ Another contactor").click();
            assertThat(at.page.locator(".rail .part.on")).containsText("Contactor 2");
            assertThat(at.page.locator(".rail .part.on")).containsText("3 poles 30 FLA");
        }
    }

    /** Two circuits are read side by side; what is weighed into one is tied to what that one read before and after. */
    @Test
    void aChargeMovesItsOwnCircuit() {
        try (Browsing at = Browsing.laptop(bench).as("Tech 1")) {
            at.call("Trips off every few minutes");
            sheet(at, "Plate");
            at.page
                    .getByLabel("Type more of it, or all of it again")
                    .fill("R-410A TXV SUBCOOLING 10 COMPRESSOR A RLA 9.9 LRA 62 COMPRESSOR B RLA 9.9 LRA 62");
            at.action().click();
            sheet(at, "Leave", "Prove it");
            at.tickAll();
            at.action().click();
            at.exactButton("Circuit 2").click();
            read(at, "118", "76", "300", "94");
            assertThat(at.page.locator("section[aria-label='Circuit 2']")).containsText("Superheat, circuit 2");
            at.button("+ Refrigerant").click();
            at.exactButton("added").click();
            at.page.getByLabel("Ounces").fill("12");
            at.page.getByLabel("Cylinder").fill("C-114");
            at.button("Put it on the tape").last().click();
            assertThat(at.page.getByText("Say which circuit").first()).isVisible();
            at.exactButton("Circuit 2").last().click();
            assertThat(at.page.getByText("Read: superheat").first()).isVisible();
            at.button("Put it on the tape").last().click();
            assertThat(at.page.locator("section[aria-label=Refrigerant]")).containsText("Not read since");
            at.page
                    .locator("button.pair", new Page.LocatorOptions().setHasText("Suction line"))
                    .click();
            at.reading("52");
            assertThat(at.page.locator("section[aria-label=Refrigerant]"))
                    .containsText(Pattern.compile("3[56].* → .*1[12]"));
        }
    }

    private static void read(Browsing at, String... figures) {
        for (String figure : figures) {
            at.reading(figure);
        }
    }
}
