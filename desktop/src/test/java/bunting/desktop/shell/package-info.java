/** Tests of the room of the same name. */
@NullMarked
package bunting.desktop.shell;

import org.jspecify.annotations.NullMarked;
