/** Every changing request is carried out once, one after the other, in one transaction. */
@NullMarked
package zestbench.server.change;

import org.jspecify.annotations.NullMarked;
