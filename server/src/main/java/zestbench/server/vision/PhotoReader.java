package zestbench.server.vision;

import java.util.List;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Supplier;
import org.springframework.stereotype.Service;
import org.springframework.util.ClassUtils;
import zestbench.server.problem.Busy;
import zestbench.server.problem.NotBuiltIn;
import zestbench.server.vision.PhotoText.Code;

/**
 * Recognises what stands on a photo, one photo at a time: others wait in a short queue. The models are loaded
 * while the first photo is turned upright: who reads none has neither their memory nor their start.
 */
@Service
public class PhotoReader {
    private static final int MOST_WAITING = 4;
    private static final long PATIENCE_SECONDS = 20;

    private final Semaphore place = new Semaphore(1, true);
    private final AtomicInteger waiting = new AtomicInteger();

    /** A bench can be built without what recognises text; codes are read all the same. */
    private static boolean isBuiltIn() {
        return ClassUtils.isPresent("ai.onnxruntime.OrtEnvironment", PhotoReader.class.getClassLoader());
    }

    /** What stands on a photo; throws where it is none, or too large, or too many wait. */
    public PhotoText read(byte[] photo) {
        if (!isBuiltIn()) {
            throw new NotBuiltIn("This bench was built without reading photos: keep the photo, and type the label.");
        }
        Models.shared();
        return inTurn(() -> Recognition.of(UprightPhoto.of(photo), ready()));
    }

    /** How many photos are being read or wait to be. */
    public int inQueue() {
        return waiting.get() + 1 - place.availablePermits();
    }

    /** The codes on a photo alone, which takes no model. */
    public List<Code> codes(byte[] photo) {
        return inTurn(() -> {
            UprightPhoto given = UprightPhoto.of(photo);
            return Codes.of(given.picture(), given.scale());
        });
    }

    private <T> T inTurn(Supplier<T> look) {
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
            return look.get();
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
}
