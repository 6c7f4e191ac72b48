package zestbench.server.meter;

import org.jspecify.annotations.Nullable;

/**
 * Where leads or probes sit. A real meter knows nothing of it and needs nothing of it.
 *
 * @param place of the part, or SAFE, SUPPLY or PROOF
 * @param subject the pair, section or point
 * @param sign of the unit the dial is on
 * @param nominal what a part that is not in the simulation is rated; null where unknown
 * @param runsMillis how long the unit has been running; 0 where it does not
 */
public record Clip(
        String site,
        String unit,
        String place,
        String subject,
        String sign,
        @Nullable Double nominal,
        long runsMillis) {}
