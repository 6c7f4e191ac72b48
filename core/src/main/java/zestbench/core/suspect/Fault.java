package zestbench.core.suspect;

import java.util.EnumMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * A thing that can be wrong.
 *
 * @param key its name in data
 * @param title its name in words
 * @param common how commonly it comes alone, as a weight beside the others [practice]
 * @param settledBy the fact that settles it
 * @param test how that fact is found out
 * @param family the family of the part it puts in question; null where that is none
 * @param marked how likely each observation is under it, where that is not as usual
 * @param proof what, found so, proves it and ends the ranking; empty where nothing does
 */
public record Fault(
        String key,
        String title,
        double common,
        Fact settledBy,
        String test,
        @Nullable String family,
        Map<Fact, Likelihood> marked,
        Map<Fact, Boolean> proof) {

    static Fault of(String key, double common, String title, Fact settledBy, String test) {
        return new Fault(
                key, title, common, settledBy, test, null, new EnumMap<>(Fact.class), new EnumMap<>(Fact.class));
    }

    /** The part it puts in question. */
    Fault inPart(String kind) {
        return new Fault(key, title, common, settledBy, test, kind, marked, proof);
    }

    Fault certain(Fact... facts) {
        return marking(Likelihood.CERTAIN, facts);
    }

    Fault always(Fact... facts) {
        return marking(Likelihood.ALWAYS, facts);
    }

    Fault often(Fact... facts) {
        return marking(Likelihood.OFTEN, facts);
    }

    Fault sometimes(Fact... facts) {
        return marking(Likelihood.SOMETIMES, facts);
    }

    Fault seldom(Fact... facts) {
        return marking(Likelihood.SELDOM, facts);
    }

    Fault rare(Fact... facts) {
        return marking(Likelihood.RARE, facts);
    }

    Fault never(Fact... facts) {
        return marking(Likelihood.NEVER, facts);
    }

    /** Found so, each of these together proves it. */
    Fault provedBy(Fact... facts) {
        Map<Fact, Boolean> all = new EnumMap<>(Fact.class);
        all.putAll(proof);
        for (Fact fact : facts) {
            all.put(fact, true);
        }
        return new Fault(key, title, common, settledBy, test, family, marked, all);
    }

    /** Found not so, this proves it, together with what else does. */
    Fault provedByNo(Fact fact) {
        Map<Fact, Boolean> all = new EnumMap<>(Fact.class);
        all.putAll(proof);
        all.put(fact, false);
        return new Fault(key, title, common, settledBy, test, family, marked, all);
    }

    private Fault marking(Likelihood likelihood, Fact... facts) {
        Map<Fact, Likelihood> all = new EnumMap<>(Fact.class);
        all.putAll(marked);
        for (Fact fact : facts) {
            all.put(fact, likelihood);
        }
        return new Fault(key, title, common, settledBy, test, family, all, proof);
    }

    /** The probability of what was seen, were this the only fault. */
    double likelihood(Fact fact, boolean isSo) {
        double yes = marked.getOrDefault(fact, fact.usual()).ofYes();
        return isSo ? yes : 1 - yes;
    }

    /** Whether {@code known} holds all that proves it. */
    boolean isProvedBy(Map<Fact, Boolean> known) {
        return !proof.isEmpty() && known.entrySet().containsAll(proof.entrySet());
    }
}
