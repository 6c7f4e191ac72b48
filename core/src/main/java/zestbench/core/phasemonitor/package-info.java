/** Phase monitors as fitted: volts, settings, and which serves in place of which. */
@NullMarked
package zestbench.core.phasemonitor;

import org.jspecify.annotations.NullMarked;
