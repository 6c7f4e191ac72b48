/** Relays: coil, contact form, what their contacts switch, base. */
@NullMarked
package zestbench.core.relay;

import org.jspecify.annotations.NullMarked;
