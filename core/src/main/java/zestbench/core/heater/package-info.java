/** Crankcase heaters: ohms by volts and watts, and which one serves in place of which. */
@NullMarked
package zestbench.core.heater;

import org.jspecify.annotations.NullMarked;
