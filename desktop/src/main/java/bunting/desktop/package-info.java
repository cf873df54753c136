/** The desktop application. Start at {@link bunting.desktop.Main}. */
@NullMarked
package bunting.desktop;

import org.jspecify.annotations.NullMarked;
