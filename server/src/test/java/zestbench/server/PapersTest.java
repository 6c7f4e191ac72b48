package zestbench.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.google.zxing.BinaryBitmap;
import com.google.zxing.RGBLuminanceSource;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.qrcode.QRCodeReader;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.StringReader;
import java.nio.file.Path;
import java.time.LocalDate;
import javax.imageio.ImageIO;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.Component;
import net.fortuna.ical4j.model.component.VEvent;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** What goes out on paper and into calendars, read back by general-purpose readers. */
class PapersTest {
    private static final float MILLIMETRES_PER_POINT = 25.4f / 72;
    private static RunningBench bench;

    @BeforeAll
    static void open() {
        bench = RunningBench.start();
    }

    @AfterAll
    static void close() {
        bench.close();
    }

    /** Notes were once kept with signs in them that are refused today; such a call still opens and prints. */
    @Test
    void aTapeWithASignThatIsRefusedTodayOpensAndPrints(@TempDir Path data) throws Exception {
        String path;
        try (RunningBench before = RunningBench.start("--zest.data=" + data)) {
            Bench call = Bench.callTo(before, "loft 7 heat pump");
            call.does("/notes", "{\"text\":\"rings the bell\"}");
            path = call.call;
            before.sql(
                    "update tape_line set entry = replace(entry, 'rings the', 'rings\\u0007the') where entry like '%rings the%'");
        }
        try (RunningBench after = RunningBench.start("--zest.data=" + data)) {
            assertThat(after.get(path).json().at("/tape/0/text/title").asString())
                    .contains("rings" + (char) 7 + "the bell");
            try (PDDocument pdf =
                    Loader.loadPDF(after.get(path + "/report.pdf").raw().body())) {
                assertThat(new PDFTextStripper().getText(pdf)).contains("bell");
            }
        }
    }

    @Test
    void whatStandsOnPaperIsFoundByItsWords() throws Exception {
        Bench call = Bench.callTo(bench, "loft 7 heat pump");
        call.does("/notes", "{\"text\":\"office fitting, flame baffle, waffle\"}");
        assertThat(call.refuses("/notes", "{\"text\":\"a\\u0007b\"}")).contains("text", "cannot be shown");
        try (PDDocument pdf =
                Loader.loadPDF(bench.get(call.call + "/report.pdf").raw().body())) {
            assertThat(new PDFTextStripper().getText(pdf)).contains("office fitting, flame baffle, waffle");
        }
    }

    @Test
    void theReportHasTheCallWithItsFiguresAndAMaskedSerial() throws Exception {
        Bench call = Bench.callTo(bench, "split system");
        String part = call.part("capacitor", "60/7.5 MFD 440VAC ±6%");
        call.measure(part, "HERM", 57.3);
        call.measure(part, "FAN", 5.9);
        call.does("/notes", "{\"text\":\"Customer says <b>warm</b> & loud, 12 Ω read\"}");
        call.does(
                "/write-ups",
                "{\"what\":\"Disconnect lid cracked\",\"why\":\"Rain gets in\",\"urgency\":\"SOON\",\"place\":\"\"}");
        call.start();
        call.reads("RETURN_AIR", 76);
        call.reads("SUPPLY_AIR", 57.5);
        call.does("/proof/keep", "{\"isBenchmark\":false}");
        call.does("/end", "{\"end\":\"CLOSED\",\"note\":\"Ladder key is at the desk\"}");
        try (PDDocument pdf =
                Loader.loadPDF(bench.get(call.call + "/report.pdf").raw().body())) {
            String text = new PDFTextStripper().getText(pdf);
            assertThat(text)
                    .contains("Seed library, split system", "HERM 57.3 µF, FAN 5.9 µF", "FAILED")
                    .contains("Temperature split", "18.5 °F", "GOOD", "Return 76 − supply 57.5 = 18.5")
                    .contains("SOON", "Disconnect lid cracked", "Rain gets in")
                    .contains("Customer says <b>warm</b> & loud, 12 Ω read")
                    .contains("Note for the next visit: Ladder key is at the desk")
                    .contains("•••");
            String serial = bench.get("/api/units/"
                            + Bench.unit(bench, "split system").at("/id").asString())
                    .json()
                    .at("/plate/serial")
                    .asString();
            assertThat(text).doesNotContain(serial);
        }
    }

    @Test
    void aStopThatStandsIsOnThePaperInTheSameWords() throws Exception {
        Bench call = Bench.callTo(bench, "split system");
        String part = call.part("fuse", "30 A 600 V CLASS RK5 TIME DELAY");
        call.does(part + "/readings", "{\"readings\":[{\"section\":\"FUSE 1\",\"overRange\":true}]}");
        String words = call.view().at("/parts/0/stop/text").asString();
        assertThat(words).contains("known why it opened");
        assertThat(bench.get(call.call + "/summary").text()).contains("STOP: Find why it opened first. " + words);
        try (PDDocument pdf =
                Loader.loadPDF(bench.get(call.call + "/report.pdf").raw().body())) {
            assertThat(new PDFTextStripper().getText(pdf).replaceAll("\\s+", " "))
                    .as("the flag stands a line apart from its words")
                    .contains("STOP", "Find why it opened first.", words.substring(0, words.indexOf(", start")));
        }
    }

    @Test
    void theStickerIsOfLabelSizeAndItsCodeLeadsToTheRecord() throws Exception {
        String id = Bench.unit(bench, "loft 7 heat pump").at("/id").asString();
        try (PDDocument pdf = Loader.loadPDF(
                bench.get("/api/units/" + id + "/sticker.pdf").raw().body())) {
            assertThat(pdf.getNumberOfPages()).isEqualTo(1);
            assertThat(pdf.getPage(0).getMediaBox().getWidth() * MILLIMETRES_PER_POINT)
                    .isBetween(99f, 101f);
            assertThat(pdf.getPage(0).getMediaBox().getHeight() * MILLIMETRES_PER_POINT)
                    .isBetween(59f, 61f);
            assertThat(new PDFTextStripper().getText(pdf))
                    .contains("Net lofts, loft 7 heat pump", "Run capacitor", "µF, reads ", "OUT BY");
            BufferedImage image = new PDFRenderer(pdf).renderImageWithDPI(0, 200);
            int[] pixels = image.getRGB(0, 0, image.getWidth(), image.getHeight(), null, 0, image.getWidth());
            String address = new QRCodeReader()
                    .decode(new BinaryBitmap(
                            new HybridBinarizer(new RGBLuminanceSource(image.getWidth(), image.getHeight(), pixels))))
                    .getText();
            assertThat(address).startsWith(bench.address() + "/units/" + id + "?unit=");
            ByteArrayOutputStream photo = new ByteArrayOutputStream();
            ImageIO.write(image, "png", photo);
            assertThat(bench.upload("/api/scan", "photo", photo.toByteArray())
                            .json()
                            .at("/unit")
                            .asString())
                    .as("the sticker as printed opens its unit")
                    .isEqualTo(id);
        }
    }

    @Test
    void optionsPrintWithTheirTotalsAndOnlyOnceThereAreAny() throws Exception {
        Bench call = Bench.callTo(bench, "loft 3 heat pump");
        assertThat(bench.get(call.call + "/options.pdf").status()).isEqualTo(409);
        call.does(
                "PUT",
                "/options",
                "{\"options\":[{\"key\":\"b\",\"tier\":\"BETTER\",\"words\":\"A motor & its capacitor\",\"labour\":180,"
                        + "\"parts\":[{\"name\":\"Fan motor\",\"count\":1,\"each\":188.8}]}]}");
        try (PDDocument pdf =
                Loader.loadPDF(bench.get(call.call + "/options.pdf").raw().body())) {
            assertThat(new PDFTextStripper().getText(pdf))
                    .contains("A motor & its capacitor", "$ 368.80", "$ 188.80 each");
        }
    }

    @Test
    void returnDatesAreACalendarThatOthersRead() throws Exception {
        RunningBench.Answer answer = bench.get("/api/returns.ics");
        assertThat(answer.raw().headers().firstValue("Content-Type").orElse("")).startsWith("text/calendar");
        Calendar calendar = new CalendarBuilder().build(new StringReader(answer.text()));
        calendar.validate();
        JsonNode due = bench.get("/api/calls").json().at("/due");
        assertThat(calendar.getComponents(Component.VEVENT)).hasSameSizeAs(due);
        VEvent first = (VEvent) calendar.getComponents(Component.VEVENT).get(0);
        assertThat(LocalDate.from(first.getDateTimeStart().getDate()))
                .isEqualTo(LocalDate.parse(due.at("/0/returnDate").asString()));
        assertThat(first.getSummary().getValue()).isEqualTo("Stopgap comes out: Run capacitor");
        assertThat(first.getLocation().getValue()).isEqualTo("Net lofts, loft 7 heat pump");
        String none = bench.get(Bench.callTo(bench, "rooftop 1").call + "/returns.ics")
                .text();
        assertThat(none).contains("BEGIN:VCALENDAR").doesNotContain("VEVENT");
    }

    @Test
    void whatIsNotThereIsSaid() {
        for (String path : new String[] {
            "/api/calls/999999/report.pdf", "/api/units/999999/sticker.pdf", "/api/calls/999999/returns.ics",
            "/api/calls/999999/call.json", "/api/units/999999/unit.json", "/api/units/999999/history"
        }) {
            RunningBench.Answer answer = bench.get(path);
            assertThat(answer.status()).as(path).isEqualTo(404);
            assertThat(answer.json().at("/detail").asString()).startsWith("There is no");
        }
    }
}
