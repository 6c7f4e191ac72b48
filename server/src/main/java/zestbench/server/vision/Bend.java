package zestbench.server.vision;

import java.util.List;

/** Writing about a can: finds the curve that its middle follows, by least squares over what was found of it. */
final class Bend {
    /** What sags less, in heights of its box, is straight. */
    private static final double LEAST_SAG = .12;

    /** Short writing shows no curve. */
    private static final double LONG = 4;

    private Bend() {}

    /** The box along the curve of {@code points}; as it was where they run straight. */
    static Box straightened(Box box, List<int[]> points) {
        if (box.along() < LONG * box.across() && box.along() < 100) {
            return box;
        }
        double cos = Math.cos(box.angle());
        double sin = Math.sin(box.angle());
        // sums of u to the power of 0 to 4, and of v·u to that of 0 to 2, u in half lengths of the box
        double[] u = new double[5];
        double[] v = new double[3];
        double half = box.along() / 2;
        for (int[] p : points) {
            double at = ((p[0] - box.x()) * cos + (p[1] - box.y()) * sin) / half;
            double below = -(p[0] - box.x()) * sin + (p[1] - box.y()) * cos;
            double power = 1;
            for (int k = 0; k < 5; k++) {
                u[k] += power;
                if (k < 3) {
                    v[k] += power * below;
                }
                power *= at;
            }
        }
        double all = determinant(u[0], u[1], u[2], u[1], u[2], u[3], u[2], u[3], u[4]);
        if (Math.abs(all) < 1e-9) {
            return box;
        }
        double level = determinant(v[0], u[1], u[2], v[1], u[2], u[3], v[2], u[3], u[4]) / all;
        double slope = determinant(u[0], v[0], u[2], u[1], v[1], u[3], u[2], v[2], u[4]) / all / half;
        double bend = determinant(u[0], u[1], v[0], u[1], u[2], v[1], u[2], u[3], v[2]) / all / half / half;
        Box bent = new Box(
                box.x() - level * sin,
                box.y() + level * cos,
                box.along(),
                box.across(),
                box.angle() + Math.atan(slope),
                bend,
                box.score());
        double across = across(bent, points);
        return bent.sag() < LEAST_SAG * across || across > box.across()
                ? box
                : new Box(bent.x(), bent.y(), bent.along(), across, bent.angle(), bend, box.score());
    }

    private static double across(Box bent, List<int[]> points) {
        double cos = Math.cos(bent.angle());
        double sin = Math.sin(bent.angle());
        double most = 0;
        for (int[] p : points) {
            double at = (p[0] + .5 - bent.x()) * cos + (p[1] + .5 - bent.y()) * sin;
            double off = -(p[0] + .5 - bent.x()) * sin + (p[1] + .5 - bent.y()) * cos - bent.below(at);
            most = Math.max(most, Math.abs(off));
        }
        return 2 * most + 1;
    }

    private static double determinant(
            double a, double b, double c, double d, double e, double f, double g, double h, double i) {
        return a * (e * i - f * h) - b * (d * i - f * g) + c * (d * h - e * g);
    }
}
