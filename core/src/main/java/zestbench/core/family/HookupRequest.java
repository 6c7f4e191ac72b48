package zestbench.core.family;

import java.util.List;
import org.jspecify.annotations.Nullable;
import zestbench.core.family.MatchAnswer.Assignment;
import zestbench.core.family.MatchRequest.Circuit;
import zestbench.core.wiring.Sheet;
import zestbench.core.wiring.Wire;

/** What comes out, what goes in and how it is used, the wires as they were found, and what else is known on site. */
public record HookupRequest(Spec old, List<Spec> pieces, List<Assignment> assignment, List<Wire> wires, Site site) {
    public HookupRequest(Spec old, List<Spec> pieces, List<Assignment> assignment, List<Wire> wires) {
        this(old, pieces, assignment, wires, Site.UNKNOWN);
    }

    /**
     * What is known beside the part itself.
     *
     * @param leads of the new part as its own label prints them; empty where it was not typed
     * @param connection the connection table as printed; empty where it was not typed
     * @param capacitor the sheet of the run capacitor that serves this part; null where none is chosen
     */
    public record Site(
            List<Wire> leads,
            String connection,
            Circuit circuit,
            @Nullable Sheet capacitor) {
        public static final Site UNKNOWN = new Site(List.of(), "", Circuit.UNKNOWN, null);
    }
}
