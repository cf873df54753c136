/**
 * Aids at the bench: how many pixels there are, which colour order, how bright white may be, what
 * to check before the ladder. Pure. Start at {@link bunting.core.bench.CountFinder}.
 */
@NullMarked
package bunting.core.bench;

import org.jspecify.annotations.NullMarked;
