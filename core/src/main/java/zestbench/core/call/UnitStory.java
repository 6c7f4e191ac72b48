package zestbench.core.call;

import org.jspecify.annotations.Nullable;

/**
 * What is known of a unit where a part of it is chosen. Days as 2026-11-27.
 *
 * @param partsReplaced parts that were put in on earlier visits and are still in
 * @param partsUntil the last day on which its maker answers for parts; null where that is not known
 * @param compressorUntil the same of compressors
 * @param today the day on which it is looked at
 */
public record UnitStory(
        int partsReplaced,
        @Nullable String partsUntil,
        @Nullable String compressorUntil,
        String today) {
    public static final UnitStory UNKNOWN = new UnitStory(0, null, null, "");
}
