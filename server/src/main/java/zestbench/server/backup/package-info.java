/** The whole bench in one file, out and back. */
@NullMarked
package zestbench.server.backup;

import org.jspecify.annotations.NullMarked;
