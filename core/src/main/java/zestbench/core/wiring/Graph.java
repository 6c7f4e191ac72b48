package zestbench.core.wiring;

import java.util.ArrayList;
import java.util.List;

/** Devices with their terminals, the wires on them, jumpers between them, and terminals left bare and insulated. */
public record Graph(List<Device> devices, List<Lead> leads, List<Jumper> jumpers, List<Spot> insulated) {
    /** A device. @param terminals their names in the order they are drawn @param isCan round; else a block */
    public record Device(String caption, List<String> terminals, boolean isCan) {
        public Device(String caption, List<String> terminals) {
            this(caption, terminals, true);
        }
    }

    /** A terminal of a device. */
    public record Spot(int device, String terminal) {}

    /**
     * A wire on a terminal.
     *
     * @param moved whether it goes to a terminal of another name than it was found on
     * @param step key of the step that puts it there; empty where none does
     */
    public record Lead(Wire wire, Spot at, boolean moved, String step) {
        public Lead(Wire wire, Spot at, boolean moved) {
            this(wire, at, moved, "");
        }
    }

    /** A short wire added between two terminals. @param step key of the step that adds it; empty where none does */
    public record Jumper(Spot from, Spot to, String step) {
        public Jumper(Spot from, Spot to) {
            this(from, to, "");
        }
    }

    public Graph {
        devices = List.copyOf(devices);
        leads = List.copyOf(leads);
        jumpers = List.copyOf(jumpers);
        insulated = List.copyOf(insulated);
    }

    /** One device with its wires as found; it has the terminals that have a wire, in the order they are listed. */
    public static Graph asFound(String caption, List<Wire> wires) {
        List<String> terminals = wires.stream().map(Wire::terminal).distinct().toList();
        List<Lead> leads = wires.stream()
                .map(w -> new Lead(w, new Spot(0, w.terminal()), false))
                .toList();
        return new Graph(List.of(new Device(caption, terminals, false)), leads, List.of(), List.of());
    }

    /** Whether a wire or a jumper is on {@code spot}. */
    public boolean isUsed(Spot spot) {
        return leads.stream().anyMatch(l -> l.at().equals(spot))
                || jumpers.stream().anyMatch(j -> j.from().equals(spot) || j.to().equals(spot));
    }

    /** Terminals that carried a wire in {@code found} and are still there, bare. */
    public List<Spot> freedSince(Graph found) {
        List<Spot> out = new ArrayList<>();
        for (int device = 0; device < devices.size(); device++) {
            for (String terminal : devices.get(device).terminals()) {
                Spot spot = new Spot(device, terminal);
                boolean carried =
                        found.leads().stream().anyMatch(l -> l.at().terminal().equals(terminal));
                if (carried && !isUsed(spot)) {
                    out.add(spot);
                }
            }
        }
        return out;
    }
}
