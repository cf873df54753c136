/** Tests of the room of the same name. */
@NullMarked
package bunting.desktop.model;

import org.jspecify.annotations.NullMarked;
