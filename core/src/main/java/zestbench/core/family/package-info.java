/** How a family of parts plugs in: its attributes and its handful of functions. */
@NullMarked
package zestbench.core.family;

import org.jspecify.annotations.NullMarked;
