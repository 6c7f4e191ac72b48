/** Compressors: what their labels say, when one is condemned, and which one serves in place of which. */
@NullMarked
package zestbench.core.compressor;

import org.jspecify.annotations.NullMarked;
