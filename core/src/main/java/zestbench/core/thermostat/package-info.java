/** Thermostats: what they call for, how they are fed, and which serves in place of which. */
@NullMarked
package zestbench.core.thermostat;

import org.jspecify.annotations.NullMarked;
