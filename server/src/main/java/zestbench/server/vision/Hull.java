package zestbench.server.vision;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** The convex hull of pixels, by monotone chains. */
final class Hull {
    private Hull() {}

    static List<double[]> of(List<int[]> pixels) {
        List<int[]> points = new ArrayList<>(pixels);
        points.sort(Comparator.<int[]>comparingInt(p -> p[0]).thenComparingInt(p -> p[1]));
        List<int[]> out = new ArrayList<>(chain(points));
        java.util.Collections.reverse(points);
        out.addAll(chain(points));
        return out.stream().map(p -> new double[] {p[0], p[1]}).toList();
    }

    /** One side, without its last point, with which the other begins. */
    private static List<int[]> chain(List<int[]> points) {
        List<int[]> out = new ArrayList<>();
        for (int[] p : points) {
            while (out.size() > 1 && cross(out.get(out.size() - 2), out.get(out.size() - 1), p) <= 0) {
                out.remove(out.size() - 1);
            }
            out.add(p);
        }
        return out.size() > 1 ? out.subList(0, out.size() - 1) : out;
    }

    private static long cross(int[] o, int[] a, int[] b) {
        return (long) (a[0] - o[0]) * (b[1] - o[1]) - (long) (a[1] - o[1]) * (b[0] - o[0]);
    }
}
