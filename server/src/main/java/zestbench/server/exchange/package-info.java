@NullMarked
package zestbench.server.exchange;

import org.jspecify.annotations.NullMarked;
