package zestbench.server.vision;

import ai.onnxruntime.OrtException;
import java.util.ArrayList;
import java.util.List;
import zestbench.server.vision.Finder.Found;

/**
 * Finds text in two looks: the whole picture small, which is quick, and where the writing is small, the part that has any,
 * large. Pixels beside the writing cost as much as the writing.
 */
final class CloserLook {
    /** The longer side of the whole, px: writing that fills a label is found there as well as at twice of it. */
    private static final int FIRST_SIDE = 736;

    private static final int MOST_SIDE = 1440;
    /** Writing is found surely from this height on, px of the look. */
    private static final double SURE_HEIGHT = 20;

    private static final double TOO_SMALL = 14;
    /** Of the picture's longer side; lines of writing that takes less may have run together. */
    private static final double FAR = .6;

    private static final double CLEARLY_NEARER = 1.2;
    /** What lies about the writing that was found, in heights of it. */
    private static final double MARGIN = 3;

    private CloserLook() {}

    /** The first look alone: whether there is text, and which way it runs. */
    static Found first(Finder finder, Raster picture) throws OrtException {
        Found found = finder.find(picture, FIRST_SIDE);
        // writing that is too small for the first look leaves nothing in it
        return found.boxes().isEmpty() ? finder.find(picture, MOST_SIDE) : found;
    }

    /** What was found, or what is found nearer by. */
    static Found nearer(Finder finder, Raster picture, Found found) throws OrtException {
        if (found.boxes().isEmpty()) {
            return found;
        }
        double height = smallHeight(found.boxes());
        int margin = (int) Math.ceil(MARGIN * height);
        List<List<Integer>> corners = new ArrayList<>();
        found.boxes().forEach(b -> corners.addAll(b.corners()));
        int left = clamped(min(corners, 0) - margin, picture.width());
        int top = clamped(min(corners, 1) - margin, picture.height());
        int wide = clamped(max(corners, 0) + margin, picture.width()) - left;
        int high = clamped(max(corners, 1) + margin, picture.height()) - top;
        int longer = Math.max(wide, high);
        int whole = Math.max(picture.width(), picture.height());
        double looked = Math.min(1, FIRST_SIDE / (double) whole);
        boolean isFar = longer < FAR * whole;
        double wanted = Math.max(
                height * looked < TOO_SMALL ? SURE_HEIGHT / height : 0, isFar ? FIRST_SIDE / (double) longer : 0);
        double scale = Math.min(1, Math.min(wanted, MOST_SIDE / (double) longer));
        if (scale < CLEARLY_NEARER * looked) {
            return found;
        }
        Found near = finder.find(picture.part(left, top, wide, high), (int) Math.ceil(longer * scale));
        return new Found(near.boxes().stream().map(b -> b.moved(left, top)).toList(), near.direction());
    }

    /** A fifth of the writing is no higher. */
    private static double smallHeight(List<Box> boxes) {
        return boxes.stream()
                .mapToDouble(Box::across)
                .sorted()
                .skip(boxes.size() / 5)
                .findFirst()
                .orElse(0);
    }

    private static int clamped(int at, int most) {
        return Math.max(0, Math.min(most, at));
    }

    private static int min(List<List<Integer>> corners, int axis) {
        return corners.stream().mapToInt(c -> c.get(axis)).min().orElse(0);
    }

    private static int max(List<List<Integer>> corners, int axis) {
        return corners.stream().mapToInt(c -> c.get(axis)).max().orElse(0);
    }
}
