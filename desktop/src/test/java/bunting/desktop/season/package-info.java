/** Tests of seasons side by side. */
@NullMarked
package bunting.desktop.season;

import org.jspecify.annotations.NullMarked;
