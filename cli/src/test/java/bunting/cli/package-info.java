/**
 * The command line seen from outside: files in, files out, checked by rules written anew from the
 * contract.
 */
@NullMarked
package bunting.cli;

import org.jspecify.annotations.NullMarked;
