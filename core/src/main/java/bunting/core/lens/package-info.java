/**
 * Colours by which an elevation is read, on the screen and on paper alike. Start with {@link
 * bunting.core.lens.LensPalette}.
 */
@NullMarked
package bunting.core.lens;

import org.jspecify.annotations.NullMarked;
