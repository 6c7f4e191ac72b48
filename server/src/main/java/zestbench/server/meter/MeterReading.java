package zestbench.server.meter;

import org.jspecify.annotations.Nullable;

/**
 * A figure as it stands in a meter's window.
 *
 * @param device METER, or PROBES for pressures and temperatures
 * @param sign of its unit, as the dial is turned
 * @param value left out where the window says OL
 */
public record MeterReading(
        String device, String sign, @Nullable Double value, boolean isOverRange, long atMillis) {}
