package zestbench.server.paper;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import com.google.zxing.qrcode.decoder.ErrorCorrectionLevel;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Base64;
import java.util.Map;
import javax.imageio.ImageIO;

/** A QR code as a picture that stands in a page. */
public final class QrCode {
    private static final int PIXELS = 320;
    private static final int BLACK = 0x14201a;
    private static final int WHITE = 0xffffff;

    private QrCode() {}

    /** @param text such as an address @return a data address of a PNG */
    public static String of(String text) {
        try {
            BitMatrix bits = new QRCodeWriter()
                    .encode(
                            text,
                            BarcodeFormat.QR_CODE,
                            PIXELS,
                            PIXELS,
                            Map.of(EncodeHintType.ERROR_CORRECTION, ErrorCorrectionLevel.Q, EncodeHintType.MARGIN, 1));
            BufferedImage image = new BufferedImage(PIXELS, PIXELS, BufferedImage.TYPE_INT_RGB);
            for (int x = 0; x < PIXELS; x++) {
                for (int y = 0; y < PIXELS; y++) {
                    image.setRGB(x, y, bits.get(x, y) ? BLACK : WHITE);
                }
            }
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            ImageIO.write(image, "png", out);
            return "data:image/png;base64," + Base64.getEncoder().encodeToString(out.toByteArray());
        } catch (WriterException problem) {
            throw new IllegalArgumentException("does not fit a QR code: " + text, problem);
        } catch (IOException problem) {
            throw new UncheckedIOException(problem);
        }
    }
}
