/** The words of the trade and of this window: each a line and a picture. */
@NullMarked
package bunting.desktop.glossary;

import org.jspecify.annotations.NullMarked;
