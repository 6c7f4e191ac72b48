/** The plain facts of a unit's circuit: its loads, the ampacity and the protection that follow from them. */
@NullMarked
package zestbench.core.circuit;

import org.jspecify.annotations.NullMarked;
