package bunting.core.checks;

import java.util.List;

/**
 * Something that a check found, with its evidence.
 *
 * @param code the check's code
 * @param severity how grave
 * @param subject what it is about
 * @param measured what there is
 * @param allowed what the limit is
 * @param unit of both; empty where the matter is not a number
 * @param message rule, offender and cure in one or two sentences, on one line
 * @param details one line for each thing that the message speaks of together, the worst first
 */
public record Finding(
    String code,
    Severity severity,
    Subject subject,
    double measured,
    double allowed,
    String unit,
    String message,
    List<String> details) {
  public Finding {
    details = List.copyOf(details);
  }

  /** A finding without further lines. */
  public Finding(
      String code,
      Severity severity,
      Subject subject,
      double measured,
      double allowed,
      String unit,
      String message) {
    this(code, severity, subject, measured, allowed, unit, message, List.of());
  }
}
