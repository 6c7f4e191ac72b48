package zestbench.server.photo;

import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.metadata.MetadataException;
import com.drew.metadata.exif.ExifIFD0Directory;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Iterator;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageInputStream;
import javax.imageio.stream.ImageOutputStream;
import org.jspecify.annotations.Nullable;
import zestbench.core.quantity.InputProblem;
import zestbench.server.problem.Busy;
import zestbench.server.problem.TooLarge;

/**
 * A photo as it is kept: decoded and written anew, upright, no larger than a screen needs, with nothing in it but the
 * picture, so without the place and device the camera wrote into it. Two are worked on at once; others wait their turn.
 *
 * @param jpeg its bytes
 */
public record Picture(byte[] jpeg) {
    private static final long MOST_PIXELS = 60_000_000;
    private static final int MOST_BYTES = 12 * 1024 * 1024;
    private static final int LONGEST_SIDE = 2000;
    private static final float QUALITY = 0.85f;
    private static final Semaphore WORKPLACES = new Semaphore(2, true);
    private static final long PATIENCE_SECONDS = 30;

    /** Reads a photo; throws where it is none, cut off, or too large. */
    public static Picture of(byte[] bytes) {
        if (bytes.length > MOST_BYTES) {
            throw new TooLarge("The photo is too large: give up to 12 MB.");
        }
        try {
            if (!WORKPLACES.tryAcquire(PATIENCE_SECONDS, TimeUnit.SECONDS)) {
                throw new Busy("Many photos are being read: send it again in a moment.");
            }
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw new Busy("The bench is stopping.");
        }
        try {
            return new Picture(write(upright(decode(bytes), orientation(bytes))));
        } finally {
            WORKPLACES.release();
        }
    }

    private static BufferedImage decode(byte[] bytes) {
        AtomicBoolean isCut = new AtomicBoolean();
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(bytes))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (readers.hasNext()) {
                ImageReader reader = readers.next();
                reader.addIIOReadWarningListener(
                        (from, warning) -> isCut.set(isCut.get() || warning.contains("remature")));
                reader.setInput(in, true, true);
                int width = reader.getWidth(0);
                int height = reader.getHeight(0);
                long pixels = (long) width * height;
                InputProblem.require(pixels <= MOST_PIXELS, "photo", pixels + " pixels", "give up to 60 megapixels");
                // of a picture that is shown smaller only every second, third … pixel has to be held
                int every = Math.max(1, Math.max(width, height) / LONGEST_SIDE);
                ImageReadParam param = reader.getDefaultReadParam();
                param.setSourceSubsampling(every, every, 0, 0);
                BufferedImage image = reader.read(0, param);
                InputProblem.require(!isCut.get(), "photo", null, "only a part of it arrived: send it again");
                return image;
            }
        } catch (InputProblem problem) {
            throw problem;
        } catch (IOException | RuntimeException broken) {
            throw InputProblem.of("photo", null, "this picture is damaged: give a JPEG or PNG photo that opens");
        }
        throw InputProblem.of("photo", null, "this is no picture that can be read: give a JPEG or PNG photo");
    }

    private static byte[] write(BufferedImage image) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
        try (ImageOutputStream to = ImageIO.createImageOutputStream(out)) {
            ImageWriteParam param = writer.getDefaultWriteParam();
            param.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
            param.setCompressionQuality(QUALITY);
            writer.setOutput(to);
            writer.write(null, new IIOImage(image, null, null), param);
        } catch (IOException problem) {
            throw new UncheckedIOException(problem);
        } finally {
            writer.dispose();
        }
        return out.toByteArray();
    }

    private static int orientation(byte[] bytes) {
        try {
            @Nullable
            ExifIFD0Directory exif = ImageMetadataReader.readMetadata(new ByteArrayInputStream(bytes))
                    .getFirstDirectoryOfType(ExifIFD0Directory.class);
            return exif != null && exif.containsTag(ExifIFD0Directory.TAG_ORIENTATION)
                    ? exif.getInt(ExifIFD0Directory.TAG_ORIENTATION)
                    : 1;
        } catch (ImageProcessingException | IOException | MetadataException none) {
            return 1;
        }
    }

    /** Turned as the camera was held (3, 6 and 8 are half, right and left turns). */
    private static BufferedImage upright(BufferedImage image, int orientation) {
        boolean sideways = orientation == 6 || orientation == 8;
        double scale = Math.min(1, (double) LONGEST_SIDE / Math.max(image.getWidth(), image.getHeight()));
        int width = Math.max(1, (int) Math.round(image.getWidth() * scale));
        int height = Math.max(1, (int) Math.round(image.getHeight() * scale));
        BufferedImage out =
                new BufferedImage(sideways ? height : width, sideways ? width : height, BufferedImage.TYPE_INT_RGB);
        AffineTransform turn = new AffineTransform();
        if (orientation == 3) {
            turn.translate(width, height);
            turn.rotate(Math.PI);
        } else if (orientation == 6) {
            turn.translate(height, 0);
            turn.rotate(Math.PI / 2);
        } else if (orientation == 8) {
            turn.translate(0, width);
            turn.rotate(-Math.PI / 2);
        }
        turn.scale((double) width / image.getWidth(), (double) height / image.getHeight());
        Graphics2D graphics = out.createGraphics();
        graphics.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
        graphics.drawImage(image, turn, null);
        graphics.dispose();
        return out;
    }
}
