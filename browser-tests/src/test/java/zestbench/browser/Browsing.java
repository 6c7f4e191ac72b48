package zestbench.browser;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ServiceWorkerPolicy;
import java.nio.file.Paths;
import java.util.List;
import java.util.Map;
import zestbench.server.RunningBench;

/** The real screen in a headless browser; one browser for the JVM, one context for each visitor. */
final class Browsing implements AutoCloseable {
    /** Whether what lies uppermost in its middle is the thing itself. */
    static final String ON_TOP = "e => { const b = e.getBoundingClientRect();"
            + " const top = document.elementFromPoint(b.x + b.width / 2, b.y + b.height / 2);"
            + " return top !== null && (e.contains(top) || top.contains(e)); }";

    private static final Playwright PLAYWRIGHT =
            Playwright.create(new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
    private static final Browser BROWSER = PLAYWRIGHT
            .chromium()
            .launch(new BrowserType.LaunchOptions()
                    .setExecutablePath(Paths.get("/usr/bin/chromium"))
                    .setArgs(List.of(
                            "--no-sandbox",
                            "--disable-gpu",
                            "--disable-quic",
                            "--no-first-run",
                            "--disable-background-networking",
                            "--disable-component-update",
                            "--disable-sync")));

    static {
        // a busy machine answers late, and not wrong
        PlaywrightAssertions.setDefaultAssertionTimeout(15_000);
    }

    final BrowserContext context;
    final Page page;
    private final String address;

    private Browsing(RunningBench bench, int width, int height, ServiceWorkerPolicy workers) {
        this.address = bench.address();
        context = BROWSER.newContext(new Browser.NewContextOptions()
                .setViewportSize(width, height)
                .setHasTouch(width < 800)
                .setServiceWorkers(workers));
        page = context.newPage();
        page.setDefaultTimeout(20_000);
    }

    static Browsing laptop(RunningBench bench) {
        return new Browsing(bench, 1280, 800, ServiceWorkerPolicy.BLOCK);
    }

    static Browsing phone(RunningBench bench) {
        return new Browsing(bench, 390, 844, ServiceWorkerPolicy.BLOCK);
    }

    /** A laptop that keeps the screen for the times without a connection. */
    static Browsing laptopThatKeeps(RunningBench bench) {
        return new Browsing(bench, 1280, 800, ServiceWorkerPolicy.ALLOW);
    }

    /** Comes in as one of the technicians, past the caution where it is still to be seen. */
    Browsing as(String who) {
        go("/");
        button(who).click();
        Locator understood = button("Understood: open the bench");
        Locator calls = page.getByRole(
                AriaRole.HEADING,
                new Page.GetByRoleOptions().setName("What does the label say?").setExact(true));
        understood.or(calls).first().waitFor();
        if (understood.count() > 0) {
            understood.click();
        }
        calls.waitFor();
        return this;
    }

    void go(String path) {
        page.navigate(address + path);
    }

    Locator button(String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }

    Locator exactButton(String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    /** The one large action of the step. */
    Locator action() {
        return page.locator("[data-action]");
    }

    Locator tape() {
        return page.locator("[data-tape]");
    }

    /** Types on the pad with the keyboard and takes the reading. */
    void reading(String figure) {
        page.locator("[data-pad]").first().waitFor();
        figure.chars().forEach(c -> page.keyboard().press(String.valueOf((char) c)));
        page.keyboard().press("Enter");
        page.waitForCondition(() -> !page.locator("[data-pad]").isVisible()
                || page.locator("[data-pad] .next").first().isDisabled());
    }

    /** Opens a call by words on its card. */
    void call(String words) {
        page.locator(".call", new Page.LocatorOptions().setHasText(words)).click();
    }

    /** Ticks whatever can be ticked off on the step. */
    void tickAll() {
        Locator open = page.locator(".zb-scroll input[type=checkbox]:not(:checked)");
        for (int left = open.count(); left > 0; left = open.count()) {
            int before = left;
            open.first().click();
            page.waitForCondition(() -> open.count() < before);
        }
        // a box is ticked before the bench has it; until then the action is still the line that was ticked
        page.waitForCondition(
                () -> !action().first().textContent().matches("(?s).*(Next: |All others stay|to tick).*"));
    }

    @Override
    public void close() {
        context.close();
    }
}
