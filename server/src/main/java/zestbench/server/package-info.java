@NullMarked
package zestbench.server;

import org.jspecify.annotations.NullMarked;
