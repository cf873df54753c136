/**
 * The command line: reads, asks the core, writes. It computes nothing itself. Start at {@link
 * bunting.cli.Main}.
 */
@NullMarked
package bunting.cli;

import org.jspecify.annotations.NullMarked;
