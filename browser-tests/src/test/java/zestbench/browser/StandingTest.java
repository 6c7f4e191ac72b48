package zestbench.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import zestbench.server.RunningBench;

/** What a call needs beside parts to be replaced: a compressor condemned, a unit tagged out, work, waits, refrigerant. */
class StandingTest {
    private final RunningBench bench = RunningBench.demo();

    @Test
    void aGroundedCompressorIsCondemnedAndItsUnitTaggedOut() {
        try (Browsing at = Browsing.laptop(bench).as("Tech 1")) {
            at.call("Outdoor unit hums");
            at.button("+ Add a part").click();
            at.page.locator("button.place:has(b:text-is('Compressor'))").click();
            assertThat(at.page.locator(".rail .part.on")).containsText("Compressor");
            at.page
                    .getByLabel("Label, as it is printed")
                    .fill("SCROLL COMPRESSOR R-410A 208-230-1-60 RLA 10.3 LRA 56 24000 BTU/H");
            at.action().click();
            assertThat(at.page.getByText("Windings").first()).isVisible();
            for (String ohms : new String[] {"0.9", "3.0", "2.1"}) {
                at.reading(ohms);
            }
            at.reading("0.0012");
            at.action().click();
            assertThat(at.page.locator("section[aria-label=STOP]")).containsText("grounded");
            at.page.keyboard().press("Alt+3");
            at.button("condemned").click();
            at.exactButton("a winding to ground").click();
            at.button("Close the part").click();
            assertThat(at.tape()).containsText("Condemned");
            at.page
                    .locator(".rail .step", new Page.LocatorOptions().setHasText("Leave"))
                    .click();
            at.exactButton("Write-ups").click();
            assertThat(at.page.locator(".open")).containsText("Compressor condemned");
            at.exactButton("tagged out").click();
            at.exactButton("Power off, to ground").click();
            at.action().click();
            assertThat(at.page.locator(".rail .zb-stands")).containsText("TAGGED OUT");
            assertThat(at.page.locator(".rail .zb-stands")).containsText("Power off, to ground");
            at.exactButton("Options").click();
            assertThat(at.page.locator(".option")).hasCount(3);
            assertThat(at.page.locator(".option").first().getByLabel("What is done"))
                    .hasValue(Pattern.compile("New compressor: 2 ton R-410A.*"));
            at.page.locator(".option").first().getByLabel("Each, $").first().fill("640");
            assertThat(at.page.locator(".option").first()).containsText("to be priced");
            at.action().click();
            at.page
                    .locator(".offered", new Page.LocatorOptions().setHasText("Whole system"))
                    .click();
            assertThat(at.page.locator(".offered.taken")).containsText("New system");
            assertThat(at.tape()).containsText("Customer chose: Whole system");
            at.go("/calls");
            assertThat(at.page.locator("section[aria-labelledby=ups] .due").first())
                    .containsText("TAGGED OUT");
        }
    }

    @Test
    void workAWaitAndRefrigerantComeOntoTheTapeByTaps() {
        try (Browsing at = Browsing.laptop(bench).as("Tech 2")) {
            at.call("No cooling, fan slow");
            at.button("+ Work, no part").click();
            at.exactButton("Condenser coil cleaned").click();
            at.page.getByLabel("Liquid pressure before, psig").fill("365");
            at.page.getByLabel("after, psig").fill("318");
            at.button("Done: put it on the tape").click();
            at.page.keyboard().press("t");
            assertThat(at.tape()).containsText("365 → 318 psig");
            at.button("+ Refrigerant").click();
            at.exactButton("leak").click();
            at.page.getByLabel("Where; empty if none was found").fill("flare nut");
            at.page.getByLabel("How it was looked for").fill("bubbles");
            at.button("Put it on the tape").last().click();
            assertThat(at.tape()).containsText("Leak at flare nut");
            at.button("+ Refrigerant").click();
            at.exactButton("added").click();
            at.page.getByLabel("Ounces").fill("12");
            at.page.getByLabel("Cylinder").fill("C-114");
            at.button("Put it on the tape").last().click();
            assertThat(at.page.getByText("is a stopgap").first()).isVisible();
            at.page.getByLabel("It still leaks? The day to come back").fill("2027-01-15");
            at.button("Put it on the tape").last().click();
            assertThat(at.tape()).containsText("R-410A added 12 oz");
            at.button("+ It waits").click();
            at.page
                    .locator("button.way", new Page.LocatorOptions().setHasText("customer's decision"))
                    .click();
            assertThat(at.page.locator(".rail")).containsText("WAITS");
            at.go("/calls");
            at.page.locator(".more-due").click();
            assertThat(at.page.getByText("waits for the customer's decision").first())
                    .isVisible();
            at.page.goBack();
            at.button("It goes on").click();
            assertThat(at.page.locator(".rail")).not().containsText("WAITS");
        }
    }
}
