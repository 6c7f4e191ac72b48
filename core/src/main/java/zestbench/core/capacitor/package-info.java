/** Run and start capacitors: reading, judging, matching, hooking up. */
@NullMarked
package zestbench.core.capacitor;

import org.jspecify.annotations.NullMarked;
