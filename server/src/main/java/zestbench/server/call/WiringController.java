package zestbench.server.call;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import zestbench.core.quantity.InputProblem;
import zestbench.core.wiring.Drawing;
import zestbench.core.wiring.Graph;
import zestbench.core.wiring.SvgWriter;
import zestbench.core.wiring.Wire;
import zestbench.server.change.ChangesNothing;

/** What wires can be called, and how a list of them is drawn, over HTTP. */
@RestController
class WiringController {
    private static final int MOST_WIRES = 24;

    /** A colour of insulation by its name. @param css as it is drawn */
    record WireColour(String name, String css) {}

    record Wires(@NotNull(message = "give the wires") List<@Valid WireGiven> wires) {
        /** As wires. @param terminals they have to sit on; empty where any will do */
        List<Wire> on(List<String> terminals) {
            InputProblem.require(wires.size() <= MOST_WIRES, "wires", wires.size(), "give up to 24 wires");
            List<Wire> out = new ArrayList<>();
            for (WireGiven wire : wires) {
                String field = "wires[" + out.size() + "]";
                InputProblem.require(wire != null, field, null, "give a wire");
                out.add(wire.on(terminals, field));
            }
            return out;
        }
    }

    record WireGiven(
            @NotNull @Size(max = 20) String terminal,
            @NotNull @Size(max = 20) String colour,
            @Nullable @Size(max = 20) String tracer,

            @NotNull @Size(max = 60, message = "give up to 60 characters")
            String name) {
        private Wire on(List<String> terminals, String field) {
            InputProblem.require(
                    terminals.isEmpty() ? !terminal.isBlank() : terminals.contains(terminal),
                    field + ".terminal",
                    terminal,
                    terminals.isEmpty()
                            ? "name the terminal, such as T1"
                            : "give one of " + String.join(", ", terminals));
            return new Wire(terminal.strip(), colour, tracer == null || tracer.isBlank() ? null : tracer, name.strip());
        }
    }

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
        Graph graph = Graph.asFound(given.caption(), new Wires(given.wires()).on(List.of()));
        return new MapDrawn(SvgWriter.write(Drawing.of(graph), "Wires as found"));
    }
}
