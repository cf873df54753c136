package bunting.core.faults;

import java.util.LinkedHashMap;
import java.util.Map;

/** One thing that is wrong with what was built, and where. */
public sealed interface Fault {
  /** Its kind. */
  FaultKind kind();

  /** Where, by the names that files have. */
  Map<String, Object> where();

  private static Map<String, Object> at(String key, Object value) {
    return Map.of(key, value);
  }

  private static Map<String, Object> at(String key, Object value, String other, Object more) {
    Map<String, Object> map = new LinkedHashMap<>();
    map.put(key, value);
    map.put(other, more);
    return map;
  }

  /** A feed's fuse by the feed's id, a shared one by its name. */
  record FuseOpen(String fuse) implements Fault {
    @Override
    public FaultKind kind() {
      return FaultKind.FUSE_OPEN;
    }

    @Override
    public Map<String, Object> where() {
      return at("fuse", fuse);
    }
  }

  /** A feed. */
  record FeedOpen(String feed) implements Fault {
    @Override
    public FaultKind kind() {
      return FaultKind.FEED_OPEN;
    }

    @Override
    public Map<String, Object> where() {
      return at("feed", feed);
    }
  }

  /** A supply. */
  record SupplyOff(String supply) implements Fault {
    @Override
    public FaultKind kind() {
      return FaultKind.SUPPLY_OFF;
    }

    @Override
    public Map<String, Object> where() {
      return at("supply", supply);
    }
  }

  /** A mains circuit. */
  record CircuitOff(String circuit) implements Fault {
    @Override
    public FaultKind kind() {
      return FaultKind.CIRCUIT_OFF;
    }

    @Override
    public Map<String, Object> where() {
      return at("circuit", circuit);
    }
  }

  /** The first pixel that gets no data. */
  record DataOpen(String run, int pixel) implements Fault {
    @Override
    public FaultKind kind() {
      return FaultKind.DATA_OPEN;
    }

    @Override
    public Map<String, Object> where() {
      return at("run", run, "pixel", pixel);
    }
  }

  /** The pixel. */
  record DeadPixel(String run, int pixel) implements Fault {
    @Override
    public FaultKind kind() {
      return FaultKind.DEAD_PIXEL;
    }

    @Override
    public Map<String, Object> where() {
      return at("run", run, "pixel", pixel);
    }
  }

  /** A port. */
  record PortDead(String controller, int port) implements Fault {
    @Override
    public FaultKind kind() {
      return FaultKind.PORT_DEAD;
    }

    @Override
    public Map<String, Object> where() {
      return at("controller", controller, "port", port);
    }
  }

  /** A box without its brain. */
  record ControllerOff(String controller) implements Fault {
    @Override
    public FaultKind kind() {
      return FaultKind.CONTROLLER_OFF;
    }

    @Override
    public Map<String, Object> where() {
      return at("controller", controller);
    }
  }

  /** A box that shows what came last. */
  record ControllerHung(String controller) implements Fault {
    @Override
    public FaultKind kind() {
      return FaultKind.CONTROLLER_HUNG;
    }

    @Override
    public Map<String, Object> where() {
      return at("controller", controller);
    }
  }

  /** Two ports of a box, the lower first. */
  record PortsSwapped(String controller, int port, int other) implements Fault {
    @Override
    public FaultKind kind() {
      return FaultKind.PORTS_SWAPPED;
    }

    @Override
    public Map<String, Object> where() {
      return at("controller", controller, "ports", java.util.List.of(port, other));
    }
  }

  /** The order that a run really has. */
  record OrderWrong(String run, String order) implements Fault {
    @Override
    public FaultKind kind() {
      return FaultKind.ORDER_WRONG;
    }

    @Override
    public Map<String, Object> where() {
      return at("run", run, "order", order);
    }
  }

  /** A run that data enter at its last pixel. */
  record RunReversed(String run) implements Fault {
    @Override
    public FaultKind kind() {
      return FaultKind.RUN_REVERSED;
    }

    @Override
    public Map<String, Object> where() {
      return at("run", run);
    }
  }

  /** By how many universes a box listens too high. */
  record UniverseOff(String controller, int by) implements Fault {
    @Override
    public FaultKind kind() {
      return FaultKind.UNIVERSE_OFF;
    }

    @Override
    public Map<String, Object> where() {
      return at("controller", controller, "by", by);
    }
  }

  /** Pixels built less those planned. */
  record CountOff(String run, int by) implements Fault {
    @Override
    public FaultKind kind() {
      return FaultKind.COUNT_OFF;
    }

    @Override
    public Map<String, Object> where() {
      return at("run", run, "by", by);
    }
  }

  /** The segment whose data lead picks it up. */
  record Noise(String segment) implements Fault {
    @Override
    public FaultKind kind() {
      return FaultKind.NOISE;
    }

    @Override
    public Map<String, Object> where() {
      return at("segment", segment);
    }
  }

  /** Loop resistance that a feed has too much, ohms. */
  record ThinLead(String feed, double ohms) implements Fault {
    @Override
    public FaultKind kind() {
      return FaultKind.THIN_LEAD;
    }

    @Override
    public Map<String, Object> where() {
      return at("feed", feed, "ohms", ohms);
    }
  }

  /** What a supply holds, volts. */
  record SupplyLow(String supply, double volts) implements Fault {
    @Override
    public FaultKind kind() {
      return FaultKind.SUPPLY_LOW;
    }

    @Override
    public Map<String, Object> where() {
      return at("supply", supply, "volts", volts);
    }
  }

  /** Kinds that files do not have, by the box that they are at. */
  record AtBox(FaultKind kind, String controller) implements Fault {
    @Override
    public Map<String, Object> where() {
      return at("controller", controller);
    }
  }

  /** Kinds that files do not have, by the port that they are at. */
  record AtPort(FaultKind kind, String controller, int port) implements Fault {
    @Override
    public Map<String, Object> where() {
      return at("controller", controller, "port", port);
    }
  }

  /** Kinds that files do not have, by the feed that they are at. */
  record AtFeed(FaultKind kind, String feed) implements Fault {
    @Override
    public Map<String, Object> where() {
      return at("feed", feed);
    }
  }
}
