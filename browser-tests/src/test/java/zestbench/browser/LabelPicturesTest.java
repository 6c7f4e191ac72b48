package zestbench.browser;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ScreenshotType;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import zestbench.server.RunningBench;

/** Draws the made-up pictures of labels that the tests of reading photos use, each in a look of its own: {@code ./zest pictures}. */
@Tag("pictures")
class LabelPicturesTest {
    private static final Path FOLDER = Path.of("../server/src/test/resources/pictures");

    private static final String PLATE = """
            <b class=big>HARROW</b> OUTDOOR CONDENSING UNIT
            <table><tr><td>MODEL HC42-1B<td>SERIAL 1412H20747
            <tr><td>VOLTS 208/230 PH 1 HZ 60<td>R-410A
            <tr><td>COMPRESSOR RLA 17.6<td>LRA 96
            <tr><td>FAN MOTOR FLA 1.3<td>HP 1/5
            <tr><td>MIN CIRCUIT AMPACITY 23.3<td>MAX FUSE OR BREAKER 40
            <tr><td>DESIGN PSIG HIGH 450<td>LOW 250<tr><td>MADE 04/2014<td></table>""";

    private static final String CAN = """
            <b class=big>PELL &amp; DANE</b>
            45/5 MFD ±6%
            440 VAC 50/60 Hz
            MOTOR RUN CAPACITOR
            NO PCB  85°C""";

    private static final String MOTOR = """
            <b class=big>HARROW</b> FAN MOTOR
            HP 1/4   RPM 1075   PH 1
            VOLTS 208-230   AMPS 1.8   HZ 60
            CAP 5 MFD 370 VAC   ROT CCW LE""";

    private static final String CONTACTOR = """
            <b class=big>CONTACTOR</b> 2 POLE
            30 FLA  40 RES  150 LRA 240V
            COIL 24 VAC 50/60 HZ""";

    private static final String FUSE = """
            TIME DELAY FUSE
            CLASS RK5
            30 A 250 V
            INTERRUPTING 200,000 A""";

    private static final String TRANSFORMER = """
            CLASS 2 TRANSFORMER
            PRI 208/240 V 60 HZ
            SEC 24 V  40 VA""";

    /**
     * One picture.
     *
     * @param sheet CSS of the label
     * @param over CSS of what lies over it; empty where nothing does
     * @param turned degrees clockwise by which the whole picture is turned
     */
    private record Look(String name, String label, String sheet, String over, int turned) {}

    private static final List<Look> LOOKS = List.of(
            new Look("plate-aslant", PLATE, "transform:rotate(-2deg)", "", 0),
            new Look("plate-dim", PLATE, "", "background:rgba(20,18,12,.7)", 0),
            new Look("plate-upside-down", PLATE, "", "", 180),
            new Look("plate-on-its-side", PLATE, "", "", 90),
            new Look(
                    "plate-rust",
                    PLATE,
                    "",
                    "background:radial-gradient(circle at 70% 78%,rgba(140,70,30,.6) 4%,transparent 6%)",
                    0),
            new Look(
                    "plate-worn",
                    PLATE.replace("17.6", "1<span style='display:inline-block;clip-path:inset(36% 0 0 0)'>7</span>.6")
                            .replace(
                                    "23.3",
                                    "2<span style='display:inline-block;clip-path:inset(0 0 0 42%)'>3</span>.3"),
                    "",
                    "",
                    0),
            new Look("can", CAN, "background:#dfe3e6;font-family:'DejaVu Sans Mono'", "", 0),
            new Look("can-blur", CAN, "filter:blur(1.2px)", "", 0),
            new Look(
                    "motor-glare",
                    MOTOR,
                    "",
                    "background:radial-gradient(circle at 60% 40%,rgba(255,255,255,.7),transparent 45%)",
                    0),
            new Look("motor-perspective", MOTOR, "transform:perspective(1500px) rotateY(20deg)", "", 0),
            new Look(
                    "contactor-embossed",
                    CONTACTOR,
                    "color:#bdbab0;text-shadow:2px 2px 1px #45443e,-1px -1px 1px #fff",
                    "",
                    0),
            new Look("fuse", FUSE, "font-family:'DejaVu Serif';transform:rotate(4deg)", "", 0),
            new Look("transformer-dots", TRANSFORMER, "font-family:'DejaVu Sans Mono';font-weight:400", "", 0));

    @Test
    void draw() {
        try (Browsing at = Browsing.laptop(RunningBench.demo())) {
            at.page.setViewportSize(1200, 900);
            for (Look look : LOOKS) {
                at.page.setContent(page(look));
                byte[] picture = at.page.screenshot(new Page.ScreenshotOptions()
                        .setPath(FOLDER.resolve(look.name() + ".jpg"))
                        .setType(ScreenshotType.JPEG)
                        .setQuality(70));
                assertThat(picture).as(look.name()).isNotEmpty();
            }
        }
    }

    private static String page(Look look) {
        return "<style>body{margin:0;background:linear-gradient(160deg,#a9ada6,#7d837c)}"
                + "main{position:absolute;inset:0;transform:rotate(" + look.turned() + "deg)"
                + (look.turned() % 180 == 0 ? "" : " scale(.72)") + "}"
                + "article{position:absolute;left:80px;right:80px;top:110px;background:#d9d6cb;border:3px solid #8a8a82;"
                + "padding:34px 40px;white-space:pre-line;color:#23241f;font:600 32px/1.7 'DejaVu Sans Condensed'}"
                + "table{width:100%;border-collapse:collapse;font:inherit;font-size:28px;white-space:nowrap}"
                + "tr{border-top:2px solid #777}.big{font-size:46px}div{position:absolute;inset:0}</style>"
                + "<main><article style=\"" + look.sheet() + "\">" + look.label() + "</article></main>"
                + "<div style=\"" + look.over() + "\"></div>";
    }
}
