@NullMarked
package zestbench.server.call;

import org.jspecify.annotations.NullMarked;
