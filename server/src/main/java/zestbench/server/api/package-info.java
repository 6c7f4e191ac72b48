/** The open interface: labels read, readings judged, parts matched, for other programs. */
@NullMarked
package zestbench.server.api;

import org.jspecify.annotations.NullMarked;
