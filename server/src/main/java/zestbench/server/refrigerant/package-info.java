@NullMarked
package zestbench.server.refrigerant;

import org.jspecify.annotations.NullMarked;
