@NullMarked
package zestbench.server.door;

import org.jspecify.annotations.NullMarked;
