package zestbench.core.judgement;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * All verdicts of one test, the worst of them, and what else is to be said.
 *
 * @param overall the worst verdict; null where nothing was judged
 */
public record Judgement(List<Judged> verdicts, @Nullable Verdict overall, List<Finding> findings) {
    public Judgement {
        verdicts = List.copyOf(verdicts);
        findings = List.copyOf(findings);
    }

    /** A part is as bad as its worst section. */
    public static Judgement of(List<Judged> verdicts, List<Finding> findings) {
        Verdict overall = null;
        for (Judged judged : verdicts) {
            if (judged.verdict() != Verdict.NOT_JUDGED) {
                overall = overall == null ? judged.verdict() : overall.worst(judged.verdict());
            }
        }
        return new Judgement(verdicts, overall, findings);
    }
}
