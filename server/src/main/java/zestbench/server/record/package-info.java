/** What the visits to a unit say together: its history, what was there last time, papers of a call. */
@NullMarked
package zestbench.server.record;

import org.jspecify.annotations.NullMarked;
