/** Voltages side by side. */
@NullMarked
package bunting.desktop.volts;

import org.jspecify.annotations.NullMarked;
