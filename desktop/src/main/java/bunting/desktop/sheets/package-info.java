/** People's own spreadsheets on their way in. */
@NullMarked
package bunting.desktop.sheets;

import org.jspecify.annotations.NullMarked;
