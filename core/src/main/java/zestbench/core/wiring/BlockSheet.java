package zestbench.core.wiring;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import zestbench.core.wiring.Graph.Device;
import zestbench.core.wiring.Graph.Lead;
import zestbench.core.wiring.Graph.Spot;
import zestbench.core.wiring.Sheet.Step;

/** A sheet for a part whose wires go, name for name, onto the terminals of another: contactor, relay, fuse holder. */
public final class BlockSheet {
    private static final String JOINED = "JOIN";

    private final List<Step> steps = new ArrayList<>();
    private final List<Wire> wires;
    private final Device was;
    private final Device is;
    private List<String> joined = List.of();

    /** @param wires as found; where none were named every terminal of the old part has one */
    public BlockSheet(String oldCaption, List<String> old, String newCaption, List<String> now, List<Wire> wires) {
        this.wires = wires.isEmpty()
                ? old.stream()
                        .map(t -> new Wire(t, "", null, "what was on " + t))
                        .toList()
                : wires;
        List<String> found = new ArrayList<>(old);
        this.wires.stream().map(Wire::terminal).filter(t -> !found.contains(t)).forEach(found::add);
        this.was = new Device(oldCaption, found, false);
        this.is = new Device(newCaption, now, false);
    }

    /** A line of its own, in the order they are called. */
    public void step(String key, String text) {
        steps.add(new Step(key, "", "", text));
    }

    /** Wires of these terminals have no place on the new part and are joined with each other, never capped. */
    public void join(List<String> terminals) {
        joined = terminals;
    }

    public List<Wire> wires() {
        return wires;
    }

    /** @param servedBy the new part's terminal for one of the old; empty where it has none, and the wire is capped */
    public Sheet sheet(UnaryOperator<String> servedBy, List<Step> after) {
        List<Lead> leads = new ArrayList<>();
        for (int i = 0; i < wires.size(); i++) {
            Wire wire = wires.get(i);
            String terminal = servedBy.apply(wire.terminal());
            String tracer = Optional.ofNullable(wire.tracer()).orElse("");
            String key = "wire-" + (i + 1);
            if (joined.contains(wire.terminal())) {
                leads.add(new Lead(wire, new Spot(1, JOINED), true, key));
                steps.add(new Step(
                        key,
                        wire.colour(),
                        tracer,
                        wire.text() + ": from " + wire.terminal() + " to the joining terminal"));
                continue;
            }
            if (terminal.isEmpty() || !is.terminals().contains(terminal)) {
                steps.add(new Step(
                        key, wire.colour(), tracer, "Cap " + wire.text() + ": the new part has no " + wire.terminal()));
                continue;
            }
            boolean moved = !terminal.equals(wire.terminal());
            leads.add(new Lead(wire, new Spot(0, terminal), moved, key));
            steps.add(new Step(
                    key,
                    wire.colour(),
                    tracer,
                    wire.text() + (moved ? ": from " + wire.terminal() + " to " + terminal : ": back on " + terminal),
                    !moved));
        }
        steps.addAll(after);
        Graph found = new Graph(
                List.of(was),
                wires.stream()
                        .map(w -> new Lead(w, new Spot(0, w.terminal()), false))
                        .toList(),
                List.of(),
                List.of());
        return new Sheet(found, new Graph(devices(), leads, List.of(), List.of()), List.copyOf(steps));
    }

    private List<Device> devices() {
        return joined.isEmpty()
                ? List.of(is)
                : List.of(is, new Device("listed terminal, insulated", List.of(JOINED), false));
    }
}
