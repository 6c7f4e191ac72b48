package zestbench.server.photo;

import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.metadata.Metadata;
import com.drew.metadata.MetadataException;
import com.drew.metadata.exif.ExifDirectoryBase;
import com.drew.metadata.exif.ExifIFD0Directory;
import com.drew.metadata.exif.GpsDirectory;
import com.drew.metadata.jpeg.JpegDirectory;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Iterator;
import java.util.UUID;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import zestbench.core.quantity.InputProblem;
import zestbench.server.Settings;
import zestbench.server.problem.NotHere;
import zestbench.server.problem.TooLarge;

/**
 * Photos as files. Each is decoded and written anew: only real pictures get in, upright, and without the place and
 * device the camera wrote into them.
 */
@Service
public class Photos {
    private static final long MOST_PIXELS = 60_000_000;
    private static final int MOST_BYTES = 12 * 1024 * 1024;
    private static final int LONGEST_SIDE = 2000;
    private static final String NAME = "[0-9a-f-]{36}";

    private final Path folder;

    Photos(Settings settings) {
        this.folder = settings.photos();
    }

    /** Keeps a photo. @return its name */
    public String keep(byte[] bytes) {
        if (bytes.length > MOST_BYTES) {
            throw new TooLarge("The photo is too large: give up to 12 MB.");
        }
        BufferedImage upright = upright(decode(bytes), orientation(bytes));
        String name = UUID.randomUUID().toString();
        try {
            Files.createDirectories(folder);
            Path part = folder.resolve(name + ".part");
            ImageIO.write(upright, "jpg", part.toFile());
            Files.move(part, file(name));
        } catch (IOException problem) {
            throw new UncheckedIOException(problem);
        }
        return name;
    }

    public byte[] get(String name) {
        if (!name.matches(NAME) || !Files.exists(file(name))) {
            throw new NotHere("There is no such photo.");
        }
        try {
            return Files.readAllBytes(file(name));
        } catch (IOException problem) {
            throw new UncheckedIOException(problem);
        }
    }

    public boolean has(String name) {
        return name.matches(NAME) && Files.exists(file(name));
    }

    /** Checks a photo that is carried here under its name. */
    public static void check(String name, byte[] bytes) {
        InputProblem.require(
                name.matches(NAME), "name", name, "a photo is named by 36 signs, 0 to 9, a to f and dashes");
        decode(bytes);
    }

    /** Keeps a photo that was carried here, as it is where the camera wrote nothing into it; one that is here stays. */
    public void put(String name, byte[] bytes) {
        if (has(name)) {
            return;
        }
        try {
            Files.createDirectories(folder);
            Path part = folder.resolve(name + ".part");
            if (isPlain(bytes)) {
                Files.write(part, bytes);
            } else {
                ImageIO.write(upright(decode(bytes), orientation(bytes)), "jpg", part.toFile());
            }
            Files.move(part, file(name));
        } catch (IOException problem) {
            throw new UncheckedIOException(problem);
        }
    }

    private static boolean isPlain(byte[] bytes) {
        try {
            Metadata metadata = ImageMetadataReader.readMetadata(new ByteArrayInputStream(bytes));
            return metadata.containsDirectoryOfType(JpegDirectory.class)
                    && !metadata.containsDirectoryOfType(ExifDirectoryBase.class)
                    && metadata.getDirectoriesOfType(ExifIFD0Directory.class).isEmpty()
                    && metadata.getDirectoriesOfType(GpsDirectory.class).isEmpty();
        } catch (ImageProcessingException | IOException none) {
            return false;
        }
    }

    private Path file(String name) {
        return folder.resolve(name + ".jpg");
    }

    private static BufferedImage decode(byte[] bytes) {
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(bytes))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (readers.hasNext()) {
                ImageReader reader = readers.next();
                reader.setInput(in, true, true);
                long pixels = (long) reader.getWidth(0) * reader.getHeight(0);
                InputProblem.require(pixels <= MOST_PIXELS, "photo", pixels + " pixels", "give up to 60 megapixels");
                return reader.read(0);
            }
        } catch (IOException | RuntimeException broken) {
            if (broken instanceof InputProblem problem) {
                throw problem;
            }
        }
        throw InputProblem.of("photo", null, "this is no picture that can be read: give a JPEG or PNG photo");
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

    /** Turned as the camera was held (3, 6 and 8 are half, right and left turns), and no larger than a screen needs. */
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
