/** Tests of the geometry, without a window. */
@NullMarked
package bunting.desktop.power;

import org.jspecify.annotations.NullMarked;
