package zestbench.server.vision;

import java.util.Arrays;

/** Which columns of a cut are bare ground and which have ink. */
record Ink(boolean[] bare) {
    /** Of the contrast that a column of writing usually has, what bare ground stays below. */
    private static final double BARE_SHARE = .3;

    /** Contrast of each column: light less dark over its middle rows, without the outermost. */
    static Ink of(float[] cut, int wide, int padded, int high) {
        float[] contrast = new float[wide];
        int edge = high / 8;
        for (int x = 0; x < wide; x++) {
            float[] column = new float[high - 2 * edge];
            for (int y = edge; y < high - edge; y++) {
                float sum = 0;
                int count = 0;
                for (int near = Math.max(0, x - 1); near <= Math.min(wide - 1, x + 1); near++) {
                    sum += cut[(high + y) * padded + near];
                    count++;
                }
                column[y - edge] = sum / count;
            }
            Arrays.sort(column);
            contrast[x] = column[column.length - 2] - column[1];
        }
        float[] sorted = contrast.clone();
        Arrays.sort(sorted);
        float writing = sorted[(int) (sorted.length * .9)];
        boolean[] bare = new boolean[wide];
        for (int x = 0; x < wide; x++) {
            bare[x] = contrast[x] < BARE_SHARE * writing;
        }
        return new Ink(bare);
    }

    /** The longest run of bare columns between two places, px. */
    int bare(double from, double to) {
        int longest = 0;
        int run = 0;
        for (int x = Math.max(0, (int) from); x < Math.min(bare.length, (int) Math.ceil(to)); x++) {
            run = bare[x] ? run + 1 : 0;
            longest = Math.max(longest, run);
        }
        return longest;
    }
}
