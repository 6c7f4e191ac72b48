package zestbench.core.family;

import java.util.List;
import zestbench.core.family.MatchAnswer.Assignment;
import zestbench.core.wiring.Wire;

/** What comes out, what goes in and how it is used, and the wires as they were found. */
public record HookupRequest(Spec old, List<Spec> pieces, List<Assignment> assignment, List<Wire> wires) {}
