/** What is done on a call, over HTTP: a body becomes a command, the core decides, the call is told as it then stands. */
@NullMarked
package zestbench.server.call;

import org.jspecify.annotations.NullMarked;
