/**
 * The papers as they will print, and the way to a folder of them. Start with {@link
 * bunting.desktop.papers.PapersScreen}.
 */
@NullMarked
package bunting.desktop.papers;

import org.jspecify.annotations.NullMarked;
