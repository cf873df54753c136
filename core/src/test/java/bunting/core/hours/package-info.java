@NullMarked
package bunting.core.hours;

import org.jspecify.annotations.NullMarked;
