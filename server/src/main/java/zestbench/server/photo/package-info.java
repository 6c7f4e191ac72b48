@NullMarked
package zestbench.server.photo;

import org.jspecify.annotations.NullMarked;
