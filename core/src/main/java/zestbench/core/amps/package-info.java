/** Current drawn, against what the plate allows. */
@NullMarked
package zestbench.core.amps;

import org.jspecify.annotations.NullMarked;
