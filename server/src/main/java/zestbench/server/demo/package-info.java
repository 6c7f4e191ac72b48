@NullMarked
package zestbench.server.demo;

import org.jspecify.annotations.NullMarked;
