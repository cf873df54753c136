/**
 * What the user owns: the show as immutable records, the catalogue, and the decisions that were
 * made. It knows no rule and computes no consequence. Start at {@link bunting.core.show.Show}.
 */
@NullMarked
package bunting.core.show;

import org.jspecify.annotations.NullMarked;
