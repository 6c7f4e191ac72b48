package zestbench.core.judgement;

import java.util.List;

/** All verdicts of one test, the worst of them, and what else is to be said. */
public record Judgement(List<Judged> verdicts, Verdict overall, List<Finding> findings) {
    public Judgement {
        verdicts = List.copyOf(verdicts);
        findings = List.copyOf(findings);
    }

    /** A part is as bad as its worst section. */
    public static Judgement of(List<Judged> verdicts, List<Finding> findings) {
        Verdict overall = Verdict.GOOD;
        for (Judged judged : verdicts) {
            overall = overall.worst(judged.verdict());
        }
        return new Judgement(verdicts, overall, findings);
    }
}
