/**
 * The papers: what goes up the ladder, into the lid, to the shop and to the electrician, as PDF,
 * and their tables as CSV and workbooks. Start with {@link bunting.files.papers.Papers}.
 */
@NullMarked
package bunting.files.papers;

import org.jspecify.annotations.NullMarked;
