/**
 * Two revisions of a show side by side, or two seasons: what is new, gone, moved, and what that
 * does to power and price. Start with {@link bunting.core.revision.Revision}.
 */
@NullMarked
package bunting.core.revision;

import org.jspecify.annotations.NullMarked;
