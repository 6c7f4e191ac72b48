package zestbench.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import zestbench.server.RunningBench;

/** The dual-capacitor case by the keyboard alone, and what a screen reader says on the way. */
class KeyboardTest {
    private static final int MOST_TABS = 120;
    /** What has the focus, as it is named to whoever hears it. */
    private static final String FOCUSED = """
            (() => {
              const at = document.activeElement;
              if (!at.matches('button, a, input, textarea, select')) return '';
              const named = at.getAttribute('aria-label') ?? (at.labels?.[0]?.textContent ?? at.textContent);
              return named.replace(/\\s+/g, ' ').trim();
            })()""";

    /** Headings and what is told without being asked, in the order of the page. */
    private static final String TOLD = """
            [...document.querySelectorAll('main h1, main h2, main [role=status], main [role=alert], main [aria-live], main [data-action]')]
              .filter((e) => e.offsetParent !== null || e.classList.contains('zb-hidden'))
              .map((e) => { const heard = e.cloneNode(true);
                heard.querySelectorAll('[aria-hidden=true]').forEach((silent) => silent.remove()); return heard; })
              .map((e) => e.textContent.replace(/\\s+/g, ' ').trim()).filter((t) => t !== '')""";

    private final List<String> heard = new ArrayList<>();

    @Test
    void aDualCapacitorByKeysAlone() {
        // a truck of its own, that no other test has taken from
        try (RunningBench bench = RunningBench.start();
                Browsing at = Browsing.laptop(bench).as("Tech 3")) {
            at.go("/calls");
            at.page.locator("#label-box").waitFor();
            at.page.keyboard().press("/");
            at.page.keyboard().type("45/5 MFD 440VAC ±6% : 44.8 3.1");
            at.page.locator(".has").waitFor();
            hear(at);
            press(at, "Put it on a call");
            press(at, "A new call");
            at.page.getByLabel("Which unit?").waitFor();
            tabTo(at, "Which unit?");
            at.page.keyboard().type("seed");
            at.page
                    .locator(".unit", new com.microsoft.playwright.Page.LocatorOptions().setHasText("Seed library"))
                    .waitFor();
            press(at, "Seed library");
            tabTo(at, "Complaint, in their words");
            at.page.keyboard().type("Fan slow");
            press(at, "Start the call");
            at.page.locator(".board").waitFor();
            hear(at);
            enter(at, "Take");
            press(at, "without naming wires");
            at.page.waitForCondition(() -> at.action().textContent().contains("Measure the new"));
            hear(at);
            enter(at, "Measure the new");
            say(at, "45.1", "GOOD");
            say(at, "5.02", "GOOD");
            hear(at);
            enter(at, "hook it up");
            enter(at, "Make safe first");
            at.reading("238");
            at.button("All read 0").first().waitFor();
            for (int left = at.button("All read 0").count();
                    left > 0;
                    left = at.button("All read 0").count()) {
                int before = left;
                press(at, "All read 0");
                at.page.waitForCondition(() -> at.button("All read 0").count() < before);
            }
            hear(at);
            enter(at, "Hook up the");
            at.page.waitForCondition(() -> at.page.title().startsWith("Hook up"));
            while (!at.action().textContent().contains("Prove it")) {
                String before = at.action().textContent();
                at.page.keyboard().press("Enter");
                at.page.waitForCondition(() -> !at.action().textContent().equals(before));
            }
            enter(at, "Prove it");
            var open = at.page.locator(".checks input[type=checkbox]:not(:checked)");
            open.first().waitFor();
            for (int left = open.count(); left > 0; left = open.count()) {
                int before = left;
                open.first().focus();
                at.page.keyboard().press("Space");
                at.page.waitForCondition(() -> open.count() < before);
            }
            hear(at);
            enter(at, "read the amps");
            say(at, "15.2", "");
            say(at, "1.3", "");
            hear(at);
            enter(at, "Close");
            at.page.waitForCondition(() -> at.tape().textContent().contains("Replaced"));
            hear(at);
        }
        heard.forEach(line -> System.out.println("said: " + line));
        assertThat(heard)
                .hasSizeGreaterThan(8)
                .allSatisfy(line -> assertThat(line)
                        .as("reads like a sentence")
                        .matches("(?s)[A-Z0-9“\"<+−µ].*")
                        .doesNotContainPattern("undefined|null|NaN|\\[object|[a-z]_[a-z]|[A-Z]_[A-Z]|\\{\\{"));
        assertThat(heard)
                .as("the verdict is heard")
                .anyMatch(line -> line.matches("HERM 45[.]1 µF GOOD"))
                .anyMatch(line -> line.contains("1.3 A GOOD"));
    }

    /** Types on the pad, rests as one who listens does until the verdict is told, and takes it. */
    private void say(Browsing at, String figure, String word) {
        at.page.locator("[data-pad]").first().waitFor();
        at.page.keyboard().type(figure);
        at.page.waitForCondition(() -> ((List<?>) at.page.evaluate(TOLD))
                .stream()
                        .anyMatch(line -> word.isEmpty() || String.valueOf(line).endsWith(word)));
        hear(at);
        at.page.keyboard().press("Enter");
        at.page.waitForTimeout(400);
    }

    private void hear(Browsing at) {
        // a live line is told a moment after the last key
        at.page.waitForTimeout(1_700);
        for (Object line : (List<?>) at.page.evaluate(TOLD)) {
            if (!heard.contains(String.valueOf(line))) {
                heard.add(String.valueOf(line));
            }
        }
    }

    /** The one action of the step, by the key for it. */
    private static void enter(Browsing at, String words) {
        try {
            at.page.waitForCondition(() -> at.action().count() > 0
                    && at.action().first().isEnabled()
                    && at.action().first().textContent().contains(words));
        } catch (RuntimeException other) {
            throw new AssertionError(
                    words + " is not the action, but " + at.action().allTextContents(), other);
        }
        at.page.evaluate("document.activeElement.blur()");
        at.page.keyboard().press("Enter");
    }

    private static void press(Browsing at, String name) {
        tabTo(at, name);
        at.page.keyboard().press("Enter");
    }

    private static void tabTo(Browsing at, String name) {
        List<String> passed = new ArrayList<>();
        for (int i = 0; i < MOST_TABS; i++) {
            String focused = String.valueOf(at.page.evaluate(FOCUSED));
            if (focused.contains(name)
                    && !at.page.evaluate("document.activeElement.tagName").equals("BODY")) {
                return;
            }
            passed.add(focused);
            at.page.keyboard().press("Tab");
        }
        throw new AssertionError(name + " cannot be reached by Tab; passed " + passed);
    }
}
