/** Windings of a motor or hermetic compressor by ohms: which terminal is which, whether they are whole, whether they are grounded. */
@NullMarked
package zestbench.core.winding;

import org.jspecify.annotations.NullMarked;
