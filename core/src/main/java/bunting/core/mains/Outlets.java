package bunting.core.mains;

import bunting.core.show.Circuit;
import bunting.core.show.Point;
import bunting.core.show.Show;
import bunting.core.show.Survey;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Where each circuit can be plugged in. */
public final class Outlets {
  private Outlets() {}

  /** By circuit, the outlet that is known with it and those on the elevation; none: not listed. */
  public static Map<String, List<Point>> byCircuit(Show show) {
    Map<String, List<Point>> outlets = new LinkedHashMap<>();
    for (Circuit c : show.circuits().orElse(List.of())) {
      c.facts().at().ifPresent(p -> of(outlets, c.id()).add(p));
    }
    for (Survey.Outlet o : show.survey().outlets()) {
      o.circuit().ifPresent(c -> of(outlets, c).add(o.at()));
    }
    return outlets;
  }

  private static List<Point> of(Map<String, List<Point>> outlets, String circuit) {
    return outlets.computeIfAbsent(circuit, k -> new ArrayList<>());
  }
}
