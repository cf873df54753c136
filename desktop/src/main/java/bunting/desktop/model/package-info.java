/**
 * The session: the show, its history, its assessment and the selection. It knows no control. Start
 * at {@link bunting.desktop.model.Session}.
 */
@NullMarked
package bunting.desktop.model;

import org.jspecify.annotations.NullMarked;
