package bunting.core.checks;

import static bunting.core.show.Texts.number;

import bunting.core.assess.Reading;
import bunting.core.show.PlacedController;
import bunting.core.show.Point;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;

/** Two voltages in one place get swapped on a cold evening: 12 V into 5 V pixels kills them. */
final class MixedVolts implements Check {
  @Override
  public String code() {
    return "mixed-volts";
  }

  @Override
  public Severity severity() {
    return Severity.WARN;
  }

  @Override
  public String why() {
    return "Two voltages in one place get swapped on a cold evening: 12 V into 5 V pixels kills"
        + " them.";
  }

  @Override
  public String source() {
    return "common practice";
  }

  @Override
  public void examine(Reading reading, Reporter to) {

    Map<Point, Set<Double>> volts = new LinkedHashMap<>();
    Map<Point, String> box = new LinkedHashMap<>();
    Set<String> used = new HashSet<>();
    reading.segments().forEach(s -> used.add(s.segment().controller()));
    for (var c : reading.decisions().controllers()) {
      if (used.contains(c.controller().id())) {
        volts.computeIfAbsent(c.controller().at(), k -> new TreeSet<>()).addAll(voltsOf(c));
        box.putIfAbsent(c.controller().at(), c.controller().id());
      }
    }
    volts.forEach(
        (at, here) -> {
          if (here.size() > 1) {
            String list =
                here.stream().map(v -> number(v) + " V").collect(Collectors.joining(" and "));
            to.report(
                Subject.Kind.CONTROLLER,
                box.get(at),
                here.size(),
                1,
                "voltages",
                list
                    + " stand where "
                    + box.get(at)
                    + " is: give each voltage its own connector and mark it.");
          }
        });
  }

  private static Set<Double> voltsOf(PlacedController c) {
    Set<Double> volts = new TreeSet<>();
    c.everyBoard().forEach(b -> volts.add(b.volts()));
    return volts;
  }
}
