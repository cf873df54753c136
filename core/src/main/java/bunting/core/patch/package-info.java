/**
 * Where the lights of a plan are on the wire: which slot of which universe belongs to which pixel.
 * Knows no packets and no sockets. Start at {@link bunting.core.patch.LightMap}.
 */
@NullMarked
package bunting.core.patch;

import org.jspecify.annotations.NullMarked;
