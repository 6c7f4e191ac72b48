package zestbench.server.call;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import zestbench.core.quantity.InputProblem;
import zestbench.core.wiring.Drawing;
import zestbench.core.wiring.Graph;
import zestbench.core.wiring.SvgWriter;
import zestbench.core.wiring.Wire;
import zestbench.server.call.PartHttp.WireGiven;
import zestbench.server.call.PartHttp.Wires;
import zestbench.server.once.ChangesNothing;

/** What wires can be called, and how a list of them is drawn, over HTTP. */
@RestController
class WiringHttp {
    private static final int MOST_WIRES = 24;

    /** A colour of insulation by its name. @param css as it is drawn */
    record WireColour(String name, String css) {}

    record MapGiven(
            @NotNull(message = "give a caption") @Size(max = 80)
            String caption,

            @NotNull(message = "give the wires") List<@Valid WireGiven> wires) {}

    record MapDrawn(String svg) {}

    @GetMapping("/api/wire-colours")
    List<WireColour> colours() {
        return SvgWriter.colours().entrySet().stream()
                .map(e -> new WireColour(e.getKey(), e.getValue()))
                .toList();
    }

    /** The diagram of a wire list: each terminal that has a wire, in the order given. */
    @ChangesNothing
    @PostMapping("/api/wire-map")
    MapDrawn draw(@Valid @RequestBody MapGiven given) {
        Graph graph = Graph.asFound(given.caption(), wires(new Wires(given.wires()), List.of()));
        return new MapDrawn(SvgWriter.write(Drawing.of(graph), "Wires as found"));
    }

    /** Wires as given. @param terminals they have to sit on; empty where any will do */
    static List<Wire> wires(Wires given, List<String> terminals) {
        InputProblem.require(
                given.wires().size() <= MOST_WIRES, "wires", given.wires().size(), "give up to 24 wires");
        List<Wire> out = new ArrayList<>();
        for (WireGiven wire : given.wires()) {
            String field = "wires[" + out.size() + "]";
            InputProblem.require(wire != null, field, null, "give a wire");
            InputProblem.require(
                    terminals.isEmpty() ? !wire.terminal().isBlank() : terminals.contains(wire.terminal()),
                    field + ".terminal",
                    wire.terminal(),
                    terminals.isEmpty()
                            ? "name the terminal, such as T1"
                            : "give one of " + String.join(", ", terminals));
            String tracer = wire.tracer() == null || wire.tracer().isBlank() ? null : wire.tracer();
            out.add(new Wire(
                    wire.terminal().strip(), wire.colour(), tracer, wire.name().strip()));
        }
        return out;
    }
}
