/**
 * What goes over the network, byte by byte: ANSI E1.31 (sACN), Art-Net, DDP, out and in. Pure
 * functions of bytes; no sockets. Layouts from memory of the published texts.
 */
@NullMarked
package bunting.wire.packet;

import org.jspecify.annotations.NullMarked;
