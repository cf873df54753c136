/**
 * From runs to reels: the pieces a run is made of, how they are cut from packs and rests with the
 * least waste, what is to be ordered. Start at {@link bunting.core.stock.CutList}.
 */
@NullMarked
package bunting.core.stock;

import org.jspecify.annotations.NullMarked;
