package zestbench.core.call;

import java.util.List;
import java.util.stream.Stream;
import zestbench.core.family.MatchRequest.StockLine;
import zestbench.core.family.Spec;

/**
 * What can be fitted, of the kind of the part that a command {@link Command#stockFor() looks for}.
 *
 * @param here on the technician's truck
 * @param elsewhere on the other trucks and in the shop
 */
public record Stock(List<StockLine> here, List<StockLine> elsewhere) {
    public static final Stock NONE = new Stock(List.of(), List.of());

    /** The rating of a line; throws where it is gone. */
    Spec spec(String id) {
        return Stream.concat(here.stream(), elsewhere.stream())
                .filter(line -> line.id().equals(id))
                .map(StockLine::spec)
                .findFirst()
                .orElseThrow(() -> new Refusal("That offer is no longer on the truck: match again."));
    }
}
