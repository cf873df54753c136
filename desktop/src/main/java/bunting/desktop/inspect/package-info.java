/** The inspector: the selected run or port with its arithmetic, and what can be edited. */
@NullMarked
package bunting.desktop.inspect;

import org.jspecify.annotations.NullMarked;
