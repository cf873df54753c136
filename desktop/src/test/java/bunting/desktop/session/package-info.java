/** Tests of the room of the same name. */
@NullMarked
package bunting.desktop.session;

import org.jspecify.annotations.NullMarked;
