/**
 * The inside of each box, laid out to scale. Start at {@link bunting.desktop.build.InsideScreen}.
 */
@NullMarked
package bunting.desktop.build;

import org.jspecify.annotations.NullMarked;
