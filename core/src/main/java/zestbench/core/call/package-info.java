/** What somebody does on a call: a command, what is known around it, and the entries it comes to. */
@NullMarked
package zestbench.core.call;

import org.jspecify.annotations.NullMarked;
