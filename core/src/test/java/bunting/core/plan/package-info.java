/** Tests of the room of the same name. */
@NullMarked
package bunting.core.plan;

import org.jspecify.annotations.NullMarked;
