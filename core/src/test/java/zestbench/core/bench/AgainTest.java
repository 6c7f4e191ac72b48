package zestbench.core.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import zestbench.core.judgement.Finding;
import zestbench.core.plate.Plates;
import zestbench.core.tape.CallState;
import zestbench.core.tape.Entry;
import zestbench.core.tape.Line;
import zestbench.core.tape.PartEntry;
import zestbench.core.tape.PartState;
import zestbench.core.tape.UnitHistory;
import zestbench.core.tape.UnitHistory.Visit;

/** A part that is replaced at its place again and again is said as such, by the visits before. */
class AgainTest {
    private static final long DAY = 86_400_000;
    private static final long NOW = 3000 * DAY;
    private final List<Visit> visits = new ArrayList<>();

    private Visit visit(long call, long atMillis, String place, Entry.Outcome outcome) {
        List<Line> tape = List.of(
                new Line(
                        1,
                        atMillis,
                        "Tech 1",
                        new PartEntry.PartAdded("p", "capacitor", "Run capacitor", place, "compressor")),
                new Line(2, atMillis, "Tech 1", new PartEntry.PartClosed("p", outcome, "45 µF", "", null)));
        return new Visit(call, tape, CallState.of(tape, Plates.NONE));
    }

    private String said(String place) {
        PartState part = visit(99, NOW, place, Entry.Outcome.NOT_NEEDED)
                .state()
                .parts()
                .iterator()
                .next();
        List<UnitHistory.Replaced> before = new UnitHistory(visits).replacedBefore(99, place, "Run capacitor");
        return Again.finding(part, before, NOW).map(Finding::text).orElse("");
    }

    @Test
    void theThirdInTwoYearsIsAFinding() {
        assertThat(said("Outdoor unit")).isEmpty();
        visits.add(visit(1, NOW - 500 * DAY, "Outdoor unit", Entry.Outcome.REPLACED));
        assertThat(said("Outdoor unit"))
                .isEqualTo("Second run capacitor at this place in two years, the last was put in 16 months ago: "
                        + "find what kills it before another goes in.");
        visits.add(visit(2, NOW - 40 * DAY, "Outdoor unit", Entry.Outcome.REPLACED));
        assertThat(said("Outdoor unit")).startsWith("Third run capacitor").contains("40 days ago");
    }

    @Test
    void longAgoElsewhereOrNotReplacedIsNone() {
        visits.add(visit(1, NOW - 800 * DAY, "Outdoor unit", Entry.Outcome.REPLACED));
        visits.add(visit(2, NOW - 40 * DAY, "Indoor unit", Entry.Outcome.REPLACED));
        visits.add(visit(3, NOW - 30 * DAY, "Outdoor unit", Entry.Outcome.NOT_NEEDED));
        visits.add(visit(100, NOW, "Outdoor unit", Entry.Outcome.REPLACED));
        assertThat(said("Outdoor unit")).isEmpty();
    }
}
