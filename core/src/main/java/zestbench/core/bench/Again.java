package zestbench.core.bench;

import java.util.List;
import java.util.Optional;
import zestbench.core.judgement.Finding;
import zestbench.core.quantity.Letters;
import zestbench.core.tape.PartState;
import zestbench.core.tape.UnitHistory;
import zestbench.core.tape.UnitHistory.Replaced;

/** A part that was replaced at its place not long ago: what fails again has a cause outside of itself. */
final class Again {
    /** Parts of a unit last longer than this as a rule. [practice] */
    private static final long RECENT_MILLIS = 2 * 365 * 86_400_000L;

    private static final List<String> COUNTED = List.of("Second", "Third", "Fourth", "Fifth");

    private Again() {}

    /**
     * @param replaced parts of its name that were replaced at its place before, the earliest first
     * @param nowMillis when the call was last worked on
     */
    static Optional<Finding> finding(PartState part, List<Replaced> replaced, long nowMillis) {
        List<Replaced> recent = replaced.stream()
                .filter(at -> nowMillis - at.atMillis() <= RECENT_MILLIS)
                .toList();
        if (recent.isEmpty()) {
            return Optional.empty();
        }
        String which = COUNTED.get(Math.min(recent.size(), COUNTED.size()) - 1);
        return Optional.of(Finding.caution(
                "{} {} at this place in two years, the last was put in {} ago: find what kills it before another goes in.",
                which,
                Letters.small(part.added().title()),
                UnitHistory.age(nowMillis - recent.get(recent.size() - 1).atMillis())));
    }
}
