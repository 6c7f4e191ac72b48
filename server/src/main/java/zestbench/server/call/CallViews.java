package zestbench.server.call;

import java.util.List;
import org.jspecify.annotations.Nullable;
import zestbench.core.bench.ArrivalViews.AmpsView;
import zestbench.core.bench.ArrivalViews.AskView;
import zestbench.core.bench.ArrivalViews.FoundView;
import zestbench.core.bench.ArrivalViews.PlatesView;
import zestbench.core.bench.ArrivalViews.SupplyView;
import zestbench.core.bench.ArrivalViews.WindingsView;
import zestbench.core.bench.Bench;
import zestbench.core.bench.CallAccount.AccountLine;
import zestbench.core.bench.LeaveViews.LeaveView;
import zestbench.core.bench.PartViews.FindingView;
import zestbench.core.bench.PartViews.JudgedView;
import zestbench.core.bench.PartViews.LineView;
import zestbench.core.bench.PartViews.PartView;
import zestbench.core.bench.PartViews.SafeView;
import zestbench.core.bench.PartViews.StopView;
import zestbench.core.judgement.Judgement;
import zestbench.core.tape.NextThing;
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
            NextThing next,
            @Nullable StopView stop,
            SafeView safe,
            AskView ask,
            PlatesView plates,
            SupplyView supply,
            List<WindingsView> windings,
            List<AmpsView> amps,
            List<FoundView> found,
            List<PartView> parts,
            LeaveView leave,
            List<AccountLine> account,
            List<LineView> tape,
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
                    bench.next(),
                    bench.stop(),
                    bench.safe(),
                    bench.ask(),
                    bench.plates(),
                    bench.supply(),
                    bench.windings(),
                    bench.amps(),
                    bench.found(),
                    bench.parts(),
                    bench.leave(),
                    bench.account(),
                    bench.tape(),
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
