package zestbench.server.call;

import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import zestbench.core.wiring.SvgWriter;

/** What wires can be called, over HTTP. */
@RestController
class WiringHttp {
    /** A colour of insulation by its name. @param css as it is drawn */
    record WireColour(String name, String css) {}

    @GetMapping("/api/wire-colours")
    List<WireColour> colours() {
        return SvgWriter.colours().entrySet().stream()
                .map(e -> new WireColour(e.getKey(), e.getValue()))
                .toList();
    }
}
