/**
 * Files in and out: run lists, settings, show files, plans and papers. Bad input is one {@link
 * bunting.files.BadInputException}; files are written whole or not at all. Start at {@link
 * bunting.files.ShowFiles}.
 */
@NullMarked
package bunting.files;

import org.jspecify.annotations.NullMarked;
