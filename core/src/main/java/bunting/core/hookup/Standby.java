package bunting.core.hookup;

import bunting.core.assess.Consequence;
import bunting.core.assess.Reading;
import bunting.core.assess.SupplyReading;
import bunting.core.assess.Supposition;
import bunting.core.island.Alteration;
import bunting.core.island.Brightness;
import bunting.core.show.Hours;
import bunting.core.show.Input;
import bunting.core.show.MainsDevice;
import bunting.core.show.PlacedController;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What burns while all is dark, and what must not be cut. */
public final class Standby {
  private Standby() {}

  /**
   * A supply in the dark.
   *
   * @param darkWatts that it takes from the mains with all of its pixels black: what they idle with
   *     by its efficiency, and what it takes itself
   * @param switched whether it is cut while all is dark
   * @param reboots boxes whose board hangs on it and that nothing else keeps alive
   */
  public record Dark(String supply, double darkWatts, boolean switched, List<String> reboots) {
    public Dark {
      reboots = List.copyOf(reboots);
    }
  }

  /** Of each supply, in the order of the plan. */
  public static List<Dark> of(Reading reading) {
    Optional<Hours> hours = reading.show().mains().hours();
    List<Dark> list = new ArrayList<>();
    for (SupplyReading s : at(reading, 0).supplies()) {
      String id = s.supply().id();
      boolean cut = hours.filter(h -> h.switched().contains(id)).isPresent();
      list.add(new Dark(id, mainsWatts(s) + s.type().idleWatts(), cut, reboots(reading, id)));
    }
    return list;
  }

  /** All that follows of a brightness, plain sets too. */
  public static Consequence at(Reading reading, double percent) {
    return new Supposition(reading, java.util.Map.of())
        .of(percent, Brightness.of(percent), s -> percent, Alteration.NONE);
  }

  /** Watts that a supply takes from the mains for what hangs on it. */
  public static double mainsWatts(SupplyReading s) {
    return s.loadWatts() / s.type().efficiency();
  }

  /**
   * Boxes whose board hangs on a supply and that nothing else keeps alive; none where boards have
   * small supplies of their own.
   */
  public static List<String> reboots(Reading reading, String supply) {
    List<String> boxes = new ArrayList<>();
    if (!reading.show().wiring().conductors().brainOnBank()) {
      return boxes;
    }
    for (PlacedController c : reading.decisions().controllers()) {
      boolean hangs =
          c.supply().filter(supply::equals).isPresent()
              || reading.decisions().inputs().stream()
                  .filter(i -> i.board().equals(c.brain().id()))
                  .map(Input::supply)
                  .anyMatch(supply::equals);
      boolean kept =
          reading.show().mains().devices().stream()
              .map(MainsDevice::keeps)
              .anyMatch(k -> k.filter(c.controller().id()::equals).isPresent());
      if (hangs && !kept) {
        boxes.add(c.controller().id());
      }
    }
    return boxes;
  }
}
