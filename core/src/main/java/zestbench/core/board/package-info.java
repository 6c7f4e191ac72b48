/** Control boards: their number, their fuse, and which stands for which. */
@NullMarked
package zestbench.core.board;

import org.jspecify.annotations.NullMarked;
