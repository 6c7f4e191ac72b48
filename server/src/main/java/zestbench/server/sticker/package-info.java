/** The sticker inside of a unit's panel: what its code says, and which unit a code belongs to. */
@NullMarked
package zestbench.server.sticker;

import org.jspecify.annotations.NullMarked;
