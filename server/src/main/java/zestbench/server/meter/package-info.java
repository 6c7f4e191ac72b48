/** A simulated bench meter with probes that streams readings, and the bench's way to any that speaks the same. */
@NullMarked
package zestbench.server.meter;

import org.jspecify.annotations.NullMarked;
