package zestbench.core.wiring;

import java.util.List;

/** A plain shape of a drawing; lengths in drawing units. */
public sealed interface Shape {
    /** A circle in outline. */
    record Circle(double x, double y, double radius) implements Shape {}

    /** A rectangle in outline. */
    record Box(double x, double y, double width, double height) implements Shape {}

    /** A terminal. @param capped drawn with an insulating cap on it */
    record Spade(double x, double y, boolean capped) implements Shape {}

    /** A wire. @param points corner points @param moved drawn with a marking around it */
    record Line(List<Point> points, String colour, String tracer, boolean moved) implements Shape {}

    /** A number in a ring. */
    record Number(double x, double y, int number) implements Shape {}

    /** Words. */
    record Label(double x, double y, String text, Anchor anchor, boolean isName) implements Shape {}

    /** A corner. */
    record Point(double x, double y) {}

    /** Which end of the words stands at the point. */
    enum Anchor {
        START,
        MIDDLE
    }
}
