package zestbench.browser;

import static org.assertj.core.api.Assertions.assertThat;

import com.google.gson.JsonObject;
import com.microsoft.playwright.CDPSession;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import zestbench.server.RunningBench;

/** What a view weighs, how far it moves under the eye, and how long a typed digit holds the screen up. */
class MeasuresTest {
    private static final double MOST_SHIFT = 0.02;
    private static final int FIRST_VIEW_BYTES = 220 * 1024;
    private static final int DIGITS = 9;
    private static final double DIGIT_MILLIS = 50;

    private static final String WATCH = """
            window.zestShift = 0;
            window.zestMoved = [];
            new PerformanceObserver((list) => {
              for (const e of list.getEntries()) {
                if (e.hadRecentInput) continue;
                window.zestShift += e.value;
                window.zestMoved.push(...e.sources.map((s) => s.node?.className ?? s.node?.nodeName));
              }
            }).observe({ type: 'layout-shift', buffered: true });
            """;

    @ParameterizedTest
    @ValueSource(strings = {"laptop", "phone"})
    void nothingMovesUnderTheEye(String how) {
        RunningBench bench = RunningBench.demo();
        try (Browsing at = how.equals("phone") ? Browsing.phone(bench) : Browsing.laptop(bench)) {
            at.as("Tech 2");
            at.page.addInitScript(WATCH);
            for (String view : List.of("/calls", "/units", "/units/1", "/truck", "/rules", "/quick", "/calls/1")) {
                at.go(view);
                at.page.waitForTimeout(1_200);
                double shift = ((Number) at.page.evaluate("window.zestShift")).doubleValue();
                System.out.printf("layout shift, %s %s: %.4f%n", how, view, shift);
                assertThat(shift)
                        .as(view + ": " + at.page.evaluate("window.zestMoved"))
                        .isLessThanOrEqualTo(MOST_SHIFT);
            }
        }
    }

    /** As it goes over the line: script and style of the start page, compressed. */
    @Test
    void theFirstViewIsLight() {
        try (Browsing at = Browsing.laptop(RunningBench.demo()).as("Tech 2")) {
            at.go("/calls");
            at.page.waitForTimeout(1_000);
            int bytes = ((Number) at.page.evaluate("performance.getEntriesByType('resource')"
                            + ".filter(e => /[.](js|css)$/.test(new URL(e.name).pathname))"
                            + ".reduce((sum, e) => sum + e.encodedBodySize, 0)"))
                    .intValue();
            System.out.printf("first view: %.1f kB of script and style%n", bytes / 1024.0);
            assertThat(bytes).isBetween(10_000, FIRST_VIEW_BYTES);
        }
    }

    /** On a processor a quarter as quick as this one; the better quarter, since others use this one too. */
    @Test
    void aTypedDigitHoldsNothingUp() {
        try (Browsing at = Browsing.phone(RunningBench.demo()).as("Tech 2")) {
            at.go("/quick");
            at.page.waitForTimeout(1_000);
            at.button("Quick line: type a label").click();
            at.page.getByLabel("Quick line: a label, a colon, readings").waitFor();
            CDPSession devTools = at.context.newCDPSession(at.page);
            JsonObject slow = new JsonObject();
            slow.addProperty("rate", 4);
            devTools.send("Emulation.setCPUThrottlingRate", slow);
            at.page.evaluate("""
                    window.zestDigits = [];
                    addEventListener('keydown', () => {
                      const start = performance.now();
                      requestAnimationFrame(() => {
                        const channel = new MessageChannel();
                        channel.port1.onmessage = () => window.zestDigits.push(performance.now() - start);
                        channel.port2.postMessage(null);
                      });
                    }, true);
                    """);
            for (int i = 0; i < DIGITS; i++) {
                at.page.keyboard().press(String.valueOf(1 + i % 9));
                at.page.waitForTimeout(120);
            }
            double millis = ((Number) at.page.evaluate(
                            "window.zestDigits.sort((a, b) => a - b)[Math.floor(window.zestDigits.length / 4)]"))
                    .doubleValue();
            System.out.printf("a typed digit, processor slowed to a quarter: %.1f ms%n", millis);
            assertThat(millis).isLessThanOrEqualTo(DIGIT_MILLIS);
        }
    }
}
