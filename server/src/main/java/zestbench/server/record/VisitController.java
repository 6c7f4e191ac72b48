package zestbench.server.record;

import java.util.ArrayList;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import zestbench.core.bench.CallAccount;
import zestbench.core.family.Sections;
import zestbench.core.tape.CallState;
import zestbench.core.tape.PartEntry;
import zestbench.core.tape.PartState;
import zestbench.core.tape.Taken;
import zestbench.server.record.VisitViews.VisitPartView;
import zestbench.server.record.VisitViews.VisitView;
import zestbench.server.tape.CallEntity;
import zestbench.server.tape.Tapes;
import zestbench.server.unit.Units;

/** A unit's history over HTTP: its visits, the latest first. */
@RestController
public class VisitController {
    private final VisitRepository store;
    private final Tapes tapes;
    private final Units units;

    VisitController(VisitRepository store, Tapes tapes, Units units) {
        this.store = store;
        this.tapes = tapes;
        this.units = units;
    }

    @GetMapping("/api/units/{id}/visits")
    List<VisitView> visits(@PathVariable long id) {
        units.get(id);
        return store.findByUnit_IdOrderByOpenedAtDescIdDesc(id).stream()
                .map(this::visit)
                .toList();
    }

    private VisitView visit(CallEntity row) {
        List<VisitPartView> parts = new ArrayList<>();
        CallState state = tapes.of(row.id()).state(row.plates());
        state.parts().forEach(p -> parts.add(part(p)));
        return new VisitView(
                row.id(),
                row.openedAt().toEpochMilli(),
                row.complaint(),
                row.status().name(),
                CallAccount.of(state, row.complaint()),
                parts);
    }

    private static VisitPartView part(PartState part) {
        PartEntry.PartClosed closed = part.closed();
        List<String> readings = part.tests().readings().values().stream()
                .map(Taken::judged)
                .map(j -> Sections.said(j.subject()) + j.reading().text())
                .toList();
        return new VisitPartView(
                part.added().title(),
                part.added().place(),
                part.spec().isEmpty() ? "" : part.family().shortText(part.spec()),
                part.tests().verdict(),
                readings,
                closed == null ? "" : closed.told().title(),
                closed == null ? "" : closed.asLeft());
    }
}
