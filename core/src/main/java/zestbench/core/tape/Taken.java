package zestbench.core.tape;

import java.util.List;
import zestbench.core.judgement.Finding;
import zestbench.core.judgement.Judged;

/** A reading as it stands: the line it is on, its verdict, and what was said beside it. */
public record Taken(Line line, Judged judged, List<Finding> findings) {}
