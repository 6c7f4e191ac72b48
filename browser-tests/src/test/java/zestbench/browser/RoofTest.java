package zestbench.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;
import zestbench.server.RunningBench;

/** On the roof: a phone, gloves, a signal that comes and goes. */
class RoofTest {
    private final RunningBench bench = RunningBench.demo();

    @Test
    void aPhoneReadsAndJudgesByThumb() {
        try (Browsing at = Browsing.phone(bench).as("Tech 3")) {
            at.button("Quick check")
                    .or(at.page.getByText("Quick check"))
                    .first()
                    .click();
            at.exactButton("Parts").click();
            at.button("+ Add a part").click();
            at.button("Add it").click();
            at.page.getByLabel("Label, as it is printed").fill("35/5 MFD 370 VAC ±6%");
            at.action().click();
            for (String key : new String[] {"3", "2", "point", "1"}) {
                at.exactButton(key).click();
            }
            assertThat(at.page.getByText("FAILED").first()).isVisible();
            at.exactButton("next").click();
            at.exactButton("OL, over range").click();
            at.exactButton("next").click();
            at.exactButton("Tape").click();
            assertThat(at.tape()).containsText("32.1");
            assertThat(at.tape()).containsText("OL");
            double scroll = ((Number) at.page.evaluate(
                            "document.documentElement.scrollWidth - document.documentElement.clientWidth"))
                    .doubleValue();
            org.assertj.core.api.Assertions.assertThat(scroll)
                    .as("nothing sticks out sideways")
                    .isZero();
        }
    }

    @Test
    void whatIsBeingTypedSurvivesAReload() {
        try (Browsing at = Browsing.laptop(bench).as("Tech 1")) {
            at.go("/quick");
            at.button("+ Add a part").waitFor();
            at.button("+ Add a part").click();
            at.button("Add it").click();
            at.page.getByLabel("Label, as it is printed").fill("half a lab");
            at.page.waitForTimeout(300);
            at.page.reload();
            at.page.locator(".rail .part").last().click();
            assertThat(at.page.getByLabel("Label, as it is printed")).hasValue("half a lab");
        }
    }

    @Test
    void withNoConnectionItStartsAndShowsTheCallAsItWasLastSeen() {
        try (Browsing at = Browsing.laptopThatKeeps(bench).as("Tech 2")) {
            at.page.waitForFunction("() => navigator.serviceWorker?.controller || navigator.serviceWorker.ready");
            at.page.reload();
            at.page.waitForFunction("() => navigator.serviceWorker.controller !== null");
            at.page.locator(".call").first().click();
            at.page.locator("[data-action]").first().waitFor();
            String call = at.page.url();
            at.context.setOffline(true);
            at.page.reload();
            at.page.locator("[data-action]").first().waitFor();
            org.assertj.core.api.Assertions.assertThat(at.page.url()).isEqualTo(call);
            at.go("/calls");
            assertThat(at.page.getByText("What does the label say?")).isVisible();
        }
    }

    @Test
    void withNoConnectionAReadingWaitsAndGoesOnTheTapeOnceItIsBack() {
        try (Browsing at = Browsing.laptop(bench).as("Tech 1")) {
            at.go("/quick");
            at.button("+ Add a part").waitFor();
            at.page.keyboard().press("/");
            at.page.keyboard().type("33+4 440 6% :");
            at.page.keyboard().press("Enter");
            assertThat(at.tape()).containsText("Label: 33+4 440 6%");
            at.page.keyboard().press("2");
            at.page.locator("[data-pad]").waitFor();
            at.context.setOffline(true);
            at.page.keyboard().type("32.77");
            at.page.keyboard().press("Enter");
            assertThat(at.page.getByText("No connection: kept on this device").first())
                    .isVisible();
            assertThat(at.page.getByText("1 waiting")).isVisible();
            at.context.setOffline(false);
            assertThat(at.tape()).containsText("32.77");
            assertThat(at.page.getByText("1 waiting")).isHidden();
        }
    }

    @Test
    void keysDoWhatTheirListSays() {
        try (Browsing at = Browsing.laptop(bench).as("Tech 1")) {
            at.go("/quick");
            at.button("+ Add a part").waitFor();
            at.page.keyboard().press("/");
            assertThat(at.page.getByLabel("Quick line: a label")).isFocused();
            at.page.keyboard().type("45+5 440 6% : 44.1 3.2");
            assertThat(at.page.locator(".seen")).containsText("FAILED");
            at.page.keyboard().press("Enter");
            assertThat(at.tape()).containsText("44.1");
            at.page.keyboard().press("4");
            assertThat(at.page.locator("[aria-current=step]").first()).containsText("Match");
            at.page.keyboard().press("[");
            at.page.keyboard().press("]");
            at.page.keyboard().press("1");
            at.page.getByLabel("Label, as it is printed").focus();
            at.page.keyboard().type("2");
            assertThat(at.page.getByLabel("Label, as it is printed")).isFocused();
            at.page.keyboard().press("Alt+3");
            assertThat(at.page.locator("[aria-current=step]").first()).containsText("Judge");
            at.page.keyboard().press("?");
            assertThat(at.page
                            .getByRole(AriaRole.HEADING)
                            .filter(new com.microsoft.playwright.Locator.FilterOptions().setHasText("Keys")))
                    .isVisible();
        }
    }

    @Test
    void aWrongLineSaysWhatWouldBeRightAndStays() {
        try (Browsing at = Browsing.laptop(bench).as("Tech 1")) {
            at.page.keyboard().press("/");
            at.page.keyboard().type("45+5 440 : 44 4.9 7");
            assertThat(at.page.getByText("3 readings, but there are only HERM, FAN"))
                    .isVisible();
            at.page.keyboard().press("Enter");
            assertThat(at.page.getByLabel("Label: as printed")).hasValue("45+5 440 : 44 4.9 7");
        }
    }

    @Test
    void aShopRuleChangesTheNextJudgement() {
        try (Browsing at = Browsing.laptop(bench).as("Tech 1")) {
            at.go("/rules");
            at.button("When half the tolerance is used up").click();
            assertThat(at.page.getByText("In force since")).isVisible();
            at.page.keyboard().press("/");
            at.page.keyboard().type("40 440 6% : 38.2");
            assertThat(at.page.locator(".seen")).containsText("38.8 to 42.4");
            assertThat(at.page.locator(".seen")).not().containsText("WEAK");
            at.page.keyboard().press("Escape");
            at.button("Outside the label's tolerance").click();
        }
    }
}
