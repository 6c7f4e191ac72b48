/** Calls and their tapes as they are kept. */
@NullMarked
package zestbench.server.tape;

import org.jspecify.annotations.NullMarked;
