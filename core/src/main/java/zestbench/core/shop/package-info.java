/** The shop's rules: which school is in force, with its default and the reason for it. */
@NullMarked
package zestbench.core.shop;

import org.jspecify.annotations.NullMarked;
