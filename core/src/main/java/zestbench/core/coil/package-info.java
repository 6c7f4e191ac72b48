/** A coil by ohms and by its volts, of a contactor or of a relay. */
@NullMarked
package zestbench.core.coil;

import org.jspecify.annotations.NullMarked;
