/** The lists of calls and units: what is open, due, waited for, written up and to be restocked. They come from summaries, not from tapes. */
@NullMarked
package zestbench.server.board;

import org.jspecify.annotations.NullMarked;
