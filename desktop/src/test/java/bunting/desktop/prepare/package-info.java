/** Tests of what is bought and done. */
@NullMarked
package bunting.desktop.prepare;

import org.jspecify.annotations.NullMarked;
