package zestbench.core.bench;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import zestbench.core.bench.PartViews.LastTimeView;
import zestbench.core.proof.Benchmark;

/**
 * What the record has from before.
 *
 * @param call the one that is looked at
 * @param complaint of that call, in the customer's words
 * @param best what the unit could do at its best, by an earlier visit; null where none was kept
 * @param lastTimes the same part at an earlier visit, by the part's id
 * @param replaced when a part of the same name was replaced at the same place before, by the part's id
 * @param story of the unit as a whole
 * @param figures of the unit itself at earlier visits, by {@link zestbench.core.tape.UnitHistory#figureKey}
 */
public record Before(
        long call,
        String complaint,
        @Nullable Benchmark best,
        Map<String, LastTimeView> lastTimes,
        Map<String, List<Long>> replaced,
        UnitStory story,
        Map<String, Double> figures) {}
