package zestbench.server.vision;

/** From the darkest to the lightest half per cent of a picture, so that a dim one is read like a bright one. */
record Contrast(float dark, float light) {
    private static final int LEAST = 40;

    static Contrast of(Raster picture) {
        int[] counts = new int[256];
        for (int i = 0; i < picture.rgb().length; i++) {
            counts[picture.green(i)]++;
        }
        int few = picture.rgb().length / 200;
        int dark = 0;
        for (int sum = counts[0]; sum < few; sum += counts[dark]) {
            dark++;
        }
        int light = 255;
        for (int sum = counts[255]; sum < few; sum += counts[light]) {
            light--;
        }
        return new Contrast(dark, Math.max(dark + LEAST, light));
    }

    /** @param value 0 to 255 @return 0 to 1 */
    float stretched(float value) {
        return Math.max(0, Math.min(1, (value - dark) / (light - dark)));
    }
}
