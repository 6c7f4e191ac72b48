package zestbench.core.suspect;

import org.jspecify.annotations.Nullable;

/**
 * One fault that brings another.
 *
 * @param by key of the fault that brings it
 * @param effect key of the fault that is brought
 * @param likely how likely that is
 * @param onlyIf what has to be so for it; null where nothing has
 */
record Cause(
        String by,
        String effect,
        Likelihood likely,
        @Nullable Fact onlyIf) {
    Cause(String by, String effect, Likelihood likely) {
        this(by, effect, likely, null);
    }
}
