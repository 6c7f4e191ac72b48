/** Who gets in: every device with a pass of its own, everything but the screen itself behind it. */
@NullMarked
package zestbench.server.security;

import org.jspecify.annotations.NullMarked;
