/**
 * The log over the years: what was built, read, mended and spent, and where volts fall. Start with
 * {@link bunting.desktop.log.LogScreen}.
 */
@NullMarked
package bunting.desktop.log;

import org.jspecify.annotations.NullMarked;
