/**
 * What people mean by the lists that they keep: headings in six languages, kinds of pixels in
 * words, marks of numbers, sums. Start at {@link bunting.files.sheet.Understanding}.
 */
@NullMarked
package bunting.files.sheet;

import org.jspecify.annotations.NullMarked;
