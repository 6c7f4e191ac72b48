/** Terminals and wires, as found and as left, and the difference between the two. */
@NullMarked
package zestbench.core.wiring;

import org.jspecify.annotations.NullMarked;
