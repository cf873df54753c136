@NullMarked
package bunting.desktop.mains;

import org.jspecify.annotations.NullMarked;
