/**
 * Circuits and hours: what the show hangs on, and when it is lit. Start at {@link
 * bunting.desktop.mains.MainsScreen} and {@link bunting.desktop.mains.HoursScreen}.
 */
@NullMarked
package bunting.desktop.mains;

import org.jspecify.annotations.NullMarked;
