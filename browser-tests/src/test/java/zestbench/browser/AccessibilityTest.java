package zestbench.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import zestbench.server.RunningBench;

/** axe finds nothing on any view, in both themes, on the laptop and on the phone; nothing scrolls but what should. */
class AccessibilityTest {
    private static final List<String> TAGS = List.of("wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa");

    private static final Path PICTURE = Path.of("../server/src/test/resources/pictures/plate-rust.jpg");

    private static final String SMALL_BUTTONS = "[...document.querySelectorAll('button')].filter(b => b.offsetParent)"
            + ".filter(b => b.offsetWidth < 24 || b.offsetHeight < 24).map(b => b.outerHTML)";

    @ParameterizedTest
    @ValueSource(strings = {"laptop", "phone"})
    void everyViewIsFreeOfBarriers(String how) {
        RunningBench bench = RunningBench.demo();
        try (Browsing at = how.equals("phone") ? Browsing.phone(bench) : Browsing.laptop(bench)) {
            at.go("/");
            at.button("Tech 1").waitFor();
            check(at, "welcome");
            at.as("Tech 1");
            for (String view : List.of("/calls", "/units", "/units/1", "/truck", "/rules", "/quick")) {
                at.go(view);
                at.page.waitForTimeout(600);
                check(at, view);
            }
            pages(at, "/truck", List.of("Bring back", "CSV", "Stock"));
            at.button("+ Take in by its label").click();
            at.page.getByLabel("Take in by its label").last().fill("45+5 MFD 440 VAC");
            at.page.locator(".rating").first().click();
            at.page.waitForTimeout(500);
            check(at, "truck, open");
            pages(at, "/rules", List.of("Meters", "Saturation tables", "In and out", "Counter, meter", "Devices"));
            bench(at, bench);
        }
    }

    /** A repair from the label to its proof: each page in the state in which it is met, a chosen part's hook-up and proof too. */
    @ParameterizedTest
    @ValueSource(strings = {"laptop", "phone"})
    void everyStateOfARepairIsFreeOfBarriers(String how) {
        try (RunningBench bench = RunningBench.start();
                Browsing at = how.equals("phone") ? Browsing.phone(bench) : Browsing.laptop(bench)) {
            at.as("Tech 2");
            Set<String> seen = new HashSet<>();
            Thumb thumb = new Thumb(at, TapsTest.repairs().get(0), () -> {
                if (seen.add(at.page.title()
                        + at.page.locator("section.work h1, section.work h2").allTextContents())) {
                    settled(at);
                    check(at, at.page.title());
                }
            });
            thumb.begin();
            thumb.goOn();
            org.assertj.core.api.Assertions.assertThat(String.join(" ", seen)).contains("Match,", "Hook up,", "Prove,");
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"laptop", "phone"})
    void everyDialogIsFreeOfBarriers(String how) {
        RunningBench bench = RunningBench.demo();
        try (Browsing at = how.equals("phone") ? Browsing.phone(bench) : Browsing.laptop(bench)) {
            at.as("Tech 1");
            dialog(at, "Who works here", () -> at.button("Tech 1").first().click());
            dialog(at, "New call", () -> at.button("New call").click());
            at.page.getByLabel("Label: as printed, then a colon and readings").fill("45/5 MFD 440VAC ±6% : 44.1 4.2");
            dialog(at, "Put it on a call", () -> at.button("Put it on a call").click());
            dialog(at, "Read from your photo", () -> {
                at.page.locator(".photo-way input").setInputFiles(PICTURE);
                at.page.locator(".look .field").first().waitFor();
            });
            at.go("/calls/" + openCall(bench));
            at.page.locator("section.work").waitFor();
            for (String add : List.of("Add a part", "Jumper in")) {
                dialog(at, add, () -> {
                    if (at.exactButton("Parts").isVisible()) {
                        at.exactButton("Parts").click();
                    }
                    at.button(add).click();
                });
            }
            if (at.exactButton("Work").isVisible()) {
                at.exactButton("Work").click();
            }
            at.page.keyboard().press("Alt+2");
            dialog(at, "", () -> at.button("why? about this step").click());
            at.page.keyboard().press("Alt+3");
            dialog(
                    at,
                    "Close this part",
                    () -> at.button("fixed without a part").click());
        }
    }

    private static void dialog(Browsing at, String name, Runnable open) {
        open.run();
        Locator dialog =
                at.page.locator(".v-dialog.v-overlay--active" + (name.isEmpty() ? "" : "[aria-label='" + name + "']"));
        dialog.waitFor();
        settled(at);
        check(at, "dialog " + name);
        at.page.keyboard().press("Escape");
        assertThat(at.page.locator(".v-dialog.v-overlay--active")).hasCount(0);
    }

    /** What fades in has half its contrast while it does. */
    private static void settled(Browsing at) {
        at.page.waitForTimeout(400);
        coloursStand(at);
    }

    private static void coloursStand(Browsing at) {
        at.page.waitForCondition(() -> Boolean.TRUE.equals(
                at.page.evaluate("document.getAnimations().every(a => a.playState !== 'running')")));
    }

    private static void pages(Browsing at, String view, List<String> pages) {
        at.go(view);
        for (String page : pages) {
            at.exactButton(page).click();
            at.page.waitForTimeout(300);
            check(at, view + ", " + page);
        }
    }

    private static void bench(Browsing at, RunningBench bench) {
        String call = "/calls/" + openCall(bench);
        at.go(call);
        at.page.locator("section.work").waitFor();
        for (int step = 1; step <= 6; step++) {
            at.page.keyboard().press("Alt+" + step);
            at.page.waitForTimeout(500);
            check(at, "step " + step);
        }
        for (String step : List.of("Ask", "Make safe", "Plate", "Leave")) {
            if (at.exactButton("Parts").isVisible()) {
                at.exactButton("Parts").click();
            }
            at.page
                    .locator(".rail .step", new Page.LocatorOptions().setHasText(step))
                    .click();
            at.page.waitForTimeout(300);
            check(at, step);
        }
        for (String sheet : List.of("Prove it", "Write-ups", "Options")) {
            if (at.exactButton("Parts").isVisible()) {
                at.exactButton("Parts").click();
            }
            at.page
                    .locator(".rail .step", new Page.LocatorOptions().setHasText("Leave"))
                    .click();
            at.exactButton(sheet).click();
            at.page.waitForTimeout(300);
            check(at, sheet);
        }
        for (String sheet : List.of("Supply", "Windings", "Amps", "As found")) {
            if (at.exactButton("Parts").isVisible()) {
                at.exactButton("Parts").click();
            }
            at.page
                    .locator(".rail .step", new Page.LocatorOptions().setHasText("Plate"))
                    .click();
            at.exactButton(sheet).click();
            at.page.waitForTimeout(300);
            check(at, sheet);
        }
        at.page.locator(".place").first().click();
        at.page.getByLabel("Wire 1: leads to").fill("compressor C");
        at.page.locator(".drawn svg").waitFor();
        check(at, "wires of a place");
        at.page.getByLabel("Wire 1: leads to").blur();
        at.page.keyboard().press("?");
        assertThat(at.page.getByText("Steps of the part: Read")).isVisible();
        settled(at);
        check(at, "keys");
    }

    private static void check(Browsing at, String view) {
        boolean isPhone = at.page.viewportSize().width < 800;
        AxeBuilder axe = axe(at).withTags(TAGS);
        if (isPhone) {
            // on a phone a row may lie half under the pad until it is scrolled free; its own size is what counts
            axe = axe.disableRules(List.of("target-size"));
            org.assertj.core.api.Assertions.assertThat((List<?>) at.page.evaluate(SMALL_BUTTONS))
                    .as(view + ", buttons large enough")
                    .isEmpty();
        }
        nothingIn(axe, view);
        if (!isPhone) {
            // at night only the colours are others
            at.page.emulateMedia(new Page.EmulateMediaOptions().setColorScheme(ColorScheme.DARK));
            at.page.locator(".v-theme--night").first().waitFor();
            coloursStand(at);
            nothingIn(axe(at).withRules(List.of("color-contrast")), view + ", at night");
            at.page.emulateMedia(new Page.EmulateMediaOptions().setColorScheme(ColorScheme.LIGHT));
        }
        Object over = at.page.evaluate("document.documentElement.scrollHeight > innerHeight + 1"
                + " || document.documentElement.scrollWidth > innerWidth + 1");
        org.assertj.core.api.Assertions.assertThat(over)
                .as(view + " fits the screen")
                .isEqualTo(false);
    }

    /** No view has a frame, and without frames one pass tells all, in a quarter of the time. */
    private static AxeBuilder axe(Browsing at) {
        return new AxeBuilder(at.page).setLegacyMode(true);
    }

    private static void nothingIn(AxeBuilder axe, String view) {
        var found = axe.analyze().getViolations();
        org.assertj.core.api.Assertions.assertThat(found.stream()
                        .map(v -> v.getId() + ": "
                                + v.getNodes().stream()
                                        .map(n -> n.getHtml())
                                        .limit(3)
                                        .toList())
                        .toList())
                .as(view)
                .isEmpty();
    }

    /** The call of the demo town with a failed capacitor that is waiting for a replacement. */
    private static long openCall(RunningBench bench) {
        for (var call : bench.get("/api/calls").json().at("/calls")) {
            if (call.at("/complaint").asString().equals("No cooling, fan slow")) {
                return call.at("/id").asLong();
            }
        }
        throw new IllegalStateException("the demo town has no such call");
    }
}
