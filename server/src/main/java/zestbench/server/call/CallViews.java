package zestbench.server.call;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.List;
import org.jspecify.annotations.Nullable;
import zestbench.core.bench.Bench;
import zestbench.core.bench.PartViews.FindingView;
import zestbench.core.bench.PartViews.JudgedView;
import zestbench.core.judgement.Judgement;
import zestbench.server.shop.Shop;
import zestbench.server.tape.CallEntity;
import zestbench.server.unit.Unit;
import zestbench.server.unit.Units.UnitView;

/** A call as it is told. */
final class CallViews {
    private CallViews() {}

    record CallView(
            long id,
            @Nullable UnitView unit,
            String complaint,
            String status,
            long openedAtMillis,
            @JsonUnwrapped Bench bench,
            long rules,
            @Nullable Long rulesSinceMillis) {
        static CallView of(CallEntity call, Bench bench, Shop.InForce rules) {
            Unit unit = call.unit();
            return new CallView(
                    call.id(),
                    unit == null ? null : UnitView.of(unit),
                    call.complaint(),
                    call.status().name(),
                    call.openedAt().toEpochMilli(),
                    bench,
                    rules.number(),
                    rules.sinceMillis());
        }
    }

    /** What readings would be judged, without keeping them. */
    record Preview(List<JudgedView> verdicts, List<FindingView> findings) {
        static Preview of(Judgement judgement) {
            return new Preview(
                    judgement.verdicts().stream().map(JudgedView::of).toList(),
                    judgement.findings().stream().map(FindingView::of).toList());
        }
    }
}
