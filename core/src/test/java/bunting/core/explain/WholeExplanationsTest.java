package bunting.core.explain;

import static org.assertj.core.api.Assertions.assertThat;

import bunting.core.assess.Reading;
import bunting.core.plan.Planner;
import bunting.core.show.Circuit;
import bunting.core.show.Goal;
import bunting.core.show.Run;
import bunting.core.show.Show;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

/** The arithmetic of a show and of a box adds up, and speaks in the show's units and money. */
class WholeExplanationsTest {
  private static Show show() {
    Show bare =
        Show.of(
            List.of(
                Run.of("Weir", "5v-strip-60", 100).withLead(OptionalDouble.of(3.048)),
                Run.of("Gate", "5v-strip-60", 60).withLead(OptionalDouble.of(3.048))));
    return new Show(
        bare.settings().withCurrency("CHF"),
        bare.sites(),
        bare.addressing(),
        bare.catalogue(),
        bare.controllers(),
        Optional.of(List.of(new Circuit("kitchen", 230, 16, 4))),
        bare.runs());
  }

  private static Reading read(Show show) {
    return Reading.of(show, Planner.sketch(show));
  }

  private static Line line(List<Line> lines, String title) {
    return lines.stream().filter(l -> l.title().equals(title)).findFirst().orElseThrow();
  }

  /** 160 pixels of 50 mA are 8 A at 5 V; 16 A x 80 % are 12.8 A. */
  @Test
  void theShowSaysItsAmpsItsCircuitsAndWhatItCosts() {
    Reading reading = read(show());
    List<Line> lines = ShowExplanations.of(reading);
    assertThat(line(lines, "Amps").figure()).isEqualTo("8.0 A");
    assertThat(line(lines, "Amps").arithmetic()).contains("40 W");
    Line circuit = line(lines, "Circuit kitchen");
    double shown = reading.circuits().getFirst().loadAmps();
    assertThat(circuit.figure()).isEqualTo(bunting.core.show.Texts.fixed(shown + 4, 1) + " A");
    assertThat(circuit.arithmetic()).contains("4 A there already").endsWith("80 % = 12.8 A");
    assertThat(line(lines, Goal.COST.text()).figure()).endsWith(" CHF");
    assertThat(line(lines, Goal.BOXES.text()).figure()).doesNotContain("CHF").startsWith("1");
  }

  @Test
  void aCostWithoutACurrencySaysSo() {
    Show silent = show().withSettings(show().settings().withCurrency(""));
    assertThat(line(ShowExplanations.of(read(silent)), Goal.COST.text()).figure())
        .endsWith("(no currency set)");
    assertThat(silent.settings().price(12.5)).isEqualTo("12.5");
    assertThat(show().settings().price(12.5)).isEqualTo("12.5 CHF");
  }

  @Test
  void aBoxSaysWhatItsBoardCarriesAndItsSupply() {
    Reading reading = read(show());
    String box = reading.decisions().controllers().getFirst().controller().id();
    List<Line> lines = BoxExplanations.of(reading, box);
    assertThat(line(lines, "Kind").figure()).isEqualTo("5 V");
    double ports = reading.ports().stream().mapToDouble(p -> p.amps()).sum();
    assertThat(line(lines, "On the board").figure())
        .isEqualTo(bunting.core.show.Texts.fixed(ports, 1) + " A");
    assertThat(lines).anyMatch(l -> l.title().startsWith("Supply "));
    assertThat(BoxExplanations.of(reading, "no such box")).isEmpty();
  }

  @Test
  void feetAreSpokenWhereFeetAreChosen() {
    Show feet = show().withSurvey(show().survey().withFeet(true));
    String metric = said(read(show()));
    String imperial = said(read(feet));
    assertThat(metric).contains("3.0 m").doesNotContain("10'0\"");
    assertThat(imperial).contains("10'0\"").doesNotContainPattern("\\d m[ ,;)]");
  }

  private static String said(Reading reading) {
    StringBuilder all = new StringBuilder();
    for (Run run : reading.show().runs()) {
      Explanations.ofRun(reading, run).forEach(l -> all.append(l.arithmetic()).append("; "));
    }
    PowerExplanations power = new PowerExplanations(reading);
    reading
        .feeds()
        .forEach(
            f -> power.feed(f.feed().id()).forEach(l -> all.append(l.arithmetic()).append("; ")));
    return all.toString();
  }
}
