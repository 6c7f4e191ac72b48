package zestbench.core.bench;

import java.util.List;
import java.util.Map;
import zestbench.core.bench.PartViews.LastTimeView;
import zestbench.core.call.UnitStory;
import zestbench.core.proof.Benchmark;
import zestbench.core.tape.UnitHistory.Replaced;

/**
 * What the record has from before.
 *
 * @param call the one that is looked at
 * @param complaint of that call, in the customer's words
 * @param bests what each circuit of the unit could do at its best, by an earlier visit; by its name as 1
 * @param lastTimes the same part at an earlier visit, by the part's id
 * @param replaced parts of the same name that were replaced at the same place before, by the part's id
 * @param story of the unit as a whole
 * @param figures of the unit itself at earlier visits, by {@link zestbench.core.tape.UnitHistory#figureKey}
 */
public record Before(
        long call,
        String complaint,
        Map<String, Benchmark> bests,
        Map<String, LastTimeView> lastTimes,
        Map<String, List<Replaced>> replaced,
        UnitStory story,
        Map<String, Double> figures) {}
