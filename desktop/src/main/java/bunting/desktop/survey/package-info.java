/**
 * The elevation: the site to scale with every pixel where it hangs, tools to measure it, lenses to
 * look at it through, and the tape sheet. Positions and colours are computed in {@link
 * bunting.desktop.survey.Beads}, apart from painting.
 */
@NullMarked
package bunting.desktop.survey;

import org.jspecify.annotations.NullMarked;
