/**
 * What the window works on: the document (the show, its history, its file), the planning of its
 * newest version, the selection, work beside the interface, and the recovery file. It knows no
 * control. Start at {@link bunting.desktop.session.Session}.
 */
@NullMarked
package bunting.desktop.session;

import org.jspecify.annotations.NullMarked;
