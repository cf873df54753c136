/**
 * From a fault to what is seen and measured, and back: what went wrong, ranked, with the next test
 * that tells the most. Pure functions of a plan. Start at {@link bunting.core.faults.Diagnosis};
 * the faults are in {@link bunting.core.faults.Fault}, what they show in {@link
 * bunting.core.faults.Pictures}.
 */
@NullMarked
package bunting.core.faults;

import org.jspecify.annotations.NullMarked;
