package bunting.core.mains;

import bunting.core.show.CircuitFacts;
import bunting.core.show.Texts;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What else runs on a circuit, with the watts that such a thing usually takes while it runs (common
 * practice, no source): its own plate overrules them.
 *
 * @param what it is
 * @param watts while it runs
 */
public record UsualLoads(String what, double watts) {
  private static final List<UsualLoads> ALL =
      List.of(
          new UsualLoads("freezer", 150),
          new UsualLoads("fridge", 150),
          new UsualLoads("pump", 550),
          new UsualLoads("fan heater", 2000),
          new UsualLoads("kettle", 2200),
          new UsualLoads("coffee urn", 1500),
          new UsualLoads("blown-up figure", 100),
          new UsualLoads("sound desk", 500),
          new UsualLoads("garage door", 500),
          new UsualLoads("lamps", 100));

  /** All, as they are met. */
  public static List<UsualLoads> all() {
    return ALL;
  }

  /** Amps at a mains voltage. */
  public double amps(double volts) {
    return watts / volts;
  }

  /** Things and their amps as they are typed: {@code freezer 1.3, pump 2.5}. */
  public static String text(List<CircuitFacts.Appliance> things) {
    return String.join(
        ", ", things.stream().map(a -> a.what() + " " + Texts.number(a.amps())).toList());
  }

  /** What was typed, read; empty: not so. */
  public static Optional<List<CircuitFacts.Appliance>> read(String text) {
    List<CircuitFacts.Appliance> list = new ArrayList<>();
    for (String part : text.split(",", -1)) {
      String thing = part.strip();
      int space = thing.lastIndexOf(' ');
      if (thing.isEmpty() && text.isBlank()) {
        continue;
      }
      try {
        double amps = Double.parseDouble(thing.substring(space + 1));
        if (space < 1 || !(amps >= 0) || amps > 1000) {
          return Optional.empty();
        }
        list.add(new CircuitFacts.Appliance(thing.substring(0, space).strip(), amps));
      } catch (NumberFormatException e) {
        return Optional.empty();
      }
    }
    return Optional.of(list);
  }
}
