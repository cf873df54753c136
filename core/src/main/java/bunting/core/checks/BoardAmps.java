package bunting.core.checks;

import static bunting.core.show.Texts.fixed;
import static bunting.core.show.Texts.number;

import bunting.core.assess.OtherReading;
import bunting.core.assess.Reading;
import bunting.core.copper.Fuses;
import bunting.core.show.PlacedBoard;
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

    Map<String, Double> amps = reading.boardAmps(reading.worst());
    Map<String, Double> board = new LinkedHashMap<>();
    Map<String, Double> most = new LinkedHashMap<>();
    for (var p : reading.ports()) {
      int bank = p.type().bankOf(p.port());
      String id = PlacedBoard.id(p.controller(), bank);
      board.put(id, amps.getOrDefault(id, 0.0));
      most.put(id, p.type().boardAmps(bank));
    }
    for (OtherReading.Board b : reading.worst().others().boards()) {
      board.put(b.dimmer().id(), b.amps());
      most.put(b.dimmer().id(), b.type().boardAmpsMax());
    }
    board.forEach(
        (id, carries) -> {
          if (Fuses.over(carries, most.get(id))) {
            to.report(
                Subject.Kind.CONTROLLER,
                reading.controllerOf(id),
                carries,
                most.get(id),
                "A",
                id
                    + " carries "
                    + fixed(carries, 2)
                    + " A over its outputs, of at most "
                    + number(most.get(id))
                    + " A.");
          }
        });
  }
}
