package zestbench.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import org.junit.jupiter.api.Test;
import zestbench.server.RunningBench;

/** Motors by hand: one that is replaced by another that wants another capacitor, and a compressor that is only hot. */
class MotorsTest {
    private final RunningBench bench = RunningBench.demo();

    @Test
    void aFanMotorIsReplacedByOneThatWantsAnotherCapacitor() {
        try (Browsing at = Browsing.laptop(bench).as("Tech 2")) {
            at.call("Trips off every few minutes");
            at.exactButton("bound").click();
            assertThat(at.tape()).containsText("Turn it by hand, power locked out: bound");
            at.action().click();
            Locator board = at.page.locator(".board");
            assertThat(board).containsText("NEEDS A CHANGE");
            assertThat(board).containsText("5 µF 370 V");
            at.button("refused").click();
            assertThat(board).containsText("times the power");
            at.action().click();
            leadsAsPrinted(at);
            makeSafe(at);
            Locator steps = at.page.locator(".steps li");
            assertThat(at.page.locator("figure svg").first()).isVisible();
            assertThat(steps.filter(new Locator.FilterOptions().setHasText("purple: LINE 1 to contactor T1")))
                    .hasCount(1);
            assertThat(steps.filter(new Locator.FilterOptions().setHasText("CW seen from the leads, CCW from")))
                    .hasCount(1);
            capacitorBeside(at);
            at.page.locator(".rail .part").first().click();
            assertThat(steps.filter(new Locator.FilterOptions().setHasText("CAP to b of the 5 µF")))
                    .hasCount(1);
            assertThat(steps.filter(new Locator.FilterOptions().setHasText("stays bare")))
                    .hasCount(1);
            at.tickAll();
            prove(at);
        }
    }

    private static void leadsAsPrinted(Browsing at) {
        assertThat(at.page.getByText("Leads of the new motor, as its own label prints them"))
                .isVisible();
        at.page.getByLabel("Wire 1: colour").selectOption("purple");
        at.page.getByLabel("Wire 2: colour").selectOption("yellow");
        at.page.getByLabel("Wire 3: colour").selectOption("brown");
        at.action().click();
        assertThat(at.page.getByText("Not read dead yet.")).isVisible();
    }

    private static void makeSafe(Browsing at) {
        at.action().click();
        at.reading("120");
        for (int pair = 0; pair < 3; pair++) {
            at.reading("0.2");
        }
        at.reading("120");
        assertThat(at.action()).containsText("Hook up the outdoor fan motor");
        at.action().click();
    }

    /** The good dual stays for the compressor; the fan gets a single of its own. */
    private static void capacitorBeside(Browsing at) {
        at.exactButton("open its part").click();
        at.button("Same as on").click();
        at.action().click();
        at.reading("50.1");
        at.reading("7.52");
        at.page.keyboard().press("4");
        Locator staying = at.page.locator(".pick", new Page.LocatorOptions().setHasText("stays in"));
        staying.first().click();
        assertThat(at.action()).containsText("50+7.5 µF and 5 µF");
        at.action().click();
        assertThat(at.page.getByText("What is on each terminal")).isVisible();
        at.page.getByLabel("Wire 1: leads to").fill("fan");
        at.page.getByLabel("Wire 2: leads to").fill("contactor T2");
        at.page.getByLabel("Wire 3: leads to").fill("compressor S");
        at.action().click();
        assertThat(at.tape()).containsText("Wires as found");
    }

    private static void prove(Browsing at) {
        assertThat(at.action()).containsText("Prove it");
        at.action().click();
        at.tickAll();
        at.action().click();
        assertThat(at.action()).containsText("Read its amps");
        at.reading("1.8");
        at.reading("231");
        at.reading("6.1");
        assertThat(at.page.locator(".pair").first()).containsText("GOOD");
        at.action().click();
        assertThat(at.tape()).containsText("inrush 6.1 A");
        assertThat(at.action()).containsText("2 to tick");
        at.tickAll();
        assertThat(at.page.getByText("The line starts here")).isVisible();
        at.action().click();
        assertThat(at.tape()).containsText("Replaced");
        assertThat(at.page.locator(".rail .part").first()).containsText("replaced");
    }

    @Test
    void aHotCompressorIsCooledAndReadAgainBeforeAnyoneGivesItUp() {
        try (Browsing at = Browsing.laptop(bench).as("Tech 3")) {
            at.call("hums, then quiet");
            at.page
                    .locator(".rail .step", new Page.LocatorOptions().setHasText("Plate"))
                    .click();
            at.exactButton("Windings").click();
            at.exactButton("C R S").click();
            at.exactButton("hot").click();
            for (String figure : new String[] {"o", "o", "3.1"}) {
                at.page.keyboard().type(figure);
                at.page.keyboard().press("Enter");
            }
            assertThat(at.page.locator(".pair").first()).containsText("TOO CLOSE");
            at.action().click();
            assertThat(at.page.getByText("An open overload is no dead compressor"))
                    .isVisible();
            assertThat(at.page.getByText("Cooling:")).isVisible();
            assertThat(at.tape()).not().containsText("FAILED");
            at.page.keyboard().press("/");
            at.page.keyboard().type("windings 0.9 2.2 3.1 ground OL");
            assertThat(at.page.locator(".seen")).containsText("Windings, Compressor");
            at.page.keyboard().press("Enter");
            assertThat(at.tape()).containsText("C is 1, R is 2, S is 3");
            assertThat(at.page.getByText("Cooling:")).isHidden();
            at.exactButton("Amps").click();
            at.reading("9.8");
            at.exactButton("well apart").click();
            at.action().click();
            assertThat(at.tape()).containsText("9.8");
        }
    }

    @Test
    void aSheaveThatOverloadsTheMotorIsRefusedBeforeItIsBought() {
        try (Browsing at = Browsing.phone(bench).as("Tech 1")) {
            at.go("/quick");
            at.exactButton("Parts").click();
            at.button("+ Add a part").click();
            at.exactButton("Motor").click();
            at.button("Add it").click();
            at.page
                    .getByLabel("Label, as it is printed")
                    .fill("2 HP 460 V 3 PH 60 HZ 1725 RPM 3.4 A SF 1.15 CW BELT DRIVE FR 145T");
            assertThat(at.page.getByText("Seen from which end?")).isVisible();
            at.button("facing the shaft").click();
            at.action().click();
            at.exactButton("Belt").click();
            at.page.getByLabel("Motor sheave now, in").fill("4");
            at.page.getByLabel("Fan sheave now, in").fill("8");
            at.page.getByLabel("Motor sheave new, in").fill("4.8");
            at.page.getByLabel("Fan sheave new, in").fill("8");
            at.page.getByLabel("Amps now, A").fill("2.6");
            assertThat(at.page.getByText("4.49").first()).isVisible();
            assertThat(at.action()).containsText("Refused");
            at.page.getByLabel("Motor sheave new, in").fill("4.3");
            assertThat(at.action()).containsText("Keep this sheave");
            at.action().click();
            at.exactButton("Tape").click();
            assertThat(at.tape()).containsText("Sheaves 4.3 on motor, 8 on fan");
        }
    }
}
