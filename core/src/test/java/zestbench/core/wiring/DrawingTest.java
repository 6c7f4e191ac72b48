package zestbench.core.wiring;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import zestbench.core.wiring.Graph.Device;
import zestbench.core.wiring.Graph.Jumper;
import zestbench.core.wiring.Graph.Lead;
import zestbench.core.wiring.Graph.Spot;

/** A drawing is read at arm's length: nothing outside it, no wire over another, every terminal where a wire ends. */
class DrawingTest {
    private static final List<String> TERMINALS = List.of("FAN", "C", "HERM");

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10})
    void everyWireEndsOnItsTerminalAndStaysInside(int seed) {
        Random random = new Random(seed);
        Graph graph = random(random);
        Drawing drawing = Drawing.of(graph);
        List<Shape.Spade> spades = of(drawing, Shape.Spade.class);
        List<Shape.Line> lines = of(drawing, Shape.Line.class);
        assertThat(spades).hasSize(graph.devices().size() * TERMINALS.size());
        assertThat(lines).hasSize(graph.leads().size() + graph.jumpers().size());
        assertThat(spades)
                .filteredOn(Shape.Spade::capped)
                .hasSize(graph.insulated().size());
        for (Shape.Line line : lines) {
            assertThat(line.points()).allSatisfy(p -> {
                assertThat(p.x()).isBetween(0.0, drawing.width());
                assertThat(p.y()).isBetween(0.0, drawing.height());
            });
            Shape.Point end = line.points().get(line.points().size() - 1);
            assertThat(spades).as("a wire ends at a terminal").anySatisfy(s -> {
                assertThat(s.y()).isEqualTo(end.y());
                assertThat(Math.abs(s.x() - end.x())).isLessThan(40);
            });
        }
    }

    /** Wires on different terminals of one can: the one for the leftmost terminal runs lowest, so none crosses. */
    @Test
    void noWireCrossesAnother() {
        List<Lead> leads = new ArrayList<>();
        for (String terminal : TERMINALS) {
            leads.add(new Lead(new Wire(terminal, "red", null, terminal), new Spot(0, terminal), false));
        }
        Drawing drawing = Drawing.of(new Graph(List.of(new Device("can", TERMINALS)), leads, List.of(), List.of()));
        List<Shape.Line> lines = of(drawing, Shape.Line.class);
        for (Shape.Line a : lines) {
            for (Shape.Line b : lines) {
                assertThat(a == b || !crosses(a, b)).as("%s over %s", a, b).isTrue();
            }
        }
    }

    /** A contactor's eight terminals lie along a block, apart from each other, every wire on its own. */
    @ParameterizedTest(name = "{0} terminals")
    @ValueSource(ints = {4, 5, 6, 8, 12})
    void aPlaceWithManyTerminalsIsABlock(int count) {
        List<Wire> wires = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            wires.add(new Wire("T" + i, "red", i % 2 == 0 ? "white" : null, "load " + i));
        }
        Drawing drawing = Drawing.of(Graph.asFound("Contactor", wires));
        List<Shape.Spade> spades = of(drawing, Shape.Spade.class);
        assertThat(spades).hasSize(count);
        assertThat(of(drawing, Shape.Box.class)).hasSize(1);
        assertThat(of(drawing, Shape.Line.class))
                .hasSize(count)
                .allSatisfy(l -> assertThat(spades)
                        .anyMatch(s -> s.x() == l.points().get(2).x()
                                && s.y() == l.points().get(2).y()));
        for (Shape.Spade a : spades) {
            for (Shape.Spade b : spades) {
                boolean apart = a == b || Math.abs(a.x() - b.x()) >= 26 || Math.abs(a.y() - b.y()) >= 26;
                assertThat(apart).as("%s over %s", a, b).isTrue();
            }
        }
        assertThat(SvgWriter.write(drawing, "found"))
                .contains("<rect")
                .contains(">red/white<")
                .contains(">load 0<");
    }

    @Test
    void movedWiresSayThatTheyMoveAndTracersAreDrawn() {
        Lead moved = new Lead(new Wire("HERM", "purple", "white", "compressor S"), new Spot(0, "HERM"), true);
        Graph graph = new Graph(List.of(new Device("45 µF", TERMINALS)), List.of(moved), List.of(), List.of());
        String svg = SvgWriter.write(Drawing.of(graph), "as left");
        assertThat(svg).contains(">purple/white<", ">compressor S<", ">moves<").contains("stroke-dasharray");
        assertThat(svg.chars().filter(c -> c == '<').count())
                .isEqualTo(svg.chars().filter(c -> c == '>').count());
    }

    /** What wires are called stands beside them; the number of a step stands on its wire and in no other place. */
    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10})
    void noWordsLieOverAWireAndEveryStepHasItsNumber(int seed) {
        Graph graph = random(new Random(seed));
        List<Lead> leads = new ArrayList<>();
        Map<String, Integer> numbers = new LinkedHashMap<>();
        for (Lead lead : graph.leads()) {
            String key = "wire-" + (leads.size() + 1);
            Wire wire = new Wire(lead.wire().terminal(), "orange", "white", "run side of the contactor, second pole");
            leads.add(new Lead(wire, lead.at(), lead.moved(), key));
            numbers.put(key, leads.size());
        }
        Drawing drawing = Drawing.of(new Graph(graph.devices(), leads, graph.jumpers(), graph.insulated()), numbers);
        double gutter = of(drawing, Shape.Line.class).stream()
                .flatMap(l -> l.points().stream())
                .mapToDouble(Shape.Point::x)
                .min()
                .orElseThrow();
        List<Shape.Label> names = of(drawing, Shape.Label.class).stream()
                .filter(l -> l.anchor() == Shape.Anchor.START)
                .toList();
        assertThat(names)
                .isNotEmpty()
                .allSatisfy(l -> assertThat(l.x() + 7.2 * l.text().length()).isLessThanOrEqualTo(gutter + 8));
        assertThat(names).extracting(Shape.Label::y).doesNotHaveDuplicates();
        assertThat(of(drawing, Shape.Number.class))
                .extracting(Shape.Number::number)
                .containsExactlyInAnyOrderElementsOf(numbers.values());
    }

    /** A row and a drop each: they cross where one's row passes the other's drop. */
    private static boolean crosses(Shape.Line a, Shape.Line b) {
        double row = a.points().get(0).y();
        double right = a.points().get(1).x();
        Shape.Point top = b.points().get(1);
        Shape.Point bottom = b.points().get(2);
        return top.x() < right && row > top.y() && row < bottom.y();
    }

    private static Graph random(Random random) {
        List<Device> devices = new ArrayList<>();
        for (int i = 0; i < 1 + random.nextInt(4); i++) {
            devices.add(new Device("can " + i, TERMINALS));
        }
        List<Lead> leads = new ArrayList<>();
        for (int i = 0; i < 1 + random.nextInt(6); i++) {
            Spot spot = new Spot(random.nextInt(devices.size()), TERMINALS.get(random.nextInt(3)));
            leads.add(new Lead(new Wire(spot.terminal(), "red", null, "w" + i), spot, random.nextBoolean()));
        }
        List<Jumper> jumpers = new ArrayList<>();
        for (int i = 1; i < devices.size(); i++) {
            jumpers.add(new Jumper(new Spot(i - 1, "C"), new Spot(i, "C")));
        }
        return new Graph(devices, leads, jumpers, List.of(new Spot(0, "FAN")));
    }

    private static <T> List<T> of(Drawing drawing, Class<T> kind) {
        return drawing.shapes().stream()
                .filter(kind::isInstance)
                .map(kind::cast)
                .toList();
    }
}
