@NullMarked
package bunting.core.cards;

import org.jspecify.annotations.NullMarked;
