/** The proof of a whole unit: air, refrigerant and what they say together, and the best this unit can do. */
@NullMarked
package zestbench.core.proof;

import org.jspecify.annotations.NullMarked;
