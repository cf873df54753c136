package bunting.core.checks;

import bunting.core.assess.Reading;
import java.util.LinkedHashMap;
import java.util.Map;

/** Next year's additions want a port. */
final class NoSparePort implements Check {
  @Override
  public String code() {
    return "no-spare-port";
  }

  @Override
  public Severity severity() {
    return Severity.NOTE;
  }

  @Override
  public String why() {
    return "Next year's additions want a port.";
  }

  @Override
  public String source() {
    return "common practice";
  }

  @Override
  public void examine(Reading reading, Reporter to) {

    Map<String, Boolean> spare = new LinkedHashMap<>();
    reading.ports().forEach(p -> spare.merge(p.controller(), p.pixels() == 0, Boolean::logicalOr));
    spare.forEach(
        (id, has) -> {
          if (!has) {
            to.report(
                Subject.Kind.CONTROLLER,
                id,
                0,
                1,
                "ports",
                "Every port of " + id + " is taken: what comes next year needs another box.");
          }
        });
  }
}
