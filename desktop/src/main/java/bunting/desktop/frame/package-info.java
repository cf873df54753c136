/**
 * The window around the picture: vital signs, boxes, findings, start screen, commands. Start at
 * {@link bunting.desktop.frame.MainWindow}.
 */
@NullMarked
package bunting.desktop.frame;

import org.jspecify.annotations.NullMarked;
