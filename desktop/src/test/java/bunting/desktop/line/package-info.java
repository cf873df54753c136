/** Tests of the geometry, without a window. */
@NullMarked
package bunting.desktop.line;

import org.jspecify.annotations.NullMarked;
