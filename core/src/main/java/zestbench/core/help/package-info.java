/** Why a step of the work is as it is: its rules in short, each with its source. */
@NullMarked
package zestbench.core.help;

import org.jspecify.annotations.NullMarked;
