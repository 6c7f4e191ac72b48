package zestbench.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import java.util.List;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import zestbench.server.RunningBench;

/** Short, narrow, on its side: nothing lies under anything, is cut off, or too small for a glove. */
class SizesTest {
    private static final int TARGET = 48;
    private static final int PICTURE_TEXT = 14;

    private final RunningBench bench = RunningBench.demo();

    private long openCall(String site) {
        for (var call : bench.get("/api/calls").json().at("/calls")) {
            if (call.at("/site").asString().equals(site)
                    && call.at("/status").asString().equals("OPEN")) {
                return call.at("/id").asLong();
            }
        }
        throw new AssertionError("no open call at " + site);
    }

    @ParameterizedTest
    @CsvSource({"1280, 800", "390, 844", "740, 360"})
    void aPartCanBeAddedAtEverySize(int width, int height) {
        try (Browsing at = Browsing.laptop(bench).as("Tech 1")) {
            at.page.setViewportSize(width, height);
            at.go("/calls/" + openCall("Seed library"));
            at.page.locator("section.work").waitFor();
            if (at.exactButton("Parts").isVisible()) {
                at.exactButton("Parts").click();
            }
            at.button("+ Add a part").click();
            Locator add = at.button("Add it");
            add.scrollIntoViewIfNeeded();
            BoundingBox box = add.boundingBox();
            Assertions.assertThat(box.y + box.height).isLessThanOrEqualTo(height);
            Assertions.assertThat(at.page.evaluate(Browsing.ON_TOP, add.elementHandle()))
                    .isEqualTo(true);
        }
    }

    /** The pad takes the lower half; what it fills stands on its upper edge. */
    @ParameterizedTest
    @CsvSource({"320, 640", "390, 664", "740, 360"})
    void whatIsTypedIsInViewOverThePad(int width, int height) {
        try (Browsing at = Browsing.laptop(bench).as("Tech 1")) {
            at.page.setViewportSize(width, height);
            at.go("/calls/" + openCall("Seed library"));
            at.page.locator("section.work").waitFor();
            at.page.keyboard().press("Alt+2");
            Locator read = at.page.locator(".row .face").first();
            read.waitFor();
            if (!at.page.locator("[data-pad]").isVisible()) {
                read.click();
            }
            at.page.keyboard().press("4");
            Locator readout = at.page.locator(".readout");
            Locator shown = readout.isVisible() ? readout : at.page.locator(".row.active .figure");
            assertThat(shown).containsText("4");
            Assertions.assertThat(at.page.evaluate(Browsing.ON_TOP, shown.elementHandle()))
                    .isEqualTo(true);
        }
    }

    @ParameterizedTest
    @CsvSource({"1280, 800", "1024, 768", "390, 844", "360, 640"})
    void nothingScrollsThatShouldNotAndTheTruckFits(int width, int height) {
        try (Browsing at = Browsing.laptop(bench).as("Tech 1")) {
            at.page.setViewportSize(width, height);
            for (String view : List.of("/calls", "/truck", "/calls/" + openCall("Seed library"))) {
                at.go(view);
                at.page.waitForTimeout(500);
                Assertions.assertThat(at.page.evaluate("document.documentElement.scrollWidth <= innerWidth"
                                + " && document.documentElement.scrollHeight <= innerHeight + 1"))
                        .as(view)
                        .isEqualTo(true);
            }
            at.go("/truck");
            BoundingBox more = at.button("One more of").first().boundingBox();
            Assertions.assertThat(more.x + more.width).isLessThanOrEqualTo(width);
            Assertions.assertThat(Math.min(more.width, more.height)).isGreaterThanOrEqualTo(46);
        }
    }

    /** Each question stands clear of its own answers. */
    @Test
    void noQuestionLiesUnderItsAnswers() {
        try (Browsing at = Browsing.laptop(bench).as("Tech 1")) {
            at.page.setViewportSize(1024, 768);
            at.go("/calls/" + openCall("Seed library"));
            at.page
                    .locator(".rail .step", new Page.LocatorOptions().setHasText("Ask"))
                    .click();
            at.page.waitForTimeout(400);
            Object covered = at.page.evaluate("[...document.querySelectorAll('.work button')]"
                    + ".filter(e => e.offsetParent && e.getBoundingClientRect().bottom < innerHeight - 100)"
                    + ".filter(e => !(" + Browsing.ON_TOP + ")(e)).map(e => e.textContent)");
            Assertions.assertThat((List<?>) covered).isEmpty();
        }
    }

    /** Whoever goes on hears where they are; whoever closes a dialog is back where it was opened. */
    @Test
    void theFocusStaysAndTheTitleSaysWhereOneIs() {
        try (Browsing at = Browsing.laptop(bench).as("Tech 1")) {
            at.go("/calls/" + openCall("Seed library"));
            at.page.locator("section.work").waitFor();
            at.page.keyboard().press("Alt+2");
            at.page.waitForTimeout(300);
            Assertions.assertThat(at.page.title()).contains("Test, run capacitor", "Seed library");
            Assertions.assertThat(at.page.evaluate("document.activeElement.tagName"))
                    .isNotEqualTo("BODY");
            Locator why = at.button("why? about this step");
            why.click();
            at.page.getByText("How is it measured?").waitFor();
            at.page.keyboard().press("Escape");
            at.page.waitForCondition(
                    () -> "why?".equals(at.page.evaluate("document.activeElement.textContent.trim()")));
            at.go("/nonsense");
            assertThat(at.page.locator("#label-box")).isVisible();
        }
    }

    /** Text of a picture is as large as text beside it; what is tapped on the bench fits a glove. */
    @Test
    void picturesAndTargetsAreLargeEnough() {
        try (Browsing at = Browsing.laptop(bench).as("Tech 1")) {
            at.page.setViewportSize(1024, 768);
            at.go("/calls/" + openCall("Ballet school"));
            at.page.locator("section.work").waitFor();
            for (int step = 1; step <= 6; step++) {
                at.page.keyboard().press("Alt+" + step);
                at.page.waitForTimeout(400);
                Object small =
                        at.page.evaluate("[...document.querySelectorAll('.steps button, .bar .v-btn, [data-action]')]"
                                + ".filter(b => b.offsetParent && b.getBoundingClientRect().height < " + TARGET + ")"
                                + ".map(b => b.textContent.trim() + ' ' + b.getBoundingClientRect().height)");
                Assertions.assertThat((List<?>) small).as("step " + step).isEmpty();
                Object tiny = at.page.evaluate("[...document.querySelectorAll('main svg text')]"
                        + ".filter(t => t.getBoundingClientRect().height > 0)"
                        + ".map(t => parseFloat(getComputedStyle(t).fontSize) * t.getScreenCTM().a)"
                        + ".filter(px => px < " + PICTURE_TEXT + " - 0.5)");
                Assertions.assertThat((List<?>) tiny).as("step " + step).isEmpty();
            }
        }
    }

    /** A new label takes the place of what was left in the quick line. */
    @Test
    void theSlashBeginsAnew() {
        try (Browsing at = Browsing.laptop(bench).as("Tech 1")) {
            at.go("/units");
            at.page.locator(".zb-page a").first().waitFor();
            Locator line = at.page.getByLabel("Quick line: a label, a colon, readings");
            at.page.keyboard().press("/");
            at.page.keyboard().type("55+7.5 440 6%");
            at.page.keyboard().press("Escape");
            at.page.keyboard().press("/");
            at.page.keyboard().type("40");
            assertThat(line).hasValue("40");
            line.fill("");
        }
    }

    /** On the truck's view the line says what it would take in, and judges it by another key. */
    @Test
    void theLineLiesOverTheWorkOnAPhone() {
        try (Browsing at = Browsing.phone(bench).as("Tech 1")) {
            at.button("+ New call").waitFor();
            at.page.keyboard().press("/");
            at.call("No cooling, fan slow");
            at.page.locator("section.work").waitFor();
            // asked for on the start page, it is not open here
            assertThat(at.page.locator(".quick")).isHidden();
            double before = at.page.locator("section.work").boundingBox().height;
            at.button("Quick line: type a label").click();
            at.page.keyboard().type("45/5 MFD 440 VAC : 44 3");
            at.page.locator(".quick .seen").waitFor();
            org.assertj.core.api.Assertions.assertThat(at.page.locator(".quick").boundingBox().y)
                    .as("at the top")
                    .isZero();
            org.assertj.core.api.Assertions.assertThat(
                            at.page.locator("section.work").boundingBox().height)
                    .as("what is worked on keeps its room")
                    .isEqualTo(before);
        }
    }

    @Test
    void theLineSaysWhatTheTruckWouldTakeIn() {
        try (Browsing at = Browsing.laptop(bench).as("Tech 1")) {
            at.go("/truck");
            at.page.locator(".line").first().waitFor();
            at.page.keyboard().press("/");
            at.page.keyboard().type("35/3 MFD 370 VAC");
            Locator said = at.page.locator(".quick .seen");
            assertThat(said).containsText("Takes in");
            assertThat(said).containsText("35+3 µF 370 V");
            at.page.keyboard().press("Alt+Enter");
            at.page.waitForURL("**/quick");
            assertThat(at.tape()).containsText("35/3 MFD 370 VAC");
        }
    }

    /** What was counted is taken back by a tap. */
    @Test
    void aCountIsTakenBack() {
        try (Browsing at = Browsing.laptop(bench).as("Tech 1")) {
            at.go("/truck");
            Locator number = at.page.locator(".line .number").nth(3);
            String before = number.textContent();
            at.page.locator(".line .tap").nth(7).click();
            at.page.waitForCondition(() -> !number.textContent().equals(before));
            at.exactButton("Undo").click();
            assertThat(number).hasText(before);
        }
    }
}
