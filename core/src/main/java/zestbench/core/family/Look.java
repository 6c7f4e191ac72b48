package zestbench.core.family;

import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import zestbench.core.judgement.Demand;
import zestbench.core.judgement.Mark;
import zestbench.core.judgement.Verdict;

/**
 * Something that is seen or felt on a part, in taps.
 *
 * @param isAsked whether the part counts as tested only once it is answered
 * @param about what others go by it for; null where it is of the part alone
 */
public record Look(
        String key,
        String question,
        boolean isAsked,
        List<Seen> answers,
        @Nullable About about) {
    /** What a look tells beyond the part. */
    public enum About {
        /** What stays where it is when the part is replaced. */
        PLACE,
        /** Why it failed: once that is found a new one may go in. */
        CAUSE,
        /** Where crankcase heat comes from; its answers are those of {@code CrankcaseHeat}. */
        CRANKCASE_HEAT
    }

    public Look(String key, String question, boolean isAsked, List<Seen> answers) {
        this(key, question, isAsked, answers, null);
    }

    /** The same, by which others go. */
    public Look about(About what) {
        return new Look(key, question, isAsked, answers, what);
    }

    /**
     * One answer.
     *
     * @param meaning what follows from it, a sentence; empty where nothing does
     * @param isLive whether it can only be seen with the power on
     * @param demand what it asks for before anything else goes on; null where nothing
     * @param coolMinutes so long the part has to cool before it works again, in minutes; 0 where it need not
     */
    public record Seen(
            String key,
            String words,
            Verdict verdict,
            String meaning,
            Mark mark,
            boolean isLive,
            @Nullable Demand demand,
            int coolMinutes) {
        public Seen(String key, String words, Verdict verdict, String meaning, Mark mark) {
            this(key, words, verdict, meaning, mark, false, null, 0);
        }

        /** The same, seen with the power on. */
        public Seen live() {
            return new Seen(key, words, verdict, meaning, mark, true, demand, coolMinutes);
        }

        /** The same, which is a STOP. */
        public Seen demanding(Demand what) {
            return new Seen(key, words, verdict, meaning, mark, isLive, what, coolMinutes);
        }

        /** The same, after which the part has to cool. */
        public Seen cooling(int minutes) {
            return new Seen(key, words, verdict, meaning, mark, isLive, demand, minutes);
        }
    }

    public Optional<Seen> answer(String key) {
        return answers.stream().filter(a -> a.key().equals(key)).findFirst();
    }
}
