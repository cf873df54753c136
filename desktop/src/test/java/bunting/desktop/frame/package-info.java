/** Tests of the room of the same name. */
@NullMarked
package bunting.desktop.frame;

import org.jspecify.annotations.NullMarked;
