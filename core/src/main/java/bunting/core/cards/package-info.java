/**
 * What is typed into each box. It knows no file and no screen. Start at {@link
 * bunting.core.cards.BoxCard}.
 */
@NullMarked
package bunting.core.cards;

import org.jspecify.annotations.NullMarked;
