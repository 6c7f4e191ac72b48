/** The data folder: who may read it, whether there is room in it, and how its database comes to the newest form. */
@NullMarked
package zestbench.server.data;

import org.jspecify.annotations.NullMarked;
