/** What is measured: solve, assess, propose. Run with benchmarks/run. */
@NullMarked
package bunting.benchmarks;

import org.jspecify.annotations.NullMarked;
