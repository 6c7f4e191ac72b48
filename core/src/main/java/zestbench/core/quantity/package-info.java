/** Values with their units, what a meter shows, and how far it can be trusted. */
@NullMarked
package zestbench.core.quantity;

import org.jspecify.annotations.NullMarked;
