/**
 * Every change of a show that touches more than one place: what refers to a run, a box or a place
 * follows when that is renamed, retyped, shortened or taken away. Pure functions from show to show.
 * It knows no plan. Start at {@link bunting.core.show.edit.RunEdits}; {@link
 * bunting.core.show.edit.References} mends what is left dangling.
 */
@NullMarked
package bunting.core.show.edit;

import org.jspecify.annotations.NullMarked;
