/** Reading text from labels: tokens with their place in the text, and what came of them. */
@NullMarked
package zestbench.core.label;

import org.jspecify.annotations.NullMarked;
