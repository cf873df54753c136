package bunting.core.checks;

import bunting.core.assess.Reading;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.Map;
import java.util.Set;

/** Runs that belong together are easier to find and to mend on one controller. */
final class GroupSplit implements Check {
  @Override
  public String code() {
    return "group-split";
  }

  @Override
  public Severity severity() {
    return Severity.WARN;
  }

  @Override
  public String why() {
    return "Runs that belong together are easier to find and to mend on one controller.";
  }

  @Override
  public String source() {
    return "common practice";
  }

  @Override
  public void examine(Reading reading, Reporter to) {

    Map<String, Set<String>> boxes = new LinkedHashMap<>();
    for (var s : reading.segments()) {
      s.run()
          .group()
          .ifPresent(
              g ->
                  boxes
                      .computeIfAbsent(g, k -> new LinkedHashSet<>())
                      .add(s.segment().controller()));
    }
    boxes.forEach(
        (group, on) -> {
          if (on.size() > 1) {
            String first =
                reading.show().runs().stream()
                    .filter(r -> r.group().equals(java.util.Optional.of(group)))
                    .findFirst()
                    .orElseThrow()
                    .name();
            to.report(
                Subject.Kind.RUN,
                first,
                on.size(),
                1,
                "controllers",
                "Group "
                    + group
                    + " stands on "
                    + on.size()
                    + " controllers ("
                    + String.join(", ", on)
                    + "): no one of them takes it whole.");
          }
        });
  }
}
