/** A unit's rating plate: what it says, and whether its figures agree with each other. */
@NullMarked
package zestbench.core.plate;

import org.jspecify.annotations.NullMarked;
