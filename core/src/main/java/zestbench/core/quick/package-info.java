/** The quick line: one box that takes a label, readings, or both. */
@NullMarked
package zestbench.core.quick;

import org.jspecify.annotations.NullMarked;
