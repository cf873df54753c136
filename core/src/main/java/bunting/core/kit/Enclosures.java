package bunting.core.kit;

import bunting.core.assess.Reading;
import bunting.core.assess.SupplyReading;
import bunting.core.copper.BoxAir;
import bunting.core.show.PlacedController;
import bunting.core.show.Point;
import bunting.core.show.PowerWays;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * The enclosure of each place where boards or supplies stand: as large as what goes in needs, and
 * as what is lost inside needs to get out through its walls with {@value #MOST_CELSIUS} degC within
 * (see {@link BoxAir}).
 *
 * @param heats whether heat, not room, made it so large
 * @param vented whether the largest does not shed the heat: it wants vents
 */
public record Enclosures(Point at, int litres, boolean heats, boolean vented) {
  private static final double MOST_CELSIUS = 50;

  /** A board with room for its plugs, litres (our reckoning). */
  private static final double BOARD_LITRES = 3;

  /** A supply with the air around it, litres for a watt and at least (our reckoning). */
  private static final double LITRES_PER_WATT = 0.012;

  private static final double SUPPLY_LITRES = 1;

  private static final int[] SIZES = {5, 10, 15, 20, 30, 40, 60, 80, 120};

  /** One for each place of a plan, in the order of its boxes and supplies. */
  public static List<Enclosures> of(Reading reading) {
    Map<Point, Double> room = new LinkedHashMap<>();
    Map<Point, Double> heat = new LinkedHashMap<>();
    Set<Point> places = new LinkedHashSet<>();
    for (PlacedController c : reading.decisions().controllers()) {
      places.add(c.controller().at());
      room.merge(c.controller().at(), BOARD_LITRES, Double::sum);
    }
    for (SupplyReading s : reading.worst().supplies()) {
      places.add(s.supply().at());
      double litres = Math.max(SUPPLY_LITRES, LITRES_PER_WATT * s.type().watts());
      room.merge(s.supply().at(), litres, Double::sum);
      heat.merge(s.supply().at(), s.loadWatts() * (1 / s.type().efficiency() - 1), Double::sum);
    }
    PowerWays ways = reading.show().wiring().ways();
    List<Enclosures> list = new ArrayList<>();
    for (Point at : places) {
      double needs = room.getOrDefault(at, 0.0);
      list.add(fitting(at, needs, heat.getOrDefault(at, 0.0), ways.ambientCelsius()));
    }
    return list;
  }

  private static Enclosures fitting(Point at, double room, double heat, double ambient) {
    int byRoom = 0;
    for (int size : SIZES) {
      byRoom = byRoom == 0 && size >= room ? size : byRoom;
      if (size >= room && BoxAir.celsius(size, ambient, heat) <= MOST_CELSIUS) {
        return new Enclosures(at, size, size > byRoom, false);
      }
    }
    return new Enclosures(at, SIZES[SIZES.length - 1], true, true);
  }

  /** As a shop has it. */
  public String words() {
    return litres + " l, rain kept out (IP54 or better)" + (vented ? ", with vents or a fan" : "");
  }
}
