/**
 * The picture of a port's chain as bunting: geometry apart from painting. Start at {@link
 * bunting.desktop.line.LineGeometry}, then {@link bunting.desktop.line.BoardView}.
 */
@NullMarked
package bunting.desktop.line;

import org.jspecify.annotations.NullMarked;
