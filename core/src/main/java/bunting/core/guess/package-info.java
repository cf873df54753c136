/**
 * What a plan would want if its guessed measures turned out otherwise. Start at {@link
 * bunting.core.guess.Guesses}.
 */
@NullMarked
package bunting.core.guess;

import org.jspecify.annotations.NullMarked;
