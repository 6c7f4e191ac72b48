package zestbench.browser;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ScreenshotType;
import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import javax.imageio.ImageIO;

/** Made-up labels, and the looks in which a camera meets them, drawn by the browser. */
final class LabelPictures {
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

    private static final String WORN = PLATE.replace(
                    "17.6", "1<span style='display:inline-block;clip-path:inset(36% 0 0 0)'>7</span>.6")
            .replace("23.3", "2<span style='display:inline-block;clip-path:inset(0 0 0 42%)'>3</span>.3");

    /** By the name that their true fields go by. */
    static final Map<String, String> LABELS = labels();

    /**
     * How a label looks.
     *
     * @param isDegraded whether it is worse than a clean picture of a clean label
     * @param sheet CSS of the label
     * @param over CSS of what lies over it; empty where nothing does
     * @param turned degrees clockwise by which the whole picture is turned
     */
    record Look(String name, boolean isDegraded, String sheet, String over, int turned) {}

    private static final String DOTS = "dots";
    private static final String CURVED = "curved";
    /** Half of a figure is gone: not for what says how much is read. */
    static final Look WORN_LOOK = new Look("worn", true, "", "", 0);

    static final List<Look> LOOKS = List.of(
            new Look("plain", false, "background:#dfe3e6", "", 0),
            new Look("mono", false, "font-family:'DejaVu Sans Mono';font-size:26px", "", 0),
            new Look("serif", false, "font-family:'DejaVu Serif';font-size:28px;transform:rotate(4deg)", "", 0),
            new Look("aslant", false, "transform:rotate(-2deg)", "", 0),
            new Look("upside-down", false, "", "", 180),
            new Look("on-its-side", false, "", "", 90),
            new Look("dim", true, "", "background:rgba(20,18,12,.7)", 0),
            new Look("blur", true, "filter:blur(1.2px)", "", 0),
            new Look(CURVED, true, "background:#dfe3e6", "", 0),
            new Look("small", true, "background:#dfe3e6;transform:scale(.38)", "", 0),
            new Look("perspective", true, "transform:perspective(1500px) rotateY(20deg)", "", 0),
            new Look("embossed", true, "color:#bdbab0;text-shadow:2px 2px 1px #45443e,-1px -1px 1px #fff", "", 0),
            new Look(DOTS, true, "", "", 0),
            new Look(
                    "glare",
                    true,
                    "",
                    "background:radial-gradient(circle at 60% 40%,rgba(255,255,255,.7),transparent 45%)",
                    0),
            new Look(
                    "rust",
                    true,
                    "",
                    "background:radial-gradient(circle at 70% 78%,rgba(140,70,30,.6) 4%,transparent 6%),"
                            + "radial-gradient(circle at 20% 30%,rgba(140,70,30,.45) 3%,transparent 7%)",
                    0));

    /** Sine of how far around the can the picture's edges lie. */
    private static final double VISIBLE = .93;
    /** How far its lines are bent, px. */
    private static final double BENT = 60;

    private LabelPictures() {}

    private static Map<String, String> labels() {
        Map<String, String> out = new LinkedHashMap<>();
        out.put("plate", PLATE);
        out.put("can", CAN);
        out.put("motor", MOTOR);
        out.put("contactor", CONTACTOR);
        out.put("fuse", FUSE);
        out.put("transformer", TRANSFORMER);
        return out;
    }

    /** A JPEG picture of a label in a look. */
    static byte[] drawn(Page page, String label, Look look) throws IOException {
        page.setContent(page(look == WORN_LOOK ? WORN : LABELS.get(label), look));
        byte[] flat = page.screenshot(
                new Page.ScreenshotOptions().setType(ScreenshotType.JPEG).setQuality(70));
        return look.name().equals(CURVED) ? aboutACan(flat) : flat;
    }

    /** The picture laid about a cylinder that is seen from a little above: narrower and darker to its sides, its lines bent. */
    private static byte[] aboutACan(byte[] flat) throws IOException {
        BufferedImage from = ImageIO.read(new ByteArrayInputStream(flat));
        BufferedImage to = new BufferedImage(from.getWidth(), from.getHeight(), BufferedImage.TYPE_INT_RGB);
        double middle = from.getWidth() / 2.0;
        for (int x = 0; x < to.getWidth(); x++) {
            double around = Math.asin((x - middle) / middle * VISIBLE);
            int fromX = (int) Math.round(middle + around / Math.asin(VISIBLE) * middle);
            for (int y = 0; y < to.getHeight(); y++) {
                int fromY = (int) Math.round(y - BENT * (Math.cos(around) - .6));
                boolean isInside = fromX >= 0 && fromX < from.getWidth() && fromY >= 0 && fromY < from.getHeight();
                Color colour = isInside ? new Color(from.getRGB(fromX, fromY)) : Color.GRAY;
                double light = .45 + .55 * Math.cos(around);
                to.setRGB(
                        x,
                        y,
                        new Color((int) (colour.getRed() * light), (int) (colour.getGreen() * light), (int)
                                        (colour.getBlue() * light))
                                .getRGB());
            }
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(to, "jpg", out);
        return out.toByteArray();
    }

    private static String page(String label, Look look) {
        String writing = look.name().equals(DOTS) ? "<span class=dots>" + label + "</span>" : label;
        return "<style>body{margin:0;background:linear-gradient(160deg,#a9ada6,#7d837c)}"
                + "main{position:absolute;inset:0;transform:rotate(" + look.turned() + "deg)"
                + (look.turned() % 180 == 0 ? "" : " scale(.72)") + "}"
                + "article{position:absolute;left:80px;right:80px;top:110px;background:#d9d6cb;border:3px solid #8a8a82;"
                + "padding:34px 40px;white-space:pre-line;color:#23241f;font:600 32px/1.7 'DejaVu Sans Condensed'}"
                + "table{width:100%;border-collapse:collapse;font:inherit;font-size:28px;white-space:nowrap}"
                + "tr{border-top:2px solid #777}.big{font-size:46px}div{position:absolute;inset:0}"
                + ".dots{font:600 34px/1.7 'DejaVu Sans Mono';color:transparent;background-clip:text;"
                + "-webkit-background-clip:text;background-size:3.4px 3.4px;"
                + "background-image:radial-gradient(circle,#222 40%,rgba(34,34,34,.15) 55%)}</style>"
                + "<main><article style=\"" + look.sheet() + "\">" + writing + "</article></main>"
                + "<div style=\"" + look.over() + "\"></div>";
    }
}
