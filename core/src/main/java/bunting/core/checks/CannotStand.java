package bunting.core.checks;

import static bunting.core.show.Texts.number;

import bunting.core.assess.Consequence;
import bunting.core.assess.Reading;
import bunting.core.island.Island;
import bunting.core.island.SolvedBox;
import bunting.core.show.PlacedBoard;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** A network that asks for more power than its conductors can pass breaks down. */
final class CannotStand implements Check {
  @Override
  public String code() {
    return "cannot-stand";
  }

  @Override
  public Severity severity() {
    return Severity.STOP;
  }

  @Override
  public String why() {
    return "Pixels that keep their power draw more as the volts fall; past a point the volts break"
        + " down, however strong the supply is.";
  }

  @Override
  public String source() {
    return "at most volts squared / (4 x ohms) passes a conductor (maximum power transfer); proven"
        + " for each network by Newton's method from above";
  }

  @Override
  public void examine(Reading reading, Reporter to) {
    Map<String, String> said = new LinkedHashMap<>();
    boxes(reading, reading.designed(), "", to, said);
    if (reading.worst().brightnessPercent() > reading.designed().brightnessPercent()) {
      boxes(reading, reading.worst(), " at full white, which may be sent", to, said);
    }
  }

  private static void boxes(
      Reading reading, Consequence at, String when, Reporter to, Map<String, String> said) {
    double percent = reading.show().settings().minVoltsPercent();
    List<PlacedBoard> boards = reading.decisions().boards();
    for (int b = 0; b < at.boxes().size(); b++) {
      SolvedBox solved = at.boxes().get(b);
      PlacedBoard box = boards.get(b);
      String id = box.id();
      double least = box.volts() * percent / 100;
      if (!solved.stands() && said.put(id, id) == null) {
        String message =
            id
                + " cannot stand"
                + when
                + ": what hangs on its board asks for more than its input can pass from "
                + number(solved.network().supplyVolts())
                + " V. Shorten or thicken the input, or feed more of it from the distribution.";
        to.report(Subject.Kind.CONTROLLER, box.controller().id(), 0, least, "V", message);
      }
      for (var chain : solved.ports()) {
        chain.ifPresent(c -> c.islands().forEach(i -> island(i, solved, least, when, to, said)));
      }
    }
  }

  private static void island(
      Island island,
      SolvedBox box,
      double least,
      String when,
      Reporter to,
      Map<String, String> said) {
    boolean withBox = island.portFeed().isPresent() && !box.stands();
    String segment = island.parts().getFirst().segment();
    if (island.feeds().isEmpty() || island.solution().isPresent() || withBox) {
      return;
    }
    if (said.put(segment, segment) == null) {
      String message =
          island.parts().getFirst().run()
              + " from pixel "
              + island.parts().getFirst().firstPixel()
              + " on cannot stand"
              + when
              + ": its pixels ask for more than its feeds ("
              + String.join(", ", island.feeds().stream().map(f -> f.id()).toList())
              + ") can pass. Shorten or thicken their cables, or add a feed.";
      to.report(Subject.Kind.SEGMENT, segment, 0, least, "V", message);
    }
  }
}
