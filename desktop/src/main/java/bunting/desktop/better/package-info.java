/**
 * The comparison of a better plan with the accepted one. Start at {@link
 * bunting.desktop.better.BetterScreen}.
 */
@NullMarked
package bunting.desktop.better;

import org.jspecify.annotations.NullMarked;
