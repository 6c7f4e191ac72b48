@NullMarked
package zestbench.server.person;

import org.jspecify.annotations.NullMarked;
