/** What the bench shows of a call: every figure worded, every next action named. */
@NullMarked
package zestbench.core.bench;

import org.jspecify.annotations.NullMarked;
