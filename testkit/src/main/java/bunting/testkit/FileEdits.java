package bunting.testkit;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;

/** Single edits of a random show's run list and settings, as a builder would make them. */
public final class FileEdits {
  /** What is edited. */
  public enum Kind {
    NOTHING,
    MORE_PIXELS,
    FEWER_PIXELS,
    TYPE,
    LEAD,
    PLACE,
    NAME,
    ORDER,
    REVERSAL,
    RUN_ADDED,
    RUN_REMOVED,
    PIN,
    CONTROLLER_ADDED,
    CONTROLLER_REMOVED,
    CONTROLLER_MOVED,
    PRICE,
    WIRES,
    BRIGHTNESS,
    MINIMUM_VOLTAGE,
    RESERVED;

    /** Whether it changes nothing that a plan has to hold. */
    public boolean forcesNothing() {
      return this == NOTHING || this == ORDER || this == PRICE || this == CONTROLLER_ADDED;
    }

    /** Whether it changes one run, so that other controllers have nothing to do with it. */
    public boolean isOfOneRun() {
      return EnumSet.range(MORE_PIXELS, PIN).contains(this) && this != ORDER;
    }
  }

  private final RandomShows show;
  private final Random random;

  /** Edits of that show, which is changed by them. */
  public FileEdits(RandomShows show, long seed) {
    this.show = show;
    this.random = new Random(seed);
  }

  /**
   * Makes an edit.
   *
   * @return the run that it is of, by the name that it has then; empty: the show has nothing for it
   */
  public Optional<String> make(Kind kind) {
    List<String> names = new ArrayList<>(show.runs().keySet());
    String name = names.get(random.nextInt(names.size()));
    Map<String, String> row = show.runs().get(name);
    boolean done =
        switch (kind) {
          case NOTHING -> true;
          case MORE_PIXELS -> pixels(row, 1 + random.nextInt(20));
          case FEWER_PIXELS -> pixels(row, -1 - random.nextInt(20));
          case TYPE -> put(row, "type", "t" + random.nextInt(4));
          case LEAD -> put(row, "lead_m", "" + random.nextInt(9));
          case PLACE -> put(row, "x_m", "" + (random.nextInt(17) - 8));
          case NAME -> put(row, "name", "other") && rebuilt(show.runs().values());
          case ORDER -> shuffled();
          case REVERSAL ->
              put(
                  row,
                  "reverse_data",
                  row.getOrDefault("reverse_data", "").equals("yes") ? "" : "yes");
          case RUN_ADDED -> added(row);
          case RUN_REMOVED -> names.size() > 1 && show.runs().remove(name) != null;
          case PIN -> pinned(row);
          case CONTROLLER_ADDED, CONTROLLER_REMOVED, CONTROLLER_MOVED -> controllers(kind);
          case PRICE -> price();
          case WIRES -> fewerWires();
          case BRIGHTNESS -> setting("brightnessPercent", 100, 70, 40, 20);
          case MINIMUM_VOLTAGE -> setting("minVoltsPercent", 80, 85, 92, 95);
          case RESERVED -> reserved();
        };
    String now = kind == Kind.NAME ? "other" : kind == Kind.RUN_ADDED ? "new" : name;
    return done ? Optional.of(now) : Optional.empty();
  }

  private static boolean pixels(Map<String, String> row, int more) {
    row.remove("built_pixels");
    return put(row, "pixels", "" + Math.max(1, Integer.parseInt(row.get("pixels")) + more));
  }

  private static boolean put(Map<String, String> row, String column, String value) {
    row.put(column, value);
    return true;
  }

  private boolean rebuilt(Iterable<Map<String, String>> rows) {
    List<Map<String, String>> all = new ArrayList<>();
    rows.forEach(all::add);
    show.runs().clear();
    all.forEach(r -> show.runs().put(r.get("name"), r));
    return true;
  }

  private boolean shuffled() {
    List<Map<String, String>> rows = new ArrayList<>(show.runs().values());
    Collections.shuffle(rows, random);
    return rebuilt(rows);
  }

  private boolean added(Map<String, String> like) {
    Map<String, String> row = new LinkedHashMap<>(like);
    row.put("name", "new");
    row.put("x_m", "" + (random.nextInt(17) - 8));
    row.remove("controller");
    row.remove("port");
    show.runs().put("new", row);
    return true;
  }

  private boolean pinned(Map<String, String> row) {
    int boxes = show.settings().path("controllers").size();
    if (boxes > 0) {
      row.put("controller", "B" + (1 + random.nextInt(boxes)));
      row.put("port", random.nextBoolean() ? "1" : "");
    }
    return boxes > 0;
  }

  private boolean controllers(Kind kind) {
    int boxes = show.settings().path("controllers").size();
    if (boxes < (kind == Kind.CONTROLLER_REMOVED ? 2 : 1)) {
      return false;
    }
    ArrayNode list = (ArrayNode) show.settings().path("controllers");
    ObjectNode first = (ObjectNode) list.path(0);
    if (kind == Kind.CONTROLLER_ADDED) {
      list.add(first.deepCopy().put("id", "B" + (boxes + 1)));
    } else if (kind == Kind.CONTROLLER_MOVED) {
      first.put("x", 6);
    } else {
      list.remove(boxes - 1);
      for (Map<String, String> row : show.runs().values()) {
        if (row.getOrDefault("controller", "").equals("B" + boxes)) {
          row.remove("controller");
          row.remove("port");
        }
      }
    }
    return true;
  }

  private boolean price() {
    show.settings().putObject("prices").put("boxExtra", 10).put("minuteRate", 2);
    return true;
  }

  private boolean fewerWires() {
    ArrayNode wires = (ArrayNode) show.settings().path("wires");
    return wires.size() > 1 && wires.remove(random.nextInt(wires.size())) != null;
  }

  private boolean setting(String key, int... values) {
    ((ObjectNode) show.settings().path("show")).put(key, values[random.nextInt(values.length)]);
    return true;
  }

  private boolean reserved() {
    ((ArrayNode) show.settings().path("addressing").path("reserved"))
        .add("" + (1 + random.nextInt(12)));
    return true;
  }
}
