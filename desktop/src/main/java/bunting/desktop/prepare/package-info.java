/**
 * Until a show stands: what is bought by when, and what is done in which order. Start with {@link
 * bunting.desktop.prepare.ShoppingScreen} and {@link bunting.desktop.prepare.WorkScreen}.
 */
@NullMarked
package bunting.desktop.prepare;

import org.jspecify.annotations.NullMarked;
