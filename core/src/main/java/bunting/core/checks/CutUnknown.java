package bunting.core.checks;

import bunting.core.assess.Reading;
import bunting.core.show.Hours;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** The hours cut something that the plan has not. */
final class CutUnknown implements Check {
  @Override
  public String code() {
    return "cut-unknown";
  }

  @Override
  public Severity severity() {
    return Severity.WARN;
  }

  @Override
  public String why() {
    return "What is not there cannot be cut: the dark costs more than was thought.";
  }

  @Override
  public String source() {
    return "arithmetic";
  }

  @Override
  public void examine(Reading reading, Reporter to) {
    Set<String> known = new HashSet<>();
    reading.supplies().forEach(s -> known.add(s.supply().id()));
    reading.show().mains().devices().forEach(d -> known.add(d.id()));
    for (String cut : reading.show().mains().hours().map(Hours::switched).orElse(List.of())) {
      if (!known.contains(cut)) {
        to.report(
            Subject.Kind.SETTING,
            cut,
            0,
            1,
            "supplies",
            "The hours cut "
                + cut
                + " while all is dark, and the plan has no such supply: choose again what is"
                + " cut.");
      }
    }
  }
}
