/** Tests of the comparison with a better plan. */
@NullMarked
package bunting.desktop.better;

import org.jspecify.annotations.NullMarked;
