/** A family: fan and blower motors, read from their labels. */
@NullMarked
package zestbench.core.motor;

import org.jspecify.annotations.NullMarked;
