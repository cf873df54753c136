/** Tests of the room of the same name. */
@NullMarked
package bunting.core.survey;

import org.jspecify.annotations.NullMarked;
