/** Tests of the room of the same name. */
@NullMarked
package bunting.core.network;

import org.jspecify.annotations.NullMarked;
