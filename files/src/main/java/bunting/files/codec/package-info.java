/**
 * Fields of files, each declared once: its key, what it may be, the sentence where it is not, and
 * what its documentation says. Start with {@link bunting.files.codec.Field}.
 */
@NullMarked
package bunting.files.codec;

import org.jspecify.annotations.NullMarked;
