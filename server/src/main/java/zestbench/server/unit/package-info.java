@NullMarked
package zestbench.server.unit;

import org.jspecify.annotations.NullMarked;
