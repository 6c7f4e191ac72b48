package zestbench.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import zestbench.server.RunningBench;

/** The end of a call and the life between calls, by hand: proof, write-ups, options, counter, meter, truck, files. */
class EndOfCallTest {
    private final RunningBench bench = RunningBench.demo();

    @AfterEach
    void devicesAnswerAgain() {
        bench.send("PUT", "/counter/v1/mode", "{\"mode\":\"NORMAL\"}");
        bench.send("PUT", "/meter/v1/mode", "{\"mode\":\"NORMAL\"}");
    }

    private static void open(Browsing at, String call) {
        at.go(call);
        at.page.locator("section.work h2").first().waitFor();
    }

    private static void sheet(Browsing at, String name) {
        if (at.exactButton("Parts").isVisible()) {
            at.exactButton("Parts").click();
        }
        at.page
                .locator(".rail .step", new Page.LocatorOptions().setHasText("Leave"))
                .click();
        at.exactButton(name).click();
    }

    /** A call of its own, so that no other journey stands in the way. @return its path */
    private String newCall(String unit, String label) {
        JsonNode found = null;
        for (JsonNode each : bench.get("/api/units").json()) {
            found = each.at("/name").asString().equals(unit) ? each : found;
        }
        JsonNode call = bench.post("/api/calls", "{\"unitId\":" + found.at("/id") + ",\"complaint\":\"warm again\"}")
                .json();
        String path = "/api/calls/" + call.at("/id").asString();
        JsonNode added = bench.post(path + "/parts", "{\"kind\":\"capacitor\",\"place\":\"Outdoor unit\"}")
                .json();
        bench.post(path + "/parts/" + added.at("/parts/0/id").asString() + "/label", "{\"text\":\"" + label + "\"}");
        return path.substring(4);
    }

    @Test
    void theUnitIsProvedWhatWasSeenWrittenUpAndTheCustomerChooses() {
        String call = newCall("loft 3 heat pump", "45+5 MFD 440 VAC ±6%");
        try (Browsing at = Browsing.laptop(bench).as("Tech 1")) {
            at.go(call);
            sheet(at, "Prove it");
            assertThat(at.action()).isDisabled();
            at.tickAll();
            assertThat(at.action()).containsText("Power on, unit running");
            at.action().click();
            assertThat(at.page.locator(".settle")).containsText("Read now, read again then.");
            for (String figure : new String[] {"76", "57.5", "88", "125", "54", "355", "98"}) {
                at.reading(figure);
            }
            Locator figures = at.page.locator(".figures");
            assertThat(figures).containsText(Pattern.compile("Temperature split\\s*18\\.5 °F\\s*GOOD"));
            assertThat(figures).containsText("Suction line 54 − dew 42.9 at 125 psig = 11.1 °F");
            assertThat(at.page.locator(".timer").first()).containsText("settles");
            at.action().click();
            assertThat(at.tape()).containsText("18.5");

            sheet(at, "Write-ups");
            at.page.getByLabel("What was seen").fill("Line set rubs on the frame");
            at.page.getByLabel("Why it matters").fill("It will leak there");
            at.page.waitForTimeout(400);
            at.page.reload();
            sheet(at, "Write-ups");
            assertThat(at.page.getByLabel("What was seen")).hasValue("Line set rubs on the frame");
            at.exactButton("soon").click();
            at.action().click();
            assertThat(at.page.locator(".open")).containsText("Line set rubs on the frame");

            sheet(at, "Options");
            at.button("+ from matches: run capacitor").click();
            assertThat(at.page.locator(".option").first()).isVisible();
            at.page.getByLabel("Labour, $").first().fill("95");
            assertThat(at.page.locator(".option .total").first()).containsText("$ ");
            at.action().click();
            at.page.locator(".offered").first().click();
            assertThat(at.page.locator(".offered").first()).containsText("chosen");
            at.action().click();
            assertThat(at.page.locator(".papers .zb-file").first())
                    .hasAttribute("href", Pattern.compile("report\\.pdf$"));
            assertThat(at.page.locator(".summary")).containsText("Write-up");
            at.page.locator(".rail h1 a").click();
            assertThat(at.page.locator(".up").first()).containsText("Line set rubs on the frame");
        }
    }

    @Test
    void aPartIsOrderedAtTheCounterWaitedForAndGoesInByItsLabel() {
        String call = newCall("loft 3 heat pump", "60+7.5 MFD 440 VAC ±6%");
        try (Browsing at = Browsing.laptop(bench).as("Tech 1")) {
            open(at, call);
            at.page.keyboard().press("Alt+4");
            Locator counter = at.page.locator(".beyond .other").last();
            assertThat(counter).containsText("LIKE FOR LIKE");
            assertThat(counter).containsText("in stock");
            counter.click();
            assertThat(at.action()).containsText("Order 60+7.5 µF");
            at.action().click();
            assertThat(at.page.locator(".ordered")).containsText("Ordered: 60+7.5 µF");
            at.go("/calls");
            at.button("Due, waits").click();
            assertThat(at.page.locator("section[aria-labelledby=waiting]")).containsText("loft 3 heat pump");
            open(at, call);
            at.page.keyboard().press("Alt+4");
            at.exactButton("It is here").click();
            assertThat(at.action()).containsText("Use 60+7.5 µF");
            at.action().click();
            assertThat(at.tape()).containsText("60+7.5");
        }
    }

    @Test
    void aCounterThatIsDownTakesNothingFromTheTruck() {
        bench.send("PUT", "/counter/v1/mode", "{\"mode\":\"DOWN\"}");
        String call = newCall("loft 3 heat pump", "45+5 MFD 440 VAC ±6%");
        try (Browsing at = Browsing.laptop(bench).as("Tech 1")) {
            open(at, call);
            at.page.keyboard().press("Alt+4");
            assertThat(at.page.locator(".board")).containsText("45+5 µF");
            assertThat(at.page.locator(".beyond"))
                    .containsText("The counter is down: its parts, prices and stock are missing here.");
            assertThat(at.action()).containsText("Take 45+5 µF from the truck");
            at.button("Counter: 0").click();
            assertThat(at.page.locator(".zb-caution")).containsText("The counter is down");
        }
    }

    @Test
    void aReadingIsTakenFromTheMeterAndALostOneIsSaid() {
        String call = newCall("split system", "60/7.5 MFD 440VAC ±6%");
        try (Browsing at = Browsing.phone(bench).as("Tech 1")) {
            open(at, call);
            at.page.keyboard().press("Alt+2");
            at.button("Take from meter").click();
            Locator window = at.page.locator(".window");
            assertThat(window).containsText(Pattern.compile("5[678]\\.\\d"));
            at.exactButton("take").click();
            at.page.locator("[data-pad] .next").click();
            assertThat(at.page.locator(".window")).containsText(Pattern.compile("5\\.[789]|6\\.0"));
            bench.send("PUT", "/meter/v1/mode", "{\"mode\":\"DROPPED\"}");
            assertThat(at.page.locator(".meter"))
                    .containsText(Pattern.compile("type what its window says|looking for the meter"));
            at.button("Meter off").click();
            at.exactButton("5").click();
            at.page.locator("[data-pad] .next").click();
            at.exactButton("Tape").click();
            assertThat(at.tape()).containsText(Pattern.compile("5[678]\\.\\d"));
        }
    }

    @Test
    void theTruckIsKeptByTappingByLabelAndByFile() {
        try (Browsing at = Browsing.laptop(bench).as("Tech 1")) {
            at.go("/truck");
            at.page.getByLabel("Find by rating").waitFor();
            at.page.keyboard().press("/");
            at.page.locator(".quick input").fill("12.5 MFD 370 VAC ±6%");
            at.page.keyboard().press("Enter");
            assertThat(at.page.locator(".seen").last()).containsText("12.5 µF 370 V");
            at.page
                    .getByLabel("Bin", new Page.GetByLabelOptions().setExact(true))
                    .fill("Q7");
            at.exactButton("Take in").click();
            at.page.getByLabel("Find by rating").fill("q7");
            Locator number = at.page.locator(".number");
            assertThat(number).hasText("1");
            at.button("One more of 12.5 µF").click();
            assertThat(number).hasText("2");
            at.page.locator(".rating").click();
            assertThat(at.page.locator(".panel")).containsText("counted");
            at.button("One to Truck 2").click();
            assertThat(number).hasText("1");
            at.exactButton("Close").click();
            at.exactButton("CSV").click();
            at.page
                    .locator("main input[type=file]")
                    .setInputFiles(new FilePayload(
                            "prices.csv", "text/csv", "id,price\nCP-002,cheap\n".getBytes(StandardCharsets.UTF_8)));
            assertThat(at.page
                            .getByRole(com.microsoft.playwright.options.AriaRole.ALERT)
                            .last())
                    .containsText("Line 2, price, \"cheap\"");
            at.page
                    .locator("main input[type=file]")
                    .setInputFiles(new FilePayload(
                            "prices.csv", "text/csv", "id,price\nCP-002,19.5\n".getBytes(StandardCharsets.UTF_8)));
            assertThat(at.page.locator(".lines")).containsText("CP-002");
            at.exactButton("Take it in").click();
            assertThat(at.page.getByText("Taken in:")).isVisible();
            at.exactButton("Bring back").click();
            assertThat(at.page.locator(".wanted").first()).isVisible();
        }
    }

    @Test
    void aFileFromElsewhereIsShownAskedAboutAndTakenIn() throws IOException {
        try (Browsing at = Browsing.laptop(bench).as("Tech 1")) {
            at.go("/units");
            at.page
                    .locator(".unit", new Page.LocatorOptions().setHasText("rooftop 1"))
                    .click();
            Download out = at.page.waitForDownload(
                    () -> at.page.getByText("All of it as JSON").click());
            String file = Files.readString(out.path());
            at.go("/rules");
            at.exactButton("In and out").click();
            Locator give = at.page.locator("main input[type=file]");
            give.setInputFiles(new FilePayload("same.json", "application/json", file.getBytes(StandardCharsets.UTF_8)));
            assertThat(at.page.getByText("All of it is here already.")).isVisible();
            give.setInputFiles(new FilePayload(
                    "cut.json", "application/json", file.substring(0, 900).getBytes(StandardCharsets.UTF_8)));
            assertThat(at.page.locator(".zb-caution"))
                    .containsText(Pattern.compile("nothing was taken in.*[Ll]ine \\d+"));
            String other = file.replaceFirst("\"complaint\" : \"[^\"]+\"", "\"complaint\" : \"told otherwise\"");
            give.setInputFiles(
                    new FilePayload("other.json", "application/json", other.getBytes(StandardCharsets.UTF_8)));
            assertThat(at.page.locator(".items")).containsText("theirs told otherwise");
            assertThat(at.button("1 to choose first")).isDisabled();
            at.exactButton("take theirs").click();
            at.exactButton("Take it in").click();
            assertThat(at.page.getByText("Taken in.")).isVisible();
            at.go("/calls");
            assertThat(at.page.getByText("told otherwise")).isVisible();
        }
    }

    @Test
    void bothDrawingsLeaveAsSvgAndPng() throws IOException {
        String call = newCall("rooftop 2", "45+5 MFD 440 VAC ±6%");
        try (Browsing at = Browsing.laptop(bench).as("Tech 1")) {
            open(at, call);
            at.page.keyboard().press("Alt+4");
            at.page.locator(".board").waitFor();
            at.action().click();
            at.page.getByLabel("Wire 1: colour").selectOption("brown");
            at.action().click();
            at.page
                    .locator(".rail .step", new Page.LocatorOptions().setHasText("Make safe"))
                    .click();
            at.reading("120");
            int pairs = bench.get("/api" + call).json().at("/safe/pairs").size();
            for (int pair = 0; pair < pairs; pair++) {
                at.reading("0.2");
            }
            at.reading("120");
            at.page.locator(".rail .part").first().click();
            at.page.keyboard().press("Alt+5");
            at.page.locator("figure svg").first().waitFor();
            Path svg = at.page
                    .waitForDownload(() -> at.exactButton("drawings as SVG").click())
                    .path();
            org.assertj.core.api.Assertions.assertThat(Files.readString(svg))
                    .startsWith("<svg")
                    .contains("xmlns=\"http://www.w3.org/2000/svg\"")
                    .doesNotContain("var(--");
            Path png =
                    at.page.waitForDownload(() -> at.exactButton("PNG").click()).path();
            org.assertj.core.api.Assertions.assertThat(
                            ImageIO.read(png.toFile()).getWidth())
                    .isGreaterThan(300);
        }
    }
}
