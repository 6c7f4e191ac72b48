/** Contactors: their labels, tests, matching by load and coil, and which wire goes on which pole. */
@NullMarked
package zestbench.core.contactor;

import org.jspecify.annotations.NullMarked;
