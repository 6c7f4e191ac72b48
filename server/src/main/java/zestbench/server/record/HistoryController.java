package zestbench.server.record;

import java.time.Clock;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import zestbench.core.bench.LeaveBench;
import zestbench.core.bench.LeaveViews.BestView;
import zestbench.core.bench.LeaveViews.WriteUpView;
import zestbench.core.family.Sections;
import zestbench.core.plate.Plates;
import zestbench.core.proof.Benchmark;
import zestbench.core.quantity.Figures;
import zestbench.core.quantity.Limits;
import zestbench.core.tape.AmpTrend;
import zestbench.core.tape.LeaveEntry;
import zestbench.core.tape.SectionTrend;
import zestbench.core.tape.StartTrend;
import zestbench.core.tape.UnitHistory;
import zestbench.core.tape.UnitHistory.OpenWriteUp;
import zestbench.server.unit.Units;

/** What all visits to a unit say together, over HTTP. */
@RestController
public class HistoryController {
    private final UnitHistories histories;
    private final Units units;
    private final Clock clock;

    HistoryController(UnitHistories histories, Units units, Clock clock) {
        this.histories = histories;
        this.units = units;
        this.clock = clock;
    }

    record HistoryView(
            List<WriteUpView> writeUps,
            List<String> standstill,
            @Nullable BestView best,
            List<TrendView> trends,
            List<AgedPart> parts,
            List<PlatePhotosView> platePhotos,
            List<UnitHistory.FoundAndLeft> foundAndLeft) {}

    /** Photos of a plate, by name. */
    record PlatePhotosView(Plates.Which which, List<String> photos) {}

    record AgedPart(UnitHistory.PutIn part, String age) {}

    /**
     * A figure over the visits.
     *
     * @param name what it is, with where
     * @param words how far it moved and what that says
     * @param limits lines it is held against; empty where there are none
     * @param crossesMillis when it is foretold to cross its lower limit
     */
    record TrendView(
            String name,
            String unit,
            String words,
            List<TrendPointView> points,
            List<Double> limits,
            @Nullable Long crossesMillis) {}

    record TrendPointView(long atMillis, double value) {}

    @GetMapping("/api/units/{id}/history")
    HistoryView history(@PathVariable long id) {
        UnitHistory history = histories.of(units.get(id).id());
        List<TrendView> trends = new ArrayList<>();
        history.sections().forEach(section -> trends.add(trend(section)));
        for (AmpTrend amps : history.amps()) {
            trends.add(new TrendView(
                    "Amps, " + amps.place(),
                    "A",
                    amps.words(),
                    amps.points().stream()
                            .map(p -> new TrendPointView(p.atMillis(), p.amps()))
                            .toList(),
                    List.of(),
                    null));
            List<TrendPointView> inrush = new ArrayList<>();
            amps.points().forEach(p -> {
                if (p.inrush() != null) {
                    inrush.add(new TrendPointView(p.atMillis(), p.inrush()));
                }
            });
            if (!inrush.isEmpty()) {
                trends.add(new TrendView(
                        "Inrush, " + amps.place(), "A", "Its growth is the news.", inrush, List.of(), null));
            }
        }
        for (StartTrend start : history.starts()) {
            trends.add(new TrendView(
                    "Most amps at the start, " + start.place(),
                    "A",
                    start.words(),
                    start.points().stream()
                            .map(p -> new TrendPointView(p.atMillis(), p.amps()))
                            .toList(),
                    List.of(),
                    null));
            trends.add(new TrendView(
                    "Dip at the start, " + start.place(),
                    "V",
                    "Its growth tells of the supply.",
                    start.points().stream()
                            .map(p -> new TrendPointView(p.atMillis(), p.dip()))
                            .toList(),
                    List.of(),
                    null));
        }
        for (UnitHistory.FigureTrend figure : history.figureTrends()) {
            trends.add(new TrendView(
                    figure.title(),
                    figure.figure().quantity().unit(),
                    outdoor(figure),
                    figure.points().stream()
                            .map(p -> new TrendPointView(p.atMillis(), p.value()))
                            .toList(),
                    List.of(),
                    null));
        }
        return new HistoryView(
                history.openWriteUps().stream().map(w -> WriteUpView.of(w, 0)).toList(),
                history.openWriteUps().stream()
                        .map(OpenWriteUp::writeUp)
                        .filter(w -> w.urgency().isStandstill())
                        .map(LeaveEntry.WrittenUp::id)
                        .toList(),
                history.benchmark().map(HistoryController::best).orElse(null),
                trends,
                history.putIn().stream()
                        .map(p -> new AgedPart(p, p.age(clock.millis())))
                        .toList(),
                Arrays.stream(Plates.Which.values())
                        .map(which -> new PlatePhotosView(which, history.platePhotos(which)))
                        .toList(),
                history.foundAndLeft());
    }

    private static BestView best(Benchmark best) {
        return LeaveBench.view(best, "", Benchmark.Comparison.NONE);
    }

    private static TrendView trend(SectionTrend section) {
        Limits limits = section.limits();
        return new TrendView(
                section.section().equals(Sections.WHOLE)
                        ? "Capacitor, " + section.place()
                        : section.section() + ", " + section.place(),
                "µF",
                section.words(),
                section.points().stream()
                        .map(p -> new TrendPointView(p.atMillis(), p.microfarads()))
                        .toList(),
                limits == null ? List.of() : List.of(limits.low(), limits.high()),
                section.crossesMillis());
    }

    /** A proof figure means little without the air it was read in. */
    private static String outdoor(UnitHistory.FigureTrend trend) {
        List<String> words = new ArrayList<>();
        trend.points().forEach(p -> {
            Double outdoor = p.outdoorFahrenheit();
            words.add(outdoor == null ? "outdoor air not read" : Figures.plain(outdoor) + " °F outdoors");
        });
        return String.join(", then ", words) + ".";
    }
}
