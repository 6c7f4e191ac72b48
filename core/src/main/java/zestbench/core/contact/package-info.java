/** Contacts of relays and switches: their form, and which form serves in place of which. */
@NullMarked
package zestbench.core.contact;

import org.jspecify.annotations.NullMarked;
