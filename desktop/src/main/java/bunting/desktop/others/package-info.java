/** Plain sets and bulb strings. */
@NullMarked
package bunting.desktop.others;

import org.jspecify.annotations.NullMarked;
