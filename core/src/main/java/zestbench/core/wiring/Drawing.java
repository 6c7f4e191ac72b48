package zestbench.core.wiring;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import zestbench.core.wiring.Graph.Device;
import zestbench.core.wiring.Graph.Jumper;
import zestbench.core.wiring.Graph.Lead;
import zestbench.core.wiring.Graph.Spot;
import zestbench.core.wiring.Shape.Anchor;
import zestbench.core.wiring.Shape.Point;

/**
 * A graph laid out as plain shapes. Wires come in from the left, one row each, and drop onto their terminals; the wire
 * for the leftmost terminal has the lowest row, so that none crosses another.
 */
public record Drawing(double width, double height, List<Shape> shapes) {
    private static final double WIDTH = 340;
    private static final double ROW = 34;
    private static final double TOP = 26;
    private static final double MARGIN = 8;
    private static final double JUMPER_RAIL = 11;
    private static final double WIRE_GAP = 12;
    private static final double CAPTION = 24;
    private static final int CANS_IN_ROW = 3;
    private static final double BLOCK_ROW = 46;
    private static final int IN_ONE_ROW = 5;

    /** Lays out {@code graph}; the same graph always gives the same drawing. */
    public static Drawing of(Graph graph) {
        return new Layout(graph).drawing();
    }

    private static final class Layout {
        private final Graph graph;
        private final List<Shape> under = new ArrayList<>();
        private final List<Shape> over = new ArrayList<>();
        private final Map<Spot, Point> spots = new LinkedHashMap<>();
        private final double canTop;
        private double bottom;

        Layout(Graph graph) {
            this.graph = graph;
            this.canTop = TOP
                    + ROW * graph.leads().size()
                    + JUMPER_RAIL * (graph.jumpers().size() + 1);
        }

        Drawing drawing() {
            cans();
            jumpers();
            leads();
            List<Shape> all = new ArrayList<>(under);
            all.addAll(over);
            return new Drawing(WIDTH, bottom, all);
        }

        private void cans() {
            int count = graph.devices().size();
            if (count == 1 && !graph.devices().get(0).isCan()) {
                block(graph.devices().get(0));
                return;
            }
            int columns = Math.min(CANS_IN_ROW, Math.max(1, count));
            double radius = columns == 1 ? 78 : columns == 2 ? 70 : 50;
            double pitch = WIDTH / columns;
            for (int i = 0; i < count; i++) {
                Device device = graph.devices().get(i);
                double x = pitch * (i % columns) + pitch / 2;
                double y = canTop + radius + (i / columns) * (2 * radius + CAPTION + JUMPER_RAIL);
                under.add(new Shape.Circle(x, y, radius));
                terminals(i, device, x, y, radius);
                over.add(new Shape.Label(x, y + radius + 18, device.caption(), Anchor.MIDDLE, true));
                bottom = Math.max(bottom, y + radius + CAPTION);
            }
        }

        private void block(Device device) {
            int count = device.terminals().size();
            boolean oneRow = count <= IN_ONE_ROW;
            double height = BLOCK_ROW * (oneRow ? 1 : 2) + MARGIN;
            double pitch = (WIDTH - 4 * MARGIN) / count;
            under.add(new Shape.Box(MARGIN, canTop, WIDTH - 2 * MARGIN, height));
            for (int t = 0; t < count; t++) {
                double x = 2 * MARGIN + pitch * (t + 0.5);
                double y = canTop + BLOCK_ROW / 2 - MARGIN + (!oneRow && t % 2 == 1 ? BLOCK_ROW : 0);
                spade(new Spot(0, device.terminals().get(t)), x, y);
            }
            over.add(new Shape.Label(WIDTH / 2, canTop + height + 18, device.caption(), Anchor.MIDDLE, true));
            bottom = canTop + height + CAPTION;
        }

        private void spade(Spot spot, double x, double y) {
            spots.put(spot, new Point(x, y));
            over.add(new Shape.Spade(x, y, graph.insulated().contains(spot)));
            over.add(new Shape.Label(x, y + 24, spot.terminal(), Anchor.MIDDLE, true));
        }

        private void terminals(int device, Device of, double x, double y, double radius) {
            int count = of.terminals().size();
            double span = Math.min(1.5 * radius, 52.0 * (count - 1));
            double step = count > 1 ? span / (count - 1) : 0;
            for (int t = 0; t < count; t++) {
                double tx = x - span / 2 + t * step;
                double ty = y - radius * 0.25 + (count > 3 && t % 2 == 1 ? 34 : 0);
                spade(new Spot(device, of.terminals().get(t)), tx, ty);
            }
        }

        private void jumpers() {
            for (int j = 0; j < graph.jumpers().size(); j++) {
                Jumper jumper = graph.jumpers().get(j);
                Point from = at(jumper.from());
                Point to = at(jumper.to());
                double rail = canTop - JUMPER_RAIL * (j + 0.6);
                double shift = WIRE_GAP * 0.75;
                double left = from.x() < to.x() ? shift : -shift;
                under.add(new Shape.Line(
                        List.of(
                                new Point(from.x() + left, from.y()),
                                new Point(from.x() + left, rail),
                                new Point(to.x() - left, rail),
                                new Point(to.x() - left, to.y())),
                        "black",
                        "",
                        true));
            }
        }

        private void leads() {
            List<Lead> leads = new ArrayList<>(graph.leads());
            leads.sort(Comparator.comparingDouble((Lead l) -> at(l.at()).x()).reversed());
            Map<Spot, Integer> onSpot = new LinkedHashMap<>();
            for (int row = 0; row < leads.size(); row++) {
                Lead lead = leads.get(row);
                int nth = onSpot.merge(lead.at(), 1, Integer::sum) - 1;
                Point end = at(lead.at());
                double x = end.x() - nth * WIRE_GAP;
                double y = TOP + ROW * row;
                List<Point> points = List.of(new Point(MARGIN, y), new Point(x, y), new Point(x, end.y()));
                String tracer = lead.wire().tracer() == null ? "" : lead.wire().tracer();
                under.add(new Shape.Line(points, lead.wire().colour(), tracer, lead.moved()));
                String text = lead.wire().text() + (lead.moved() ? " (moves)" : "");
                over.add(new Shape.Label(MARGIN, y - 11, text, Anchor.START, false));
            }
        }

        private Point at(Spot spot) {
            Point point = spots.get(spot);
            if (point == null) {
                throw new IllegalArgumentException("no terminal " + spot.terminal() + " on device " + spot.device());
            }
            return point;
        }
    }
}
