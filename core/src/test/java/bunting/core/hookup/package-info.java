@NullMarked
package bunting.core.hookup;

import org.jspecify.annotations.NullMarked;
