/**
 * How each box is built: what is screwed onto its plate and where, which hole takes which cable,
 * what air it wants. Start at {@link bunting.core.build.BuiltBox}.
 */
@NullMarked
package bunting.core.build;

import org.jspecify.annotations.NullMarked;
