/**
 * Pictures that more than one screen shows, each laid out once with its scale as a parameter. Start
 * at {@link bunting.desktop.picture.BuntingLine}.
 */
@NullMarked
package bunting.desktop.picture;

import org.jspecify.annotations.NullMarked;
