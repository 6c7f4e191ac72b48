package zestbench.server.exchange;

import java.util.List;
import java.util.function.BiFunction;
import java.util.function.Consumer;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * One kind of thing that can be carried.
 *
 * @param field of the bundle it stands in
 * @param kind in a word
 * @param id that stays the same wherever it is carried to
 * @param title in words
 * @param check throws an InputProblem where one does not fit
 * @param now what is here under its id; null where nothing is
 * @param over theirs, with what they leave out filled in from ours
 * @param isContinued whether ours only goes on in theirs
 * @param differences between ours and theirs, in words
 * @param put keeps one
 */
record ImportKind<T>(
        String field,
        String kind,
        Function<T, String> id,
        Function<T, String> title,
        Consumer<T> check,
        Function<T, @Nullable T> now,
        BiFunction<T, T, T> over,
        BiFunction<T, T, Boolean> isContinued,
        BiFunction<T, T, List<String>> differences,
        Consumer<T> put) {
    /** How something in the file stands to what is here. */
    enum State {
        /** It is not here yet. */
        NEW,
        /** It is here and the same. */
        SAME,
        /** It is here and only goes on in the file. */
        LONGER,
        /** What is here goes on from what the file has; it stays. */
        SHORTER,
        /** Both say something else: somebody has to choose. */
        CLASH
    }

    /** One thing of the file. */
    record Carried(String kind, String id, String title, State state, List<String> differences) {
        boolean changes() {
            return state != State.SAME && state != State.SHORTER;
        }
    }

    Carried item(T theirs) {
        T ours = now.apply(theirs);
        String itsId = kind + " " + id.apply(theirs);
        String itsTitle = title.apply(theirs);
        if (ours == null) {
            return new Carried(kind, itsId, itsTitle, State.NEW, List.of());
        }
        T full = over.apply(theirs, ours);
        if (full.equals(ours)) {
            return new Carried(kind, itsId, itsTitle, State.SAME, List.of());
        }
        List<String> words = differences.apply(ours, full);
        State state = isContinued.apply(ours, full)
                ? State.LONGER
                : isContinued.apply(full, ours) ? State.SHORTER : State.CLASH;
        return new Carried(kind, itsId, itsTitle, state, words);
    }
}
