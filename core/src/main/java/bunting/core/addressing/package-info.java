/** Universes, slots and network addresses. Start at {@link bunting.core.addressing.SlotCursor}. */
@NullMarked
package bunting.core.addressing;

import org.jspecify.annotations.NullMarked;
