@NullMarked
package zestbench.server.json;

import org.jspecify.annotations.NullMarked;
