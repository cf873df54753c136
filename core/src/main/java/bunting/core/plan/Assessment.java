package bunting.core.plan;

import bunting.core.assess.Reading;
import bunting.core.checks.Finding;
import bunting.core.checks.Severity;
import java.util.List;

/** A reading and its findings, the gravest first. */
public record Assessment(Reading reading, List<Finding> findings) {
  public Assessment {
    findings = List.copyOf(findings);
  }

  /** How many findings are of a severity. */
  public int count(Severity severity) {
    return (int) findings.stream().filter(f -> f.severity() == severity).count();
  }

  /** Whether anything says: do not build this. */
  public boolean stops() {
    return count(Severity.STOP) > 0;
  }
}
