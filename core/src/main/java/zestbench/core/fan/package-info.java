/** What a fan asks of the motor that turns it. */
@NullMarked
package zestbench.core.fan;

import org.jspecify.annotations.NullMarked;
