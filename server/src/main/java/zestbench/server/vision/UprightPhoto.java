package zestbench.server.vision;

import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.metadata.MetadataException;
import com.drew.metadata.exif.ExifIFD0Directory;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.Iterator;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import zestbench.server.problem.NotAPicture;
import zestbench.server.problem.TooLarge;

/**
 * A photo as it is looked at: measured before it is decoded, no finer than recognition needs, turned as the camera noted.
 *
 * @param picture its pixels
 * @param scale pixels of the given picture to one of these
 * @param turned degrees clockwise
 */
record UprightPhoto(Raster picture, double scale, int turned) {
    private static final int MOST_BYTES = 15 * 1024 * 1024;
    private static final long MOST_PIXELS = 20_000_000;
    private static final int LONGEST_SIDE = 2000;

    static UprightPhoto of(byte[] bytes) {
        if (bytes.length > MOST_BYTES) {
            throw new TooLarge("The picture has " + bytes.length / 1_048_576 + " MB; give up to 15 MB.");
        }
        int turned = turned(bytes);
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(bytes))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                throw new NotAPicture("This is no picture that can be read: give a JPEG, PNG or WebP picture.");
            }
            ImageReader reader = readers.next();
            try {
                reader.setInput(in, true, true);
                return decoded(reader, turned);
            } finally {
                reader.dispose();
            }
        } catch (IOException | RuntimeException broken) {
            if (broken instanceof TooLarge || broken instanceof NotAPicture) {
                throw (RuntimeException) broken;
            }
            throw new NotAPicture("This picture is damaged: give a JPEG, PNG or WebP picture that opens.");
        }
    }

    private static UprightPhoto decoded(ImageReader reader, int turned) throws IOException {
        int width = reader.getWidth(0);
        int height = reader.getHeight(0);
        long pixels = (long) width * height;
        if (pixels > MOST_PIXELS) {
            throw new TooLarge("The picture has " + pixels / 1_000_000 + " megapixels; give up to 20.");
        }
        int every = Math.max(1, Math.max(width, height) / LONGEST_SIDE);
        ImageReadParam param = reader.getDefaultReadParam();
        param.setSourceSubsampling(every, every, 0, 0);
        BufferedImage image = reader.read(0, param);
        double smaller = Math.min(1, LONGEST_SIDE / (double) Math.max(image.getWidth(), image.getHeight()));
        Raster raster = Raster.of(image)
                .scaled(Math.max(1, (int) Math.round(image.getWidth() * smaller)), Math.max(1, (int)
                        Math.round(image.getHeight() * smaller)));
        return new UprightPhoto(raster.turned(turned), width / (double) raster.width(), turned);
    }

    /** Degrees clockwise by what the camera noted of how it was held. */
    private static int turned(byte[] bytes) {
        try {
            ExifIFD0Directory exif = ImageMetadataReader.readMetadata(new ByteArrayInputStream(bytes))
                    .getFirstDirectoryOfType(ExifIFD0Directory.class);
            if (exif == null || !exif.containsTag(ExifIFD0Directory.TAG_ORIENTATION)) {
                return 0;
            }
            return switch (exif.getInt(ExifIFD0Directory.TAG_ORIENTATION)) {
                case 3 -> 180;
                case 6 -> 90;
                case 8 -> 270;
                default -> 0;
            };
        } catch (ImageProcessingException | IOException | MetadataException none) {
            return 0;
        }
    }
}
