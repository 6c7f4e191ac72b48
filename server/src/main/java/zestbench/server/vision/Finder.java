package zestbench.server.vision;

import ai.onnxruntime.OnnxTensor;
import ai.onnxruntime.OrtEnvironment;
import ai.onnxruntime.OrtException;
import ai.onnxruntime.OrtSession;
import java.nio.FloatBuffer;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;

/** Finds where text stands on a picture: the detection model gives each pixel its chance of being text; what hangs together is a piece. */
final class Finder {
    /** The model wants sides that are multiples of this. */
    private static final int STEP = 32;

    private static final float[] MEAN = {.485f, .456f, .406f};
    private static final float[] DEVIATION = {.229f, .224f, .225f};
    private static final float LIKELY = .3f;
    private static final double MEAN_LIKELY = .5;
    private static final int FEWEST_PIXELS = 12;
    /** The model marks the core of text, this share inside of its edge. */
    private static final double GROWN = 1.9;

    private static final double LONG = 2.5;
    private static final double ASIDE = Math.toRadians(12);

    private final OrtEnvironment environment;
    private final OrtSession session;

    Finder(OrtEnvironment environment, OrtSession session) {
        this.environment = environment;
        this.session = session;
    }

    /** Pieces of text and the direction in which most of them run. */
    record Found(List<Box> boxes, double direction) {}

    /** @param side to which the longer side is scaled down for looking, px */
    Found find(Raster picture, int side) throws OrtException {
        double scale = Math.min(1, side / (double) Math.max(picture.width(), picture.height()));
        int width = Math.max(STEP, (int) Math.round(picture.width() * scale / STEP) * STEP);
        int height = Math.max(STEP, (int) Math.round(picture.height() * scale / STEP) * STEP);
        float[] chance = chances(picture.scaled(width, height));
        List<List<double[]>> hulls = new ArrayList<>();
        List<Box> rough = new ArrayList<>();
        List<Blob> blobs = blobs(chance, width, height);
        for (Blob blob : blobs) {
            List<double[]> hull = Hull.of(blob.points());
            hulls.add(hull);
            rough.add(tightest(hull, blob.mean()));
        }
        double direction = direction(rough);
        List<Box> out = new ArrayList<>();
        for (int i = 0; i < rough.size(); i++) {
            // a direction and its opposite are the same: writing runs to the right until it is known better
            double angle = Math.atan(Math.tan(angle(rough.get(i), rough, direction)));
            out.add(Bend.straightened(
                            Box.around(hulls.get(i), angle, rough.get(i).score()),
                            blobs.get(i).points())
                    .grown(GROWN)
                    .scaled(picture.width() / (double) width, picture.height() / (double) height));
        }
        return new Found(out, direction);
    }

    private float[] chances(Raster small) throws OrtException {
        int count = small.rgb().length;
        Contrast contrast = Contrast.of(small);
        float[] in = new float[3 * count];
        for (int i = 0; i < count; i++) {
            for (int channel = 0; channel < 3; channel++) {
                int value = (small.rgb()[i] >> (8 * channel)) & 255;
                in[channel * count + i] = (contrast.stretched(value) - MEAN[channel]) / DEVIATION[channel];
            }
        }
        long[] shape = {1, 3, small.height(), small.width()};
        try (OnnxTensor tensor = OnnxTensor.createTensor(environment, FloatBuffer.wrap(in), shape);
                OrtSession.Result result =
                        session.run(Map.of(session.getInputNames().iterator().next(), tensor))) {
            float[] out = new float[count];
            ((OnnxTensor) result.get(0)).getFloatBuffer().get(out);
            return out;
        }
    }

    private record Blob(List<int[]> points, double mean) {}

    private static List<Blob> blobs(float[] chance, int width, int height) {
        boolean[] seen = new boolean[chance.length];
        int[] stack = new int[chance.length];
        List<Blob> out = new ArrayList<>();
        for (int start = 0; start < chance.length; start++) {
            if (seen[start] || chance[start] < LIKELY) {
                continue;
            }
            int depth = 0;
            stack[depth++] = start;
            seen[start] = true;
            double sum = 0;
            List<int[]> points = new ArrayList<>();
            while (depth > 0) {
                int at = stack[--depth];
                sum += chance[at];
                int x = at % width;
                int y = at / width;
                points.add(new int[] {x, y});
                for (int near = 0; near < 9; near++) {
                    int nextX = x + near % 3 - 1;
                    int nextY = y + near / 3 - 1;
                    int next = nextY * width + nextX;
                    boolean isInside = nextX >= 0 && nextY >= 0 && nextX < width && nextY < height;
                    if (isInside && !seen[next] && chance[next] >= LIKELY) {
                        seen[next] = true;
                        stack[depth++] = next;
                    }
                }
            }
            if (points.size() >= FEWEST_PIXELS && sum / points.size() >= MEAN_LIKELY) {
                out.add(new Blob(points, sum / points.size()));
            }
        }
        return out;
    }

    /** The smallest rectangle about a hull, lying along its longer side. */
    private static Box tightest(List<double[]> hull, double score) {
        List<Box> all = new ArrayList<>();
        for (int i = 0; i < hull.size(); i++) {
            double[] a = hull.get(i);
            double[] b = hull.get((i + 1) % hull.size());
            all.add(Box.around(hull, Math.atan2(b[1] - a[1], b[0] - a[0]), score));
        }
        Box best = all.stream().min(Comparator.comparingDouble(Box::area)).orElseThrow();
        return best.across() > best.along() ? Box.around(hull, best.angle() + Math.PI / 2, score) : best;
    }

    /** By the long pieces, each by its length; a direction and its opposite are the same. */
    private static double direction(List<Box> boxes) {
        double cos = 0;
        double sin = 0;
        for (Box box : boxes) {
            if (box.along() > 2 * box.across()) {
                cos += Math.cos(2 * box.angle()) * box.along();
                sin += Math.sin(2 * box.angle()) * box.along();
            }
        }
        return cos == 0 && sin == 0 ? 0 : Math.atan2(sin, cos) / 2;
    }

    /** A long piece's own angle; a short one's is that of the nearest long one. */
    private static double angle(Box box, List<Box> all, double direction) {
        if (box.along() >= LONG * box.across() && aside(box.angle(), direction) <= ASIDE) {
            return box.angle();
        }
        return all.stream()
                .filter(o -> o != box && o.along() > 3 * o.across() && aside(o.angle(), direction) < ASIDE)
                .min(Comparator.comparingDouble(o -> Math.hypot(o.x() - box.x(), (o.y() - box.y()) * 3)))
                .map(Box::angle)
                .orElse(direction);
    }

    private static double aside(double angle, double direction) {
        return Math.abs(Math.atan(Math.tan(angle - direction)));
    }
}
