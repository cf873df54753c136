/**
 * The log of a show as a file beside it: one JSON object a line, only ever appended to. Start with
 * {@link bunting.files.log.LogFile}.
 */
@NullMarked
package bunting.files.log;

import org.jspecify.annotations.NullMarked;
