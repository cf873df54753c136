package bunting.desktop.inspect;

import bunting.core.plan.Assessment;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import javafx.scene.Node;

/**
 * What the inspector shows of one thing.
 *
 * @param title its name
 * @param below what it is
 * @param rows what can be edited of it, of the show as it is now
 * @param first what has the keyboard first, where something can be edited
 * @param figures what a plan says of it, with its arithmetic
 */
record Part(
    String title,
    String below,
    List<Node> rows,
    Optional<Node> first,
    Function<Assessment, List<Node>> figures) {}
