package zestbench.core.suspect;

import java.util.EnumMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * A thing that can be wrong.
 *
 * @param key its name in data
 * @param title its name in words
 * @param common how common it is, as a weight beside the others [practice]
 * @param settledBy the fact that settles it
 * @param test how that fact is found out
 * @param family the family of the part it puts in question; null where that is none
 * @param marked how likely each observation is under it, where that is not as usual
 */
public record Fault(
        String key,
        String title,
        double common,
        Fact settledBy,
        String test,
        @Nullable String family,
        Map<Fact, Likelihood> marked) {

    static Fault of(String key, double common, String title, Fact settledBy, String test) {
        return new Fault(key, title, common, settledBy, test, null, new EnumMap<>(Fact.class));
    }

    /** The part it puts in question. */
    Fault inPart(String kind) {
        return new Fault(key, title, common, settledBy, test, kind, marked);
    }

    Fault always(Fact... facts) {
        return marking(Likelihood.ALWAYS, facts);
    }

    Fault often(Fact... facts) {
        return marking(Likelihood.OFTEN, facts);
    }

    Fault seldom(Fact... facts) {
        return marking(Likelihood.SELDOM, facts);
    }

    Fault never(Fact... facts) {
        return marking(Likelihood.NEVER, facts);
    }

    private Fault marking(Likelihood likelihood, Fact... facts) {
        Map<Fact, Likelihood> all = new EnumMap<>(Fact.class);
        all.putAll(marked);
        for (Fact fact : facts) {
            all.put(fact, likelihood);
        }
        return new Fault(key, title, common, settledBy, test, family, all);
    }

    /** The probability of what was seen, were this the fault. */
    double likelihood(Fact fact, boolean isSo) {
        return marked.getOrDefault(fact, fact.usual()).of(isSo);
    }
}
