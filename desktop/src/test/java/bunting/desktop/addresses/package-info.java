/** Tests of the geometry, without a window. */
@NullMarked
package bunting.desktop.addresses;

import org.jspecify.annotations.NullMarked;
