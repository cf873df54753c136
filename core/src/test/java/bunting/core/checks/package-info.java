/** Tests of the room of the same name. */
@NullMarked
package bunting.core.checks;

import org.jspecify.annotations.NullMarked;
