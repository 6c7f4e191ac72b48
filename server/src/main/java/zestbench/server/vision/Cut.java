package zestbench.server.vision;

/** A piece of text cut out of the picture and laid straight, as the recognition model wants it: three planes, −1 to 1. */
final class Cut {
    private static final float LEAST_RANGE = .2f;

    private Cut() {}

    /** @param wide px that are the piece @param padded px with the empty rest behind it */
    static float[] of(Raster picture, Box box, int wide, int padded, int high) {
        float[] out = new float[3 * high * padded];
        double cos = Math.cos(box.angle());
        double sin = Math.sin(box.angle());
        double stepY = box.across() / high;
        double stepX = box.along() / wide;
        // large writing is averaged down, else thin strokes fall between the samples
        int samples = Math.max(1, (int) Math.round(stepY / 1.2));
        double[] sum = new double[3];
        for (int y = 0; y < high; y++) {
            for (int x = 0; x < wide; x++) {
                java.util.Arrays.fill(sum, 0);
                for (int k = 0; k < samples * samples; k++) {
                    double u = (x + (k % samples + .5) / samples) * stepX - box.along() / 2;
                    double v = (y + (k / samples + .5) / samples) * stepY - box.across() / 2 + box.below(u);
                    add(picture, box.x() + u * cos - v * sin - .5, box.y() + u * sin + v * cos - .5, sum);
                }
                for (int channel = 0; channel < 3; channel++) {
                    out[(channel * high + y) * padded + x] = (float) (sum[channel] / (samples * samples) / 127.5 - 1);
                }
            }
        }
        return out;
    }

    /** Adds the colour between four pixels. */
    private static void add(Raster picture, double atX, double atY, double[] sum) {
        double x = Math.max(0, Math.min(picture.width() - 1.001, atX));
        double y = Math.max(0, Math.min(picture.height() - 1.001, atY));
        int left = (int) x;
        int top = (int) y;
        double right = x - left;
        double below = y - top;
        int at = top * picture.width() + left;
        int nextRow = Math.min(at + picture.width(), picture.rgb().length - 2);
        int nextColumn = Math.min(at + 1, picture.rgb().length - 1);
        for (int channel = 0; channel < 3; channel++) {
            int shift = 8 * channel;
            sum[channel] += (1 - below)
                            * ((1 - right) * ((picture.rgb()[at] >> shift) & 255)
                                    + right * ((picture.rgb()[nextColumn] >> shift) & 255))
                    + below
                            * ((1 - right) * ((picture.rgb()[nextRow] >> shift) & 255)
                                    + right * ((picture.rgb()[nextRow + 1] >> shift) & 255));
        }
    }

    /** From the darkest to the lightest of the piece itself. */
    static void stretch(float[] cut, int wide, int padded, int high) {
        float dark = 1;
        float light = -1;
        for (int y = 0; y < high; y++) {
            for (int x = 0; x < wide; x++) {
                float value = cut[(high + y) * padded + x];
                dark = Math.min(dark, value);
                light = Math.max(light, value);
            }
        }
        float gain = 2 / Math.max(LEAST_RANGE, light - dark);
        for (int row = 0; row < 3 * high; row++) {
            for (int x = 0; x < wide; x++) {
                int at = row * padded + x;
                cut[at] = Math.max(-1, Math.min(1, (cut[at] - dark) * gain - 1));
            }
        }
    }
}
