package zestbench.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import java.util.List;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import zestbench.server.RunningBench;

/** What must be seen is seen: a STOP before all else, an answer without scrolling, parts and places told apart. */
class TrustTest {
    private static final String TWINS = "MODEL XW-090 208/230 V 1 PH 60 HZ R-410A COMP 1 RLA 17.9 LRA 112"
            + " COMP 2 RLA 14.1 LRA 77 FAN MOTOR FLA 1.4 HP 1/4";

    private static final String HOT =
            "{\"placeId\":%d,\"shellHot\":true,\"readings\":[{\"pair\":\"1-2\",\"overRange\":true},"
                    + "{\"pair\":\"1-3\",\"overRange\":true},{\"pair\":\"2-3\",\"ohms\":3.0}]}";

    private final RunningBench bench = RunningBench.demo();

    private String newCall(String complaint) {
        JsonNode unit = bench.post(
                        "/api/units",
                        "{\"site\":\"Weaving mill\",\"name\":\"" + complaint
                                + "\",\"volts\":\"208/230\",\"phase\":1,\"tons\":7.5}")
                .json();
        return "/api/calls/"
                + bench.post("/api/calls", "{\"unitId\":" + unit.at("/id") + ",\"complaint\":\"" + complaint + "\"}")
                        .json()
                        .at("/id");
    }

    private JsonNode unit(String call) {
        return bench.get(call).json().at("/unit");
    }

    private String part(String call, String kind, String place, String label) {
        JsonNode parts = bench.post(call + "/parts", "{\"kind\":\"" + kind + "\",\"place\":\"" + place + "\"}")
                .json()
                .at("/parts");
        String id = parts.get(parts.size() - 1).at("/id").asString();
        bench.post(call + "/parts/" + id + "/label", "{\"text\":\"" + label + "\"}");
        return id;
    }

    @Test
    void twoRefrigerantsOnTwoPlatesAreSeenBeforeAnythingElse() {
        String call = newCall("Warm after a repair");
        for (String plate : List.of(
                "OUTDOOR\",\"text\":\"MODEL AX-036 208/230 V 1 PH R-410A", "INDOOR\",\"text\":\"MODEL CX-036 R-22")) {
            bench.post(call + "/plate", "{\"which\":\"" + plate + "\",\"fields\":{},\"cleared\":[]}");
        }
        try (Browsing at = Browsing.laptop(bench).as("Tech 1")) {
            at.go(call.replace("/api", ""));
            Locator step = at.page.locator(".rail .step", new Page.LocatorOptions().setHasText("Plate"));
            assertThat(step).containsText("STOP");
            step.click();
            Locator stop = at.page.locator("section[aria-label=STOP]");
            assertThat(stop).containsText("R-22");
            BoundingBox box = stop.boundingBox();
            Assertions.assertThat(box.y + box.height).isLessThan(400);
        }
    }

    @ParameterizedTest
    @ValueSource(ints = {840, 1000, 1100, 1280})
    void aTimerIsSeenAtEveryWidth(int width) {
        String call = newCall("Timer at " + width);
        bench.post(call + "/windings", HOT.formatted(RunningBench.place(unit(call), "compressor")));
        try (Browsing at = Browsing.laptop(bench).as("Tech 1")) {
            at.page.setViewportSize(width, 800);
            at.go(call.replace("/api", ""));
            at.page.locator(".rail .step").first().waitFor();
            Locator timer = at.page.locator("[role=timer]").first();
            timer.waitFor();
            Assertions.assertThat(at.page.evaluate(Browsing.ON_TOP, timer.elementHandle()))
                    .isEqualTo(true);
        }
    }

    /** The answer, what must change with it and no more than three ways beside it. */
    @Test
    void theAnswerStandsInViewAndEverySignIsTrue() {
        String call = newCall("Fan slow");
        String part = part(call, "capacitor", "Outdoor unit", "60/7.5 MFD 440 VAC ±6%");
        bench.post(
                call + "/parts/" + part + "/readings",
                "{\"readings\":[{\"section\":\"FAN\",\"microfarads\":5.9},{\"section\":\"HERM\",\"microfarads\":59.6}]}");
        try (Browsing at = Browsing.laptop(bench).as("Tech 1")) {
            at.page.setViewportSize(1280, 650);
            at.go(call.replace("/api", ""));
            at.page.locator(".rail .part").first().click();
            at.page.keyboard().press("Alt+4");
            Locator then = at.page.locator(".answer .then");
            then.waitFor();
            BoundingBox box = then.boundingBox();
            Assertions.assertThat(box.y + box.height).isLessThan(600);
            Locator board = at.page.locator(".board");
            assertThat(board.locator("thead th.offer")).hasCount(3);
            // a word for each cell, and none that makes a larger figure the same as the one that is needed
            assertThat(board).containsText("7.5 µF same as old");
            Assertions.assertThat(board.textContent()).doesNotContainPattern("not on the label\\s+same as old");
        }
    }

    @Test
    void partsAndPlacesOfOneKindAreToldApart() {
        String call = newCall("Two stages");
        bench.post(call + "/plate", "{\"which\":\"OUTDOOR\",\"text\":\"" + TWINS + "\",\"fields\":{},\"cleared\":[]}");
        for (String place : List.of("Lower panel", "Upper panel")) {
            part(call, "capacitor", place, "45/5 MFD 440 VAC ±6%");
        }
        try (Browsing at = Browsing.laptop(bench).as("Tech 1")) {
            at.go(call.replace("/api", ""));
            Locator parts = at.page.locator(".rail .part");
            assertThat(parts.filter(new Locator.FilterOptions().setHasText("Lower panel")))
                    .hasCount(1);
            assertThat(parts.filter(new Locator.FilterOptions().setHasText("Upper panel")))
                    .hasCount(1);
            at.page
                    .locator(".rail .step", new Page.LocatorOptions().setHasText("Plate"))
                    .click();
            at.exactButton("Windings").click();
            assertThat(at.exactButton("Compressor 1")).isVisible();
            assertThat(at.exactButton("Compressor 2")).isVisible();
            assertThat(at.exactButton("Compressor")).hasCount(0);
        }
    }

    /** Where one is, the way out and who works, on every page of the bench. */
    @Test
    void aPhoneSaysWhichCallItIsAndHowToLeaveIt() {
        String call = newCall("On the roof");
        try (Browsing at = Browsing.phone(bench).as("Tech 1")) {
            for (String page : List.of("Work", "Parts", "Tape")) {
                at.go(call.replace("/api", ""));
                at.page.locator("section.work").waitFor();
                at.exactButton(page).click();
                Locator strip = at.page.locator(".strip");
                assertThat(strip).containsText("Weaving mill");
                Locator back = strip.getByText("Calls");
                Assertions.assertThat(at.page.evaluate(Browsing.ON_TOP, back.elementHandle()))
                        .isEqualTo(true);
            }
        }
    }

    /** A jumper stands over every step, and nobody leaves while it is in. */
    @Test
    void aJumperThatIsInMustComeOut() {
        String call = newCall("Off on high water");
        try (Browsing at = Browsing.phone(bench).as("Tech 1")) {
            at.go(call.replace("/api", ""));
            at.page.locator("section.work").waitFor();
            at.exactButton("Parts").click();
            at.button("+ Jumper in").click();
            at.button("float switch").click();
            Locator bar = at.page.locator("section[aria-label='Jumper in']");
            assertThat(bar).containsText("float switch");
            assertThat(bar).containsText("Water runs while it is in.");
            at.exactButton("Parts").click();
            assertThat(at.page.locator(".rail")).containsText("JUMPER IN float switch");
            at.page
                    .locator(".rail .step", new Page.LocatorOptions().setHasText("Leave"))
                    .click();
            assertThat(at.action()).containsText("Take the jumper out first: float switch");
            assertThat(at.action()).isDisabled();
            at.button("It is out").click();
            assertThat(bar).hasCount(0);
            assertThat(at.action()).containsText("Close the call");
        }
    }
}
