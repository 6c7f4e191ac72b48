@NullMarked
package zestbench.server.truck;

import org.jspecify.annotations.NullMarked;
