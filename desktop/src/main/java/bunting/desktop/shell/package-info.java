/**
 * The window around the picture: vital signs, boxes, findings, start screen, commands. Start at
 * {@link bunting.desktop.shell.MainWindow}.
 */
@NullMarked
package bunting.desktop.shell;

import org.jspecify.annotations.NullMarked;
