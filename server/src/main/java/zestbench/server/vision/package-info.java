/** Text and bar codes on a photo of a label, found in the process and without a network. What they mean is the core's to say. */
@NullMarked
package zestbench.server.vision;

import org.jspecify.annotations.NullMarked;
