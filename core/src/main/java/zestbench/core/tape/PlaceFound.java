package zestbench.core.tape;

import java.util.ArrayList;
import java.util.List;
import zestbench.core.wiring.Wire;

/** What a place looked like before anything was moved. */
public record PlaceFound(List<Wire> wires, List<String> photos) {
    static final PlaceFound NOTHING = new PlaceFound(List.of(), List.of());

    PlaceFound with(List<Wire> others) {
        return new PlaceFound(others, photos);
    }

    PlaceFound with(String photo) {
        List<String> more = new ArrayList<>(photos);
        more.add(photo);
        return new PlaceFound(wires, more);
    }
}
