package bunting.core.checks;

import bunting.core.assess.Reading;
import java.util.List;
import java.util.function.Consumer;

/** One rule. */
public interface Check {
  /** Code, unique among checks: lower case words with dashes. */
  String code();

  /** How grave its findings are. */
  Severity severity();

  /** Why the rule is there, in one sentence. */
  String why();

  /** Where it comes from. */
  String source();

  /** Looks at a reading and reports each offender. */
  void examine(Reading reading, Reporter reporter);

  /** Takes what a check reports, and adds code and severity. */
  final class Reporter {
    private final Check check;
    private final Consumer<Finding> sink;

    Reporter(Check check, Consumer<Finding> sink) {
      this.check = check;
      this.sink = sink;
    }

    void report(
        Subject.Kind kind,
        String id,
        double measured,
        double allowed,
        String unit,
        String message) {
      report(kind, id, measured, allowed, unit, message, List.of());
    }

    void report(
        Subject.Kind kind,
        String id,
        double measured,
        double allowed,
        String unit,
        String message,
        List<String> details) {
      String line = message.replaceAll("\\p{Cntrl}", " ");
      sink.accept(
          new Finding(
              check.code(),
              check.severity(),
              new Subject(kind, id),
              measured,
              allowed,
              unit,
              line,
              details.stream().map(d -> d.replaceAll("\\p{Cntrl}", " ")).toList()));
    }
  }
}
