/** What a customer can choose from, with its price. */
@NullMarked
package zestbench.core.options;

import org.jspecify.annotations.NullMarked;
