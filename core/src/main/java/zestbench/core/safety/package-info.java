/** Stored energy, discharge, and when a unit counts as dead. */
@NullMarked
package zestbench.core.safety;

import org.jspecify.annotations.NullMarked;
