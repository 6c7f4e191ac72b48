package zestbench.core.family;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import zestbench.core.judgement.Demand;
import zestbench.core.judgement.Mark;
import zestbench.core.judgement.Verdict;

/**
 * Something that is seen or felt on a part, in taps.
 *
 * @param isAsked whether the part counts as tested only once it is answered
 */
public record Look(String key, String question, boolean isAsked, List<Seen> answers) {
    private static final Set<String> OF_ITS_PLACE = Set.of("HOLDER");

    /** Whether it looks at what stays where it is when the part is replaced. */
    public boolean isOfItsPlace() {
        return OF_ITS_PLACE.contains(key);
    }

    /**
     * One answer.
     *
     * @param meaning what follows from it, a sentence; empty where nothing does
     * @param isLive whether it can only be seen with the power on
     * @param demand what it asks for before anything else goes on; null where nothing
     */
    public record Seen(
            String key,
            String words,
            Verdict verdict,
            String meaning,
            Mark mark,
            boolean isLive,
            @Nullable Demand demand) {
        public Seen(String key, String words, Verdict verdict, String meaning, Mark mark) {
            this(key, words, verdict, meaning, mark, false, null);
        }

        /** The same, seen with the power on. */
        public Seen live() {
            return new Seen(key, words, verdict, meaning, mark, true, demand);
        }

        /** The same, which is a STOP. */
        public Seen demanding(Demand what) {
            return new Seen(key, words, verdict, meaning, mark, isLive, what);
        }
    }

    public Optional<Seen> answer(String key) {
        return answers.stream().filter(a -> a.key().equals(key)).findFirst();
    }
}
