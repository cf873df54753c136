/**
 * Direct current: lines and meshes of conductors and pixels, solved. Knows nothing of boxes and
 * plans. Start at {@link bunting.core.dc.LineSolver}, then {@link bunting.core.dc.MeshSolver}.
 */
@NullMarked
package bunting.core.dc;

import org.jspecify.annotations.NullMarked;
