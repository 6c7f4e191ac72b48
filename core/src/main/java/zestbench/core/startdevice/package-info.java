/** Start devices: at most one in a circuit, where it sits, and what its label fits. */
@NullMarked
package zestbench.core.startdevice;

import org.jspecify.annotations.NullMarked;
