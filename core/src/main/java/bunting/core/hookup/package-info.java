/**
 * How a plan hangs on the mains: what each circuit and phase carries, what may start together, what
 * burns in the dark, cords and switches. It knows no file and no screen. Start at {@link
 * bunting.core.hookup.MainsSheet}.
 */
@NullMarked
package bunting.core.hookup;

import org.jspecify.annotations.NullMarked;
