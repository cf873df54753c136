package bunting.core.checks;

import bunting.core.assess.Reading;
import java.util.LinkedHashMap;
import java.util.Map;

/** A divided run is cut in two on the bench and needs two data leads. */
final class RunDivided implements Check {
  @Override
  public String code() {
    return "run-divided";
  }

  @Override
  public Severity severity() {
    return Severity.NOTE;
  }

  @Override
  public String why() {
    return "A divided run is cut in two on the bench and needs two data leads.";
  }

  @Override
  public String source() {
    return "common practice";
  }

  @Override
  public void examine(Reading reading, Reporter to) {

    Map<String, Integer> parts = new LinkedHashMap<>();
    reading.segments().forEach(s -> parts.merge(s.run().name(), 1, Integer::sum));
    parts.forEach(
        (run, count) -> {
          if (count > 1) {
            to.report(
                Subject.Kind.RUN,
                run,
                count,
                1,
                "segments",
                "Run "
                    + run
                    + " is divided into "
                    + count
                    + " segments, since no port takes it whole: cut it at the marks named.");
          }
        });
  }
}
