/** A supply house: the simulated one with its HTTP interface, and the bench's way to any that speaks it. */
@NullMarked
package zestbench.server.counter;

import org.jspecify.annotations.NullMarked;
