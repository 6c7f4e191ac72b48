@NullMarked
package zestbench.server.problem;

import org.jspecify.annotations.NullMarked;
