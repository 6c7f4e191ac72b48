/** The rules of the job: plain Java without framework, clock or database. */
@NullMarked
package zestbench.core;

import org.jspecify.annotations.NullMarked;
