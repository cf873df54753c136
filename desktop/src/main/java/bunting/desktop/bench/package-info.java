/**
 * The workbench: stand-ins lit by patterns, the meter's sheet, from symptom to cause, practice, the
 * check before the ladder. Start at {@link bunting.desktop.bench.BenchModel}, which all of its
 * screens share.
 */
@NullMarked
package bunting.desktop.bench;

import org.jspecify.annotations.NullMarked;
