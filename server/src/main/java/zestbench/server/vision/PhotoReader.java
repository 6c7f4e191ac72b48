package zestbench.server.vision;

import ai.onnxruntime.OrtException;
import jakarta.annotation.PostConstruct;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.concurrent.atomic.AtomicInteger;
import org.springframework.stereotype.Service;
import zestbench.server.problem.Busy;
import zestbench.server.vision.Finder.Found;
import zestbench.server.vision.Recogniser.Piece;

/**
 * Recognises what stands on a photo, one photo at a time: others wait in a short queue. The models are loaded in the
 * background while the bench starts, which waits for nobody.
 */
@Service
public class PhotoReader {
    private static final int MOST_WAITING = 4;
    private static final long PATIENCE_SECONDS = 20;
    private static final int PROBES = 3;
    /** Of a long line its beginning tells which way is up, in heights of its writing. */
    private static final double PROBE_LENGTH = 8;

    private static final double CLEARLY_UPRIGHT = .9;
    private static final double CLEARLY_BETTER = .02;
    private static final double LEAST_SURE = .5;

    private final Semaphore place = new Semaphore(1, true);
    private final AtomicInteger waiting = new AtomicInteger();

    @PostConstruct
    void load() {
        Models.shared();
    }

    /** What stands on a photo; throws where it is none, or too large, or too many wait. */
    public PhotoText read(byte[] photo) {
        if (waiting.incrementAndGet() > MOST_WAITING) {
            waiting.decrementAndGet();
            throw new Busy(MOST_WAITING + " photos wait to be read: send it again in a moment.");
        }
        try {
            if (!place.tryAcquire(PATIENCE_SECONDS, TimeUnit.SECONDS)) {
                throw new Busy("Photos are being read: send it again in a moment.");
            }
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw new Busy("The bench is stopping.");
        } finally {
            waiting.decrementAndGet();
        }
        try {
            UprightPhoto given = UprightPhoto.of(photo);
            return recognised(given, ready());
        } catch (OrtException problem) {
            throw new IllegalStateException(problem);
        } finally {
            place.release();
        }
    }

    private Models ready() {
        try {
            return Models.shared().get(PATIENCE_SECONDS, TimeUnit.SECONDS);
        } catch (TimeoutException | ExecutionException | InterruptedException problem) {
            if (problem instanceof InterruptedException) {
                Thread.currentThread().interrupt();
            }
            throw new Busy("Reading photos is not ready: type the label, or send it again in a moment.");
        }
    }

    private static PhotoText recognised(UprightPhoto given, Models models) throws OrtException {
        Raster picture = given.picture();
        int turned = given.turned();
        Found found = CloserLook.first(models.finder(), picture);
        if (Math.abs(found.direction()) > Math.PI / 4) {
            picture = picture.turned(90);
            turned += 90;
            found = CloserLook.first(models.finder(), picture);
        }
        Found nearer = CloserLook.nearer(models.finder(), picture, found);
        List<Piece> pieces = pieces(picture, nearer.boxes(), models.recogniser());
        if (isUpsideDown(picture, pieces, models.recogniser())) {
            picture = picture.turned(180);
            turned += 180;
            found = CloserLook.first(models.finder(), picture);
            nearer = CloserLook.nearer(models.finder(), picture, found);
            pieces = pieces(picture, nearer.boxes(), models.recogniser());
        }
        pieces.removeIf(p -> p.text().isBlank() || p.sure() < LEAST_SURE);
        Layout layout = Layout.of(pieces, given.scale());
        return new PhotoText(
                layout.text(),
                (int) Math.round(picture.width() * given.scale()),
                (int) Math.round(picture.height() * given.scale()),
                turned % 360,
                layout.lines(),
                Codes.of(picture, given.scale()));
    }

    private static List<Piece> pieces(Raster picture, List<Box> boxes, Recogniser recogniser) throws OrtException {
        List<Piece> out = new ArrayList<>();
        for (Box box : boxes) {
            out.add(recogniser.read(picture, box));
        }
        return out;
    }

    /** Whether the longest pieces read clearly better the other way up; what reads clearly as it is is not tried. */
    private static boolean isUpsideDown(Raster picture, List<Piece> pieces, Recogniser recogniser) throws OrtException {
        List<Piece> longest = pieces.stream()
                .sorted(Comparator.comparingDouble(
                                (Piece p) -> p.box().along() / p.box().across())
                        .reversed())
                .limit(PROBES)
                .toList();
        double upright = sure(longest);
        if (upright > CLEARLY_UPRIGHT) {
            return false;
        }
        List<Piece> over = new ArrayList<>();
        for (Piece piece : longest) {
            Box box = piece.box();
            Box beginning = box.part(0, Math.min(1, PROBE_LENGTH * box.across() / box.along()));
            over.add(recogniser.read(picture, beginning.upsideDown()));
        }
        return sure(over) > upright + CLEARLY_BETTER;
    }

    /** Mean over the signs of all. */
    private static double sure(List<Piece> pieces) {
        return pieces.stream()
                .flatMap(p -> p.signs().stream())
                .mapToDouble(Sign::sure)
                .average()
                .orElse(0);
    }
}
