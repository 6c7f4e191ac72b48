package zestbench.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import zestbench.server.RunningBench;

/** What a repair costs by the shortest way, in taps and keys, from the start page to the closed part: {@code ./zest taps}. */
class TapsTest {
    /** Counted in the page itself: what a finger or a key does, not what this test calls. */
    private static final String COUNT = """
            window.zestTaps = JSON.parse(sessionStorage.getItem('taps') ?? '{"taps":0,"keys":0}');
            const keep = () => sessionStorage.setItem('taps', JSON.stringify(window.zestTaps));
            addEventListener('pointerdown', () => { window.zestTaps.taps++; keep(); }, true);
            addEventListener('keydown', (e) => { if (e.isTrusted) { window.zestTaps.keys++; keep(); } }, true);
            """;

    private static final String DUAL = "dual capacitor, like for like";

    /** As the table of docs/taps.md has it. */
    private static int most(String what) throws IOException {
        Matcher row = Pattern.compile("(?m)^\\| " + Pattern.quote(what) + " \\| (\\d+) \\|")
                .matcher(Files.readString(Path.of("../docs/taps.md")));
        assertThat(row.find()).as(what + " stands in docs/taps.md").isTrue();
        return Integer.parseInt(row.group(1));
    }

    @Test
    void aDualCapacitorLikeForLike() throws IOException {
        try (Browsing at = Browsing.laptop(RunningBench.demo()).as("Tech 2")) {
            at.page.addInitScript(COUNT);
            at.go("/calls");
            at.page.evaluate("sessionStorage.setItem('taps', '{\"taps\":0,\"keys\":0}')");
            at.go("/calls");
            label(at);
            choose(at);
            measureTheNew(at);
            makeSafe(at);
            hookUp(at);
            prove(at);
            int taps = ((Number) at.page.evaluate("window.zestTaps.taps")).intValue();
            int keys = ((Number) at.page.evaluate("window.zestTaps.keys")).intValue();
            System.out.printf("%s: %d taps, %d keys%n", DUAL, taps, keys);
            assertThat(taps).as("taps from the start page to the closed part").isLessThanOrEqualTo(most(DUAL));
        }
    }

    private static void label(Browsing at) {
        at.page.locator("#label-box").waitFor();
        at.page.keyboard().press("/");
        at.page.keyboard().type("40/5 MFD 440VAC ±6% : 39.8 3.1");
        assertThat(at.page.locator(".has")).containsText("On the truck");
        at.button("Put it on a call").click();
        at.button("A new call").click();
        at.page.getByLabel("Which unit?").waitFor();
        at.page.getByLabel("Which unit?").click();
        at.page.keyboard().type("seed");
        at.page
                .locator(".unit", new Page.LocatorOptions().setHasText("Seed library"))
                .click();
        at.page.getByLabel("Complaint, in their words").click();
        at.page.keyboard().type("Fan slow");
        at.button("Start the call").click();
    }

    private static void choose(Browsing at) {
        assertThat(at.page.locator(".board")).containsText("40+5");
        at.action().click();
        at.button("without naming wires").click();
    }

    private static void measureTheNew(Browsing at) {
        assertThat(at.action()).containsText("Measure the new");
        at.action().click();
        at.reading("40.1");
        at.reading("5.02");
        assertThat(at.action()).containsText("hook it up");
        at.action().click();
    }

    private static void makeSafe(Browsing at) {
        assertThat(at.action()).containsText("Make safe first");
        at.action().click();
        at.reading("238");
        Locator all = at.button("All read 0");
        all.first().waitFor();
        for (int left = all.count(); left > 0; left = all.count()) {
            int before = left;
            all.first().click();
            at.page.waitForCondition(() -> all.count() < before);
        }
        assertThat(at.action()).containsText("Hook up the");
        at.action().click();
    }

    private static void hookUp(Browsing at) {
        assertThat(at.page.locator("figure svg").first()).isVisible();
        while (!at.action().textContent().contains("Prove it")) {
            String before = at.action().textContent();
            at.action().click();
            at.page.waitForCondition(() -> !at.action().textContent().equals(before));
        }
        at.action().click();
    }

    private static void prove(Browsing at) {
        Locator open = at.page.locator(".checks input[type=checkbox]:not(:checked)");
        open.first().waitFor();
        for (int left = open.count(); left > 0; left = open.count()) {
            int before = left;
            open.first().click();
            at.page.waitForCondition(() -> open.count() < before);
        }
        at.action().click();
        at.reading("15.2");
        at.reading("1.3");
        assertThat(at.action()).containsText("Close");
        at.action().click();
        assertThat(at.tape()).containsText("Replaced");
    }
}
