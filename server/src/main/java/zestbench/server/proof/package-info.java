/** What the proof of a unit goes by. */
@NullMarked
package zestbench.server.proof;

import org.jspecify.annotations.NullMarked;
