package zestbench.core.controlchain;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import zestbench.core.controlchain.Link.Stretch;
import zestbench.core.judgement.Phrase;
import zestbench.core.suspect.Fact;

/**
 * The control circuit of a call in series, from R to C, with what was read along it. Every point is read against C at the
 * transformer, the last one across the coil. With the call on the volts stand up to the first gap and are gone behind it [physics], so
 * that each reading halves what is left.
 */
public final class ControlChain {
    /** Of the volts at R, from here on they are there. [practice, as the coil's own pick-up of IEC 60947-4-1] */
    private static final double LIVE_SHARE = 0.85;
    /** Of the rated volts, under this a meter shows what wires beside it induce. [practice] */
    private static final double DEAD_SHARE = 0.25;

    /** What every unit that heats has, as long as nobody says that this one has not. */
    private static final List<Link> USUAL_OF_HEAT = List.of(
            Link.behind("limit", Stretch.BURNER, Fact.LIMIT_OPEN),
            Link.behind("rollout switch", Stretch.BURNER, Fact.ROLLOUT_TRIPPED),
            Link.behind("draft switch", Stretch.BURNER, Fact.DRAFT_SWITCH_OPEN));

    /** The same of one that cools. */
    private static final List<Link> USUAL = List.of(
            Link.behind("float switch", Stretch.INDOORS, Fact.FLOAT_OPEN),
            Link.behind("low pressure switch", Stretch.OUTDOORS, Fact.SWITCH_OPEN),
            Link.behind("high pressure switch", Stretch.OUTDOORS, Fact.SWITCH_OPEN));

    /** The point it begins at. */
    public static final String FIRST = Link.TRANSFORMER.behind();
    /** The point it ends at where cooling is called for. */
    public static final String COIL = Link.RETURN.behind();

    /** What volts at a point say. */
    public enum State {
        LIVE,
        /** Neither there nor gone. */
        WEAK,
        DEAD,
        UNREAD
    }

    /** One point that can be read. @param link what lies between the point before and this one @param volts null where it is not read */
    public record Point(Link link, @Nullable Double volts, State state) {
        public String name() {
            return link.behind();
        }
    }

    private final List<Point> points;
    /** Points that were read dead before, with volts behind them since. */
    private final List<Point> mended;

    private ControlChain(List<Point> read, List<String> order) {
        this.points = List.copyOf(current(read, order));
        this.mended =
                read.stream().filter(p -> isGone(p) && !points.contains(p)).toList();
    }

    /**
     * @param isHeating whether heat is called for
     * @param switches those of the parts in question, as their labels name them
     * @param absent names of links this unit has not
     * @param volts what was read, by the names of the points, the oldest first: of two that cannot both hold the later one counts
     * @param rated volts of the circuit, above 0
     */
    public static ControlChain of(
            boolean isHeating, List<Link> switches, Set<String> absent, Map<String, Double> volts, double rated) {
        List<Link> all = new ArrayList<>(isHeating ? USUAL_OF_HEAT : USUAL);
        for (Link each : switches) {
            if (all.stream().noneMatch(l -> l.name().equals(each.name()))) {
                all.add(each);
            }
        }
        List<Link> links = new ArrayList<>(List.of(Link.TRANSFORMER, Link.FUSE));
        all.stream().filter(l -> l.stretch() == Stretch.INDOORS).forEach(links::add);
        links.addAll(isHeating ? List.of(Link.HEAT_THERMOSTAT, Link.HEAT_WIRE) : List.of(Link.THERMOSTAT, Link.WIRE));
        Stretch behind = isHeating ? Stretch.BURNER : Stretch.OUTDOORS;
        all.stream().filter(l -> l.stretch() == behind).forEach(links::add);
        links.add(isHeating ? Link.HEAT_RETURN : Link.RETURN);
        links.removeIf(l -> absent.contains(l.name()));
        Double atR = volts.get(FIRST);
        // where R itself is low there is nothing to hold the others against
        double whole = atR != null && atR >= LIVE_SHARE * rated ? Math.min(rated, atR) : rated;
        List<Point> points = new ArrayList<>();
        for (Link link : links) {
            Double read = volts.get(link.behind());
            points.add(new Point(link, read, state(read, link == Link.TRANSFORMER ? rated : whole, rated)));
        }
        return new ControlChain(points, new ArrayList<>(volts.keySet()));
    }

    /** Without what later readings leave no room for: volts behind a point that was read dead after them, and the other way round. */
    private static List<Point> current(List<Point> points, List<String> order) {
        List<Point> out = new ArrayList<>(points);
        for (int before = 0; before < points.size(); before++) {
            for (int behind = before + 1; behind < points.size(); behind++) {
                Point first = points.get(before);
                Point second = points.get(behind);
                if (isGone(first) && second.state() == State.LIVE) {
                    boolean isMended = order.indexOf(first.name()) < order.indexOf(second.name());
                    int old = isMended ? before : behind;
                    out.set(old, new Point(points.get(old).link(), null, State.UNREAD));
                }
            }
        }
        return out;
    }

    private static State state(@Nullable Double read, double whole, double rated) {
        if (read == null) {
            return State.UNREAD;
        }
        return read >= LIVE_SHARE * whole ? State.LIVE : read < DEAD_SHARE * rated ? State.DEAD : State.WEAK;
    }

    /** From R to C. */
    public List<Point> points() {
        return points;
    }

    /** Whether a link may be missing on a unit: the fuse, and every switch. */
    public static boolean canBeAbsent(Link link) {
        return link.open() != null;
    }

    /** The last point with the volts there; -1 where none was read so. */
    private int lastLive() {
        int last = -1;
        for (int i = 0; i < points.size(); i++) {
            last = points.get(i).state() == State.LIVE ? i : last;
        }
        return last;
    }

    /** The first point behind {@code live} that was read and has them not; their number where there is none. */
    private int firstGone(int live) {
        for (int i = live + 1; i < points.size(); i++) {
            if (points.get(i).state() != State.UNREAD) {
                return i;
            }
        }
        return points.size();
    }

    /** Whether the volts come through to a point: they do up to the last one where they stand. */
    public boolean isFed(Point point) {
        return points.indexOf(point) <= lastLive();
    }

    /** What to read next; empty once the gap is found, or there is none. */
    public Optional<Point> next() {
        int live = lastLive();
        int gone = firstGone(live);
        int last = points.size() - 1;
        if (gone - live <= 1) {
            return Optional.empty();
        }
        // until the coil was read it is taken for dead: that is why one looks
        int upper = Math.min(gone, last);
        int middle = upper - live > 1 ? live + (upper - live) / 2 : upper;
        return Optional.of(points.get(middle));
    }

    /** Where the volts are lost; empty as long as that is not known, or nowhere. */
    public Optional<Link> gap() {
        int live = lastLive();
        int gone = firstGone(live);
        return gone < points.size() && gone - live == 1
                ? Optional.of(points.get(gone).link())
                : Optional.empty();
    }

    /** Whether the volts stand across the coil. */
    public boolean reachesTheEnd() {
        return lastLive() == points.size() - 1;
    }

    /** What is known by now, in a sentence or two; empty where nothing was read. */
    public String words() {
        return mended.isEmpty()
                ? now()
                : now()
                        + text(
                                " {} read dead before: mended since, or it comes and goes.",
                                mended.get(0).name());
    }

    private String now() {
        int live = lastLive();
        int gone = firstGone(live);
        if (reachesTheEnd()) {
            return points.get(live).link() == Link.RETURN
                    ? "The volts reach the coil: nothing is open in its circuit. Test the coil itself."
                    : "The volts reach the gas valve: nothing is open in its circuit. What is behind it is for whoever is licensed for gas.";
        }
        if (gap().isEmpty()) {
            return between(live, gone);
        }
        Point first = points.get(gone);
        boolean isOpen = first.state() == State.DEAD;
        double left = first.volts() == null ? 0 : first.volts();
        if (gone == 0) {
            return isOpen
                    ? "Nothing at R: the transformer, its own fuse, or what feeds it."
                    : text("Only {} V at R: its load, its tap, or the transformer.", left);
        }
        String before = points.get(gone - 1).name();
        String link = first.link().name();
        return isOpen
                ? text("{}: there. {}: gone. The {} is open.", before, first.name(), link)
                : text(
                        "{}: there. {}: {} V left. The {} drops the rest: a burnt contact, a corroded splice.",
                        before,
                        first.name(),
                        left,
                        link);
    }

    private static String text(String pattern, Object... values) {
        return Phrase.of(pattern, values).text();
    }

    private String between(int live, int gone) {
        if (live < 0 && gone == points.size()) {
            return "";
        }
        List<String> left = new ArrayList<>();
        for (int i = live + 1; i <= Math.min(gone, points.size() - 1); i++) {
            left.add(points.get(i).link().name());
        }
        return "Still in question: " + String.join(", ", left) + ".";
    }

    private static boolean isGone(Point point) {
        return point.state() == State.DEAD || point.state() == State.WEAK;
    }

    /** What it tells of the faults: volts at the points that are asked for by themselves, and which links are closed or open. */
    public Map<Fact, Boolean> facts() {
        Map<Fact, Boolean> out = new EnumMap<>(Fact.class);
        for (Point point : points) {
            Fact there = point.link().there();
            if (there != null && (point.state() == State.LIVE || point.state() == State.DEAD)) {
                out.put(there, point.state() == State.LIVE);
            }
        }
        int live = lastLive();
        for (Point point : points) {
            Fact open = point.link().open();
            boolean areAllClosed =
                    points.stream().filter(p -> p.link().open() == open).allMatch(p -> points.indexOf(p) <= live);
            if (open != null && areAllClosed) {
                out.put(open, false);
            }
        }
        gap().filter(link -> link.open() != null && points.get(firstGone(live)).state() == State.DEAD)
                .ifPresent(link -> out.put(link.open(), true));
        return out;
    }
}
