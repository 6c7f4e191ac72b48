/** Overload relays: the range they are set in, their class, and which serves in place of which. */
@NullMarked
package zestbench.core.overload;

import org.jspecify.annotations.NullMarked;
