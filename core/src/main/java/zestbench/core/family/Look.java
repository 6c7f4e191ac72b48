package zestbench.core.family;

import java.util.List;
import java.util.Optional;
import zestbench.core.judgement.Mark;
import zestbench.core.judgement.Verdict;

/**
 * Something that is seen or felt on a part, in taps.
 *
 * @param isAsked whether the part counts as tested only once it is answered
 */
public record Look(String key, String question, boolean isAsked, List<Seen> answers) {
    /** One answer. @param meaning what follows from it, a sentence; empty where nothing does */
    public record Seen(String key, String words, Verdict verdict, String meaning, Mark mark) {}

    public Optional<Seen> answer(String key) {
        return answers.stream().filter(a -> a.key().equals(key)).findFirst();
    }
}
