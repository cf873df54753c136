package bunting.core.ports;

import bunting.core.show.Unplaced;
import java.util.List;

/** Runs on ports. Boxes stand in the order of the file, or in the order they were added. */
public record Allotment(List<BoxLoad> boxes, List<Unplaced> unplaced) {}
