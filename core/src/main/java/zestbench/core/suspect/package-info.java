/** What may be wrong: faults, what can be observed of them, and the test that tells them apart soonest. */
@NullMarked
package zestbench.core.suspect;

import org.jspecify.annotations.NullMarked;
