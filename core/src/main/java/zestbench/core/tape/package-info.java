/** The record of a call: an append-only list of entries, and what follows from them. */
@NullMarked
package zestbench.core.tape;

import org.jspecify.annotations.NullMarked;
