/**
 * What every screen is built from: forms, figures, tables, side panels, scrolled canvases, keys and
 * answers that are worked out beside the interface. One way for each; it knows no screen. Start at
 * {@link bunting.desktop.kit.Form}.
 */
@NullMarked
package bunting.desktop.kit;

import org.jspecify.annotations.NullMarked;
