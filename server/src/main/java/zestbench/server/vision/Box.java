package zestbench.server.vision;

import java.util.List;

/**
 * A rectangle about a piece of text, in pixels of the picture.
 *
 * @param x of its centre
 * @param y of its centre
 * @param along its extent along the writing
 * @param across its extent across the writing
 * @param angle of the writing, radians clockwise from the picture's rows
 * @param bend of the writing about a can: at a distance d from the centre it runs bend · d² below the straight line, 1/px
 * @param score 0 to 1, how sure the finder is that there is text
 */
record Box(double x, double y, double along, double across, double angle, double bend, double score) {
    /** The smallest at {@code angle} about {@code points}. */
    static Box around(List<double[]> points, double angle, double score) {
        double cos = Math.cos(angle);
        double sin = Math.sin(angle);
        double left = Double.MAX_VALUE;
        double right = -Double.MAX_VALUE;
        double top = Double.MAX_VALUE;
        double bottom = -Double.MAX_VALUE;
        for (double[] p : points) {
            double u = p[0] * cos + p[1] * sin;
            double v = -p[0] * sin + p[1] * cos;
            left = Math.min(left, u);
            right = Math.max(right, u);
            top = Math.min(top, v);
            bottom = Math.max(bottom, v);
        }
        double u = (left + right) / 2;
        double v = (top + bottom) / 2;
        return new Box(
                u * cos - v * sin + .5, u * sin + v * cos + .5, right - left + 1, bottom - top + 1, angle, 0, score);
    }

    double area() {
        return along * across;
    }

    /** Further out on all sides by the share of its own size that text reaches beyond what the finder marks. */
    Box grown(double share) {
        double by = along * across * share / (along + across);
        return new Box(x, y, along + by, across + by, angle, bend, score);
    }

    Box scaled(double byX, double byY) {
        return new Box(x * byX, y * byY, along * byX, across * byY, angle, bend / byY, score);
    }

    Box moved(double right, double down) {
        return new Box(x + right, y + down, along, across, angle, bend, score);
    }

    Box upsideDown() {
        return new Box(x, y, along, across, angle + Math.PI, -bend, score);
    }

    /** The part of it between two shares of its length, 0 at its left end and 1 at its right. */
    Box part(double from, double to) {
        double middle = ((from + to) / 2 - .5) * along;
        double below = below(middle);
        return new Box(
                x + middle * Math.cos(angle) - below * Math.sin(angle),
                y + middle * Math.sin(angle) + below * Math.cos(angle),
                Math.max(1, (to - from) * along),
                across,
                angle + Math.atan(2 * bend * middle),
                bend,
                score);
    }

    /** How far below the straight line the writing runs at {@code along} px from the centre. */
    double below(double along) {
        return bend * along * along;
    }

    /** How far its ends run from the straight line, px. */
    double sag() {
        return Math.abs(below(along / 2));
    }

    /** Its corners, clockwise from the one before the first sign's head. */
    List<List<Integer>> corners() {
        return List.of(corner(-1, -1), corner(1, -1), corner(1, 1), corner(-1, 1));
    }

    private List<Integer> corner(int side, int end) {
        double u = side * along / 2;
        double v = end * across / 2 + (end < 0 ? Math.min(0, below(u)) : Math.max(0, below(u)));
        return List.of((int) Math.round(x + u * Math.cos(angle) - v * Math.sin(angle)), (int)
                Math.round(y + u * Math.sin(angle) + v * Math.cos(angle)));
    }
}
