/** Tests of the room of the same name. */
@NullMarked
package bunting.core.whatif;

import org.jspecify.annotations.NullMarked;
