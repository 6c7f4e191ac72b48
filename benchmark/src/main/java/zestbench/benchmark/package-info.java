/** How fast the core is, beside a general solver on the same question. */
@NullMarked
package zestbench.benchmark;

import org.jspecify.annotations.NullMarked;
