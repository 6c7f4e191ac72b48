/** Fuses: class, body and rating, what the plate allows, and why one opened before another goes in. */
@NullMarked
package zestbench.core.fuse;

import org.jspecify.annotations.NullMarked;
