/** A small value tree: the form in which specifications travel, whatever carries them. */
@NullMarked
package zestbench.core.value;

import org.jspecify.annotations.NullMarked;
