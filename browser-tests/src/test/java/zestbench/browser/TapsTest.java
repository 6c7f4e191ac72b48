package zestbench.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
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

    private static final String PLATE = "MODEL XW-048 SERIAL 1412-77 208/230 V 1 PH 60 HZ R-410A"
            + " COMP RLA 20.5 LRA 112 FAN MOTOR FLA 1.4 HP 1/4 MCA 27.0 MAX FUSE 45";

    /** With a truck of its own, that no other test has taken from. */
    private static RunningBench bench;

    @BeforeAll
    static void start() {
        bench = RunningBench.start();
    }

    @AfterAll
    static void close() {
        bench.close();
    }

    /** As the table of docs/taps.md has it. */
    private static int most(String what) throws IOException {
        Matcher row = Pattern.compile("(?m)^\\| " + Pattern.quote(what) + " \\| (\\d+) \\|")
                .matcher(Files.readString(Path.of("../docs/taps.md")));
        assertThat(row.find()).as(what + " stands in docs/taps.md").isTrue();
        return Integer.parseInt(row.group(1));
    }

    /**
     * A repair.
     *
     * @param label as it is typed into the start page, with its readings behind the colon
     * @param figures what the meter shows, by what the pad asks for
     * @param seen what is tapped where it is offered
     * @param until words on the tape when it is done
     */
    private record Repair(String name, String label, Map<String, String> figures, List<String> seen, String until) {
        @Override
        public String toString() {
            return name;
        }
    }

    private static List<Repair> repairs() {
        return List.of(
                new Repair(
                        "dual capacitor, like for like",
                        "40/5 MFD 440VAC ±6% : 39.8 3.1",
                        Map.of(
                                "HERM",
                                "40.1",
                                "FAN",
                                "5.02",
                                "LIVE SOURCE",
                                "238",
                                "Compressor",
                                "15.2",
                                "Outdoor fan",
                                "1.3"),
                        List.of(),
                        "Replaced"),
                new Repair(
                        "dual capacitor by two singles",
                        "60/7.5 MFD 440VAC ±6% : 59.6 5.1",
                        Map.of(
                                "CAP",
                                "7.52",
                                "HERM",
                                "59.9",
                                "FAN",
                                "7.52",
                                "LIVE SOURCE",
                                "238",
                                "Compressor",
                                "15.2",
                                "Outdoor fan",
                                "1.3"),
                        List.of(),
                        "Replaced"),
                new Repair(
                        "contactor",
                        "2 POLE 30 FLA 150 LRA 40 RES COIL 24 VAC : 12.4",
                        Map.of("COIL", "12.1", "LIVE SOURCE", "238"),
                        List.of("burnt away"),
                        "Replaced"),
                new Repair(
                        "set of fuses",
                        "30 A 250 V RK5 TIME DELAY FUSE : 0.2 ol",
                        Map.of("FUSE 1", "0.1", "FUSE 2", "0.1", "FUSE 3", "0.1", "LIVE SOURCE", "238"),
                        List.of("outdoor fan motor"),
                        "Replaced"),
                new Repair(
                        "control transformer",
                        "40 VA PRI 208/240 SEC 24 V 60 HZ CLASS 2",
                        Map.of("PRIMARY", "238", "SECONDARY", "0", "LIVE SOURCE", "238"),
                        List.of(),
                        "Replaced"),
                new Repair(
                        "fan motor with its capacitor",
                        "1/4 HP 208-230 V 1 PH 60 HZ 1075 RPM 1.8 A CW LE CAP 7.5 MFD 370 VAC FR 48Y TEAO AMB 60C",
                        Map.of(
                                "LIVE SOURCE",
                                "238",
                                "HERM",
                                "5.02",
                                "CAP",
                                "5.02",
                                "AMPS",
                                "1.7",
                                "VOLTS",
                                "231",
                                "INRUSH",
                                "4.1"),
                        List.of("bound", "open its part"),
                        "Replaced"),
                new Repair(
                        "start device taken out",
                        "PTC 1-3 TON 208/277 V",
                        Map.of("LIVE SOURCE", "238"),
                        List.of("two"),
                        "Taken out"));
    }

    @Test
    void theDualCapacitorTakesNoMoreThanInTheTable() throws IOException {
        noMoreThanInTheTable(repairs().get(0));
    }

    /** With {@code ./zest taps}: a minute and a half that every other run does without. */
    @ParameterizedTest
    @MethodSource("others")
    @Tag("taps")
    void noMoreTapsThanInTheTable(Repair repair) throws IOException {
        noMoreThanInTheTable(repair);
    }

    private static List<Repair> others() {
        return repairs().subList(1, repairs().size());
    }

    private static void noMoreThanInTheTable(Repair repair) throws IOException {
        try (Browsing at = Browsing.laptop(bench).as("Tech 2")) {
            counted(at);
            label(at, repair.label());
            new Thumb(at, repair).goOn();
            atMost(at, repair.name());
        }
    }

    /** A unit that nobody has seen before, from its plate: what the plate says is not typed again. */
    @Test
    @Tag("taps")
    void thePlateOfANewUnitTakesNoMoreThanInTheTable() throws IOException {
        try (Browsing at = Browsing.laptop(bench).as("Tech 2")) {
            counted(at);
            at.page.keyboard().press("/");
            at.page.keyboard().type(PLATE);
            assertThat(at.page.locator(".answer")).containsText("4 ton");
            at.button("Put it on a call").click();
            at.button("A new call").click();
            at.button("a unit not seen before").click();
            assertThat(at.page.getByLabel("Tons, if known")).hasValue("4");
            at.page
                    .getByLabel("Site", new Page.GetByLabelOptions().setExact(true))
                    .click();
            at.page.keyboard().type("Rope walk");
            at.page
                    .getByLabel("Unit", new Page.GetByLabelOptions().setExact(true))
                    .click();
            at.page.keyboard().type("roof 1");
            at.page.getByLabel("Complaint, in their words").click();
            at.page.keyboard().type("Warm");
            at.button("Start the call").click();
            assertThat(at.page.locator(".rail .step", new Page.LocatorOptions().setHasText("Plate")))
                    .containsText("adds up");
            atMost(at, "plate of a new unit");
        }
    }

    private static void counted(Browsing at) {
        at.page.addInitScript(COUNT);
        at.go("/calls");
        at.page.evaluate("sessionStorage.setItem('taps', '{\"taps\":0,\"keys\":0}')");
        at.go("/calls");
        at.page.locator("#label-box").waitFor();
    }

    private static void atMost(Browsing at, String name) throws IOException {
        int taps = ((Number) at.page.evaluate("window.zestTaps.taps")).intValue();
        int keys = ((Number) at.page.evaluate("window.zestTaps.keys")).intValue();
        System.out.printf("taps: %s: %d taps, %d keys%n", name, taps, keys);
        assertThat(taps).as("taps from the start page to the end").isLessThanOrEqualTo(most(name));
    }

    private static void label(Browsing at, String label) {
        at.page.locator("#label-box").waitFor();
        at.page.keyboard().press("/");
        at.page.keyboard().type(label);
        assertThat(at.page.locator(".has")).isVisible();
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

    /** Does what the bench says is next, as a thumb would. */
    private static final class Thumb {
        private static final int MOST_ACTS = 90;
        private static final int REST_MILLIS = 250;

        private final Browsing at;
        private final Repair repair;
        private final List<String> tapped = new ArrayList<>();
        private final List<String> done = new ArrayList<>();

        Thumb(Browsing at, Repair repair) {
            this.at = at;
            this.repair = repair;
        }

        void goOn() {
            for (int act = 0; act < MOST_ACTS; act++) {
                if (at.tape().textContent().contains(repair.until())) {
                    return;
                }
                // a thumb waits until the screen has come to rest
                at.page.waitForTimeout(REST_MILLIS);
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
                if (!tapped.contains(look)
                        && button.count() > 0
                        && button.first().isVisible()) {
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
}
