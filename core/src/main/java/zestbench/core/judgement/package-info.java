/** The words every judgement is made of: verdict, grade, criterion, mark, reckoning, finding. */
@NullMarked
package zestbench.core.judgement;

import org.jspecify.annotations.NullMarked;
