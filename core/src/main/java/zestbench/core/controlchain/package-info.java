/** The control circuit of a unit in series, and how the first gap in it is found. */
@NullMarked
package zestbench.core.controlchain;

import org.jspecify.annotations.NullMarked;
