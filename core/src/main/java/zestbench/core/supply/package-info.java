/** The supply: volts leg to leg and to ground, lost legs, unbalance. */
@NullMarked
package zestbench.core.supply;

import org.jspecify.annotations.NullMarked;
