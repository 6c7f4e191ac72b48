/** The search for combinations of pieces that add up to what is wanted. */
@NullMarked
package zestbench.core.stock;

import org.jspecify.annotations.NullMarked;
