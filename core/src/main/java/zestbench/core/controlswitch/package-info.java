/** Switches that open for a cause: pressure, air, water, heat, frost; what they are set to, and which serves in place of which. */
@NullMarked
package zestbench.core.controlswitch;

import org.jspecify.annotations.NullMarked;
