/** Tests of the room of the same name. */
@NullMarked
package bunting.desktop.bench;

import org.jspecify.annotations.NullMarked;
