/**
 * What a plan takes to build: its cables with both ends, plugs and ways; what is to be bought; and
 * in which order it goes up. Start with {@link bunting.core.kit.Cables}, {@link
 * bunting.core.kit.ShoppingList} and {@link bunting.core.kit.WorkList}.
 */
@NullMarked
package bunting.core.kit;

import org.jspecify.annotations.NullMarked;
