/** Control transformers: their printed leads, which two to use, what a wrong pair would do, and what they feed. */
@NullMarked
package zestbench.core.transformer;

import org.jspecify.annotations.NullMarked;
