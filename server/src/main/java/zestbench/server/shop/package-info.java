@NullMarked
package zestbench.server.shop;

import org.jspecify.annotations.NullMarked;
