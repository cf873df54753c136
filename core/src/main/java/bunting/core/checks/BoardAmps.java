package bunting.core.checks;

import static bunting.core.show.Texts.fixed;
import static bunting.core.show.Texts.number;

import bunting.core.assess.Reading;
import java.util.LinkedHashMap;
import java.util.Map;

/** A board bears only so much over all its ports. */
final class BoardAmps implements Check {
  @Override
  public String code() {
    return "board-amps";
  }

  @Override
  public Severity severity() {
    return Severity.STOP;
  }

  @Override
  public String why() {
    return "A board bears only so much over all its ports.";
  }

  @Override
  public String source() {
    return "the controller's data";
  }

  @Override
  public void examine(Reading reading, Reporter to) {

    Map<String, Double> board = new LinkedHashMap<>();
    Map<String, Double> most = new LinkedHashMap<>();
    for (var p : reading.ports()) {
      board.merge(p.controller(), p.amps(), Double::sum);
      most.put(p.controller(), p.type().boardAmpsMax());
    }
    board.forEach(
        (id, amps) -> {
          if (amps > most.get(id)) {
            to.report(
                Subject.Kind.CONTROLLER,
                id,
                amps,
                most.get(id),
                "A",
                id
                    + " carries "
                    + fixed(amps, 2)
                    + " A over its ports, of at most "
                    + number(most.get(id))
                    + " A.");
          }
        });
  }
}
