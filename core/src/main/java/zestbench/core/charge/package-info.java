/** What goes into a refrigerant circuit and comes out of it, and what says that the circuit is tight and dry. */
@NullMarked
package zestbench.core.charge;

import org.jspecify.annotations.NullMarked;
