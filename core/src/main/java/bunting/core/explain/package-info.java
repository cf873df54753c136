/**
 * Answers to "why?": figures with the arithmetic that made them. Start at {@link
 * bunting.core.explain.Explanations}.
 */
@NullMarked
package bunting.core.explain;

import org.jspecify.annotations.NullMarked;
