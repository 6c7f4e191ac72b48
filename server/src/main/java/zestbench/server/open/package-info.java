@NullMarked
package zestbench.server.open;

import org.jspecify.annotations.NullMarked;
