package zestbench.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
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
import zestbench.browser.Thumb.Repair;
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

    static List<Repair> repairs() {
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
                        "Replaced",
                        1),
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
                        "Replaced",
                        1),
                new Repair(
                        "contactor",
                        "2 POLE 30 FLA 150 LRA 40 RES COIL 24 VAC : 12.4",
                        Map.of("COIL", "12.1", "LIVE SOURCE", "238"),
                        List.of("burnt away"),
                        "Replaced",
                        1),
                new Repair(
                        "set of fuses",
                        "30 A 250 V RK5 TIME DELAY FUSE : 0.2 ol",
                        Map.of("FUSE 1", "0.1", "FUSE 2", "0.1", "FUSE 3", "0.1", "LIVE SOURCE", "238"),
                        List.of("outdoor fan motor"),
                        "Replaced",
                        1),
                new Repair(
                        "control transformer",
                        "40 VA PRI 208/240 SEC 24 V 60 HZ CLASS 2",
                        Map.of("PRIMARY", "238", "SECONDARY", "0", "LIVE SOURCE", "238"),
                        List.of(),
                        "Replaced",
                        1),
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
                        "Replaced",
                        2),
                new Repair(
                        "start device taken out",
                        "PTC 1-3 TON 208/277 V",
                        Map.of("LIVE SOURCE", "238"),
                        List.of("two"),
                        "Taken out",
                        1));
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
            Thumb thumb = new Thumb(at, repair);
            thumb.begin();
            thumb.goOn();
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
}
