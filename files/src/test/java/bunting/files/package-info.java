/** Tests of reading and writing. */
@NullMarked
package bunting.files;

import org.jspecify.annotations.NullMarked;
