@NullMarked
package zestbench.server.paper;

import org.jspecify.annotations.NullMarked;
