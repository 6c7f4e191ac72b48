package zestbench.server.paper;

import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.pdfboxout.PDFontSupplier;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.util.XRLog;
import com.samskivert.mustache.Mustache;
import com.samskivert.mustache.Template;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.Objects;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.springframework.stereotype.Component;
import zestbench.server.json.CleanText;

/** Fills in a sheet of paper and sets it as PDF, with the bench's own letters. */
@Component
public class Paper {
    private static final int PLAIN = 400;
    private static final int BOLD = 700;
    private static final int CONDENSED = 600;

    static {
        XRLog.setLoggingEnabled(false);
    }

    /** The sheets there are. */
    public enum Sheet {
        REPORT,
        OPTIONS,
        STICKER
    }

    /** A sheet filled in with what it names; every value is escaped. */
    public byte[] print(Sheet sheet, Map<String, Object> filled) {
        String name = "/paper/" + sheet.name().toLowerCase(java.util.Locale.ROOT) + ".html";
        try (Reader in = new InputStreamReader(stream(name), StandardCharsets.UTF_8)) {
            Template template = Mustache.compiler()
                    .defaultValue("")
                    .emptyStringIsFalse(true)
                    .compile(in);
            return set(printable(template.execute(filled)));
        } catch (IOException problem) {
            throw new UncheckedIOException(problem);
        }
    }

    /** The letters that are shipped have no arrow and no signs of order. */
    private static String printable(String html) {
        return CleanText.shown(html)
                .replace("→", "to")
                .replace("≥", "at least ")
                .replace("≤", "at most ")
                .replace("≈", "about ");
    }

    private static byte[] set(String html) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (PDDocument document = new PDDocument()) {
            PdfRendererBuilder builder = new PdfRendererBuilder().usePDDocument(document);
            font(document, builder, "SourceSans3-latin-400", "Text", PLAIN);
            font(document, builder, "SourceSans3-latin-700", "Text", BOLD);
            font(document, builder, "SourceSans3-greek-400", "Greek", PLAIN);
            font(document, builder, "SourceSans3-greek-700", "Greek", BOLD);
            font(document, builder, "BarlowCondensed-600", "Plate", CONDENSED);
            builder.useFastMode();
            builder.withHtmlContent(html, null);
            builder.toStream(out);
            builder.run();
        }
        return out.toByteArray();
    }

    /** Letters are set one by one: what is joined to a ligature is not found when the paper is searched. */
    private static void font(PDDocument document, PdfRendererBuilder builder, String file, String family, int weight)
            throws IOException {
        TrueTypeFont letters = new TTFParser().parse(new RandomAccessReadBuffer(stream("/fonts/" + file + ".ttf")));
        letters.setEnableGsub(false);
        PDFont font = PDType0Font.load(document, letters, true);
        builder.useFont(new PDFontSupplier(font), family, weight, FontStyle.NORMAL, true);
    }

    private static InputStream stream(String name) {
        return Objects.requireNonNull(Paper.class.getResourceAsStream(name), name);
    }
}
