package zestbench.server.paper;

import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
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
import org.springframework.stereotype.Component;

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
        return html.replace("→", "to")
                .replace("≥", "at least ")
                .replace("≤", "at most ")
                .replace("≈", "about ");
    }

    private static byte[] set(String html) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        PdfRendererBuilder builder = new PdfRendererBuilder();
        font(builder, "SourceSans3-latin-400", "Text", PLAIN);
        font(builder, "SourceSans3-latin-700", "Text", BOLD);
        font(builder, "SourceSans3-greek-400", "Greek", PLAIN);
        font(builder, "SourceSans3-greek-700", "Greek", BOLD);
        font(builder, "BarlowCondensed-600", "Plate", CONDENSED);
        builder.useFastMode();
        builder.withHtmlContent(html, null);
        builder.toStream(out);
        builder.run();
        return out.toByteArray();
    }

    private static void font(PdfRendererBuilder builder, String file, String family, int weight) {
        builder.useFont(() -> stream("/fonts/" + file + ".ttf"), family, weight, FontStyle.NORMAL, true);
    }

    private static InputStream stream(String name) {
        return Objects.requireNonNull(Paper.class.getResourceAsStream(name), name);
    }
}
