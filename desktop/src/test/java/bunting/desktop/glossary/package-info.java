/** Tests of the words. */
@NullMarked
package bunting.desktop.glossary;

import org.jspecify.annotations.NullMarked;
