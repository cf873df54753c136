/** The cut list: reels and strings with their pieces, packs, rests and spares. */
@NullMarked
package bunting.desktop.stock;

import org.jspecify.annotations.NullMarked;
