/** Colours, themes and fonts, each in one place. */
@NullMarked
package bunting.desktop.look;

import org.jspecify.annotations.NullMarked;
