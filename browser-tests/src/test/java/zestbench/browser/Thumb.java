package zestbench.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** Does what the bench says is next, as a thumb would. */
final class Thumb {
    /**
     * A repair.
     *
     * @param label as it is typed into the start page, with its readings behind the colon
     * @param figures what the meter shows, by what the pad asks for
     * @param seen what is tapped where it is offered
     * @param until words on the tape when it is done
     * @param parts how many parts end by those words
     */
    record Repair(String name, String label, Map<String, String> figures, List<String> seen, String until, int parts) {
        @Override
        public String toString() {
            return name;
        }
    }

    private static final int MOST_ACTS = 90;
    private static final int REST_MILLIS = 250;

    private final Browsing at;
    private final Repair repair;
    private final Runnable look;
    private final List<String> tapped = new ArrayList<>();
    private final List<String> done = new ArrayList<>();

    Thumb(Browsing at, Repair repair) {
        this(at, repair, () -> {});
    }

    /** @param look is done each time the screen has come to rest */
    Thumb(Browsing at, Repair repair, Runnable look) {
        this.at = at;
        this.repair = repair;
        this.look = look;
    }

    /** Puts the label from the start page onto a new call of a known unit. */
    void begin() {
        at.page.locator("#label-box").waitFor();
        at.page.keyboard().press("/");
        at.page.keyboard().type(repair.label());
        assertThat(at.page.locator(".has")).isVisible();
        look.run();
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
        at.page.locator("section.work").waitFor();
        at.action().first().waitFor();
    }

    /** From the label to the end of the last part. */
    void goOn() {
        for (int act = 0; act < MOST_ACTS; act++) {
            if (at.tape().textContent().split(repair.until(), -1).length > repair.parts()) {
                return;
            }
            // a thumb waits until the screen has come to rest
            at.page.waitForTimeout(REST_MILLIS);
            look.run();
            String before = stands();
            try {
                done.add(act());
                at.page.waitForCondition(() -> !stands().equals(before));
            } catch (RuntimeException stuck) {
                throw new AssertionError(repair + " goes no further: " + done + "; stands at " + before, stuck);
            }
        }
        throw new AssertionError(repair + " does not end: " + done);
    }

    private String act() {
        for (String look : repair.seen()) {
            Locator button = at.exactButton(look);
            if (!tapped.contains(look) && button.count() > 0 && button.first().isVisible()) {
                tapped.add(look);
                button.first().click();
                return "tap " + look;
            }
        }
        for (String name : List.of("without naming wires", "All read 0")) {
            Locator button = at.button(name);
            if (button.count() > 0) {
                button.first().click();
                return name;
            }
        }
        String asked = asked();
        String figure = repair.figures().get(asked);
        boolean isOver = at.action().first().textContent().startsWith("Close:");
        if (!isOver && figure != null && at.page.locator("[data-pad]").isVisible()) {
            at.reading(figure);
            return asked + " " + figure;
        }
        Locator action = at.action().first();
        Locator open = at.page.locator(".checks input[type=checkbox]:not(:checked)");
        boolean ticks = action.textContent().matches("(?s).*(Next: |All others stay).*");
        if (!ticks && open.count() > 0) {
            open.first().click();
            return "tick";
        }
        String words = action.textContent().strip();
        action.click();
        return words;
    }

    /** What the pad asks for. */
    private String asked() {
        // read in one go: a row that goes meanwhile is none
        return at.page.locator(".row.active .subject, .pair.on .name").allTextContents().stream()
                .findFirst()
                .map(String::strip)
                .orElse("");
    }

    private String stands() {
        return String.join(
                "|",
                at.page.url(),
                at.tape().textContent().length() + "",
                at.page.title(),
                String.join(",", at.action().allTextContents()),
                asked(),
                at.page.locator("input[type=checkbox]:not(:checked)").count() + "",
                at.button("without naming wires").count() + "");
    }
}
