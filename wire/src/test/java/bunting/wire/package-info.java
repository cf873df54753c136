/** What the tests of this module share. */
@NullMarked
package bunting.wire;

import org.jspecify.annotations.NullMarked;
