/**
 * What happened to a show over the years: entries of its log, and what follows from them: stock,
 * hours, drift. Start with {@link bunting.core.log.ShowLog}.
 */
@NullMarked
package bunting.core.log;

import org.jspecify.annotations.NullMarked;
