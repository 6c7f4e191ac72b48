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
 * A graph laid out as plain shapes. What a wire is called stands in a gutter on the left; from there it comes in, one row each,
 * and drops onto its terminal. The wire for the leftmost terminal has the lowest row, so that none crosses another, and no words
 * lie over a wire.
 */
public record Drawing(double width, double height, List<Shape> shapes) {
    /** Room for the devices, at the least. */
    private static final double AREA = 224;
    /** Room for what wires are called. */
    private static final double GUTTER = 150;

    private static final double NUMBER_X = 13;
    private static final double NAME_X = 30;
    private static final int NAME_SIGNS = 17;
    private static final double TEXT_LINE = 18;
    private static final double LEAST_ROW = 34;
    private static final double TOP = 16;
    private static final double MARGIN = 8;
    private static final double JUMPER_RAIL = 11;
    private static final double WIRE_GAP = 12;
    private static final double CAPTION = 24;
    private static final int CANS_IN_ROW = 3;
    private static final double BLOCK_ROW = 46;
    private static final int IN_ONE_ROW = 5;

    /** Lays out {@code graph} without numbers; the same graph always gives the same drawing. */
    public static Drawing of(Graph graph) {
        return of(graph, Map.of());
    }

    /** @param numbers of the steps that put wires and jumpers in their place, by their keys */
    public static Drawing of(Graph graph, Map<String, Integer> numbers) {
        return new Layout(graph, numbers).drawing();
    }

    private static final class Layout {
        private final Graph graph;
        private final List<Shape> under = new ArrayList<>();
        private final List<Shape> over = new ArrayList<>();
        private final Map<Spot, Point> spots = new LinkedHashMap<>();
        private final Map<String, Integer> numbers;
        private final double width;
        private final double canTop;
        private double bottom;

        Layout(Graph graph, Map<String, Integer> numbers) {
            this.graph = graph;
            this.numbers = numbers;
            this.width = GUTTER + area(graph);
            double rows =
                    graph.leads().stream().mapToDouble(l -> height(names(l))).sum();
            this.canTop = TOP + rows + JUMPER_RAIL * (graph.jumpers().size() + 1);
        }

        /** A block's terminals stand apart from each other, however many they are. */
        private static double area(Graph graph) {
            int most = graph.devices().stream()
                    .filter(d -> !d.isCan())
                    .mapToInt(d -> d.terminals().size())
                    .max()
                    .orElse(0);
            double pitch = most <= IN_ONE_ROW ? 42 : 29;
            return Math.max(AREA, most * pitch + 4 * MARGIN);
        }

        /** What a wire is called, line by line: its colours, where it leads, where it was. */
        private static List<String> names(Lead lead) {
            Wire wire = lead.wire();
            String colours = wire.tracer() == null ? wire.colour() : wire.colour() + "/" + wire.tracer();
            List<String> out = new ArrayList<>();
            if (!colours.isBlank()) {
                out.addAll(wrapped(colours));
            }
            if (!wire.name().isBlank()) {
                out.addAll(wrapped(wire.name()));
            }
            if (lead.moved()) {
                out.add(wire.terminal().equals(lead.at().terminal()) ? "moves" : "was " + wire.terminal());
            }
            return out;
        }

        private static List<String> wrapped(String words) {
            List<String> out = new ArrayList<>();
            for (String word : words.split(" ")) {
                int last = out.size() - 1;
                boolean fits = last >= 0 && out.get(last).length() + 1 + word.length() <= NAME_SIGNS;
                if (fits) {
                    out.set(last, out.get(last) + " " + word);
                } else {
                    out.add(word);
                }
            }
            return out;
        }

        private static double height(List<String> names) {
            return Math.max(LEAST_ROW, names.size() * TEXT_LINE + MARGIN);
        }

        Drawing drawing() {
            cans();
            jumpers();
            leads();
            List<Shape> all = new ArrayList<>(under);
            all.addAll(over);
            return new Drawing(width, bottom, all);
        }

        private void cans() {
            int count = graph.devices().size();
            if (count == 1 && !graph.devices().get(0).isCan()) {
                block(graph.devices().get(0));
                return;
            }
            int columns = Math.min(CANS_IN_ROW, Math.max(1, count));
            double pitch = (width - GUTTER) / columns;
            double radius = columns == 1 ? 78 : pitch / 2 - (columns == 2 ? 4 : 1);
            for (int i = 0; i < count; i++) {
                Device device = graph.devices().get(i);
                double x = GUTTER + pitch * (i % columns) + pitch / 2;
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
            double pitch = (width - GUTTER - 4 * MARGIN) / count;
            under.add(new Shape.Box(GUTTER + MARGIN, canTop, width - GUTTER - 2 * MARGIN, height));
            for (int t = 0; t < count; t++) {
                double x = GUTTER + 2 * MARGIN + pitch * (t + 0.5);
                double y = canTop + BLOCK_ROW / 2 - MARGIN + (!oneRow && t % 2 == 1 ? BLOCK_ROW : 0);
                spade(new Spot(0, device.terminals().get(t)), x, y);
            }
            over.add(new Shape.Label(
                    GUTTER + (width - GUTTER) / 2, canTop + height + 18, device.caption(), Anchor.MIDDLE, true));
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
                number(jumper.step(), (from.x() + to.x()) / 2, rail);
            }
        }

        private void number(String step, double x, double y) {
            Integer number = numbers.get(step);
            if (number != null) {
                over.add(new Shape.Number(x, y, number));
            }
        }

        private void leads() {
            List<Lead> leads = new ArrayList<>(graph.leads());
            leads.sort(Comparator.comparingDouble((Lead l) -> at(l.at()).x()).reversed());
            Map<Spot, Integer> onSpot = new LinkedHashMap<>();
            double top = TOP;
            for (Lead lead : leads) {
                int nth = onSpot.merge(lead.at(), 1, Integer::sum) - 1;
                Point end = at(lead.at());
                double x = end.x() - nth * WIRE_GAP;
                List<Point> points = List.of(new Point(GUTTER, top), new Point(x, top), new Point(x, end.y()));
                String tracer = lead.wire().tracer() == null ? "" : lead.wire().tracer();
                under.add(new Shape.Line(points, lead.wire().colour(), tracer, lead.moved()));
                number(lead.step(), NUMBER_X, top);
                List<String> names = names(lead);
                for (int line = 0; line < names.size(); line++) {
                    double y = top + 5 + line * TEXT_LINE;
                    over.add(new Shape.Label(NAME_X, y, names.get(line), Anchor.START, false));
                }
                top += height(names);
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
