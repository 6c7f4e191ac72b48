package zestbench.server.record;

import java.util.List;
import org.jspecify.annotations.Nullable;
import zestbench.core.bench.CallAccount.AccountLine;
import zestbench.core.judgement.Verdict;

/** VisitController on a unit's record. */
public final class VisitViews {
    private VisitViews() {}

    /** An earlier or present visit on a unit's record. */
    public record VisitView(
            long callId,
            long openedAtMillis,
            String complaint,
            String status,
            List<AccountLine> account,
            List<VisitPartView> parts) {}

    /** @param how what came of it, in words */
    public record VisitPartView(
            String title,
            String place,
            String rating,
            @Nullable Verdict verdict,
            List<String> readings,
            String how,
            String asLeft) {}
}
