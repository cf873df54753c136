package bunting.core.bench;

import bunting.core.assess.PortReading;
import bunting.core.assess.Reading;
import bunting.core.show.Texts;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;

/** What is checked on the floor before the ladder, and after: a list made from the plan. */
public final class Checklist {
  /**
   * Something to check.
   *
   * @param id the same for the same thing of the same plan; ticks are kept by it
   * @param stage when
   * @param text what to do
   * @param caution whether it can hurt somebody
   */
  public record Item(String id, Stage stage, String text, boolean caution) {}

  /** When things are checked. */
  public enum Stage {
    /** Before anything has power. */
    DEAD("Before power"),
    /** Each box by itself. */
    BOX("Each box alone"),
    /** Everything on the floor. */
    FLOOR("All of it on the floor"),
    /** When it hangs. */
    AFTER("After an hour, after a week");

    private final String text;

    Stage(String text) {
      this.text = text;
    }

    /** As people say it. */
    public String text() {
      return text;
    }
  }

  private Checklist() {}

  /** The list of a plan. */
  public static List<Item> of(Reading reading) {
    List<Item> all = new ArrayList<>();
    for (var s : reading.supplies()) {
      String id = s.supply().id();
      all.add(
          new Item(
              "polarity " + id,
              Stage.DEAD,
              id
                  + ": mains terminals covered, mains off at the plug; V+ to V+ and ground to"
                  + " ground with a meter, "
                  + Texts.number(s.type().volts())
                  + " V",
              true));
    }
    for (var c : reading.decisions().controllers()) {
      String id = c.controller().id();
      all.add(
          new Item(
              "terminals " + id,
              Stage.DEAD,
              id + ": pull at each wire; a ferrule on each strand, no bare copper, no whisker",
              false));
      all.add(new Item("fuses " + id, Stage.DEAD, id + ": " + fuses(reading, id), false));
    }
    for (var c : reading.decisions().controllers()) {
      String id = c.controller().id();
      List<PortReading> ports = used(reading, id);
      all.add(
          new Item(
              "button " + id,
              Stage.BOX,
              id
                  + ": its own button lights all of "
                  + ports.size()
                  + (ports.size() == 1 ? " port" : " ports")
                  + ", no network needed",
              false));
      all.add(
          new Item("identify " + id, Stage.BOX, id + ": identify shows it and no other", false));
    }
    for (var run : reading.segments().stream().map(s -> s.run()).distinct().toList()) {
      all.add(
          new Item(
              "count " + run.name(),
              Stage.FLOOR,
              run.name() + ": " + run.pixels() + " pixels, chase to the last, order right",
              false));
    }
    all.add(
        new Item(
            "white",
            Stage.FLOOR,
            "White, all of it: no end turns yellow, no fuse opens; volts by the meter sheet",
            false));
    all.add(
        new Item(
            "hand",
            Stage.AFTER,
            "After an hour of white: a hand on each plug and fuse; what is hot is loose or thin",
            true));
    all.add(
        new Item(
            "ladder",
            Stage.AFTER,
            "Never alone on a ladder or a roof; nothing is plugged or parted while it is live",
            true));
    all.add(
        new Item(
            "week",
            Stage.AFTER,
            "A week later: pixels out of their track, water in boxes, RCD tested",
            false));
    return all;
  }

  private static List<PortReading> used(Reading reading, String box) {
    return reading.ports().stream()
        .filter(p -> p.controller().equals(box) && p.pixels() > 0)
        .toList();
  }

  private static String fuses(Reading reading, String box) {
    TreeSet<Double> sizes = new TreeSet<>();
    TreeSet<String> names = new TreeSet<>();
    var own =
        reading.segments().stream()
            .filter(s -> s.segment().controller().equals(box))
            .map(s -> s.segment().id())
            .toList();
    for (var f : reading.feeds()) {
      if (own.contains(f.feed().segment())) {
        sizes.add(f.feed().fuseAmps());
        names.add(f.feed().fuse());
      }
    }
    String text = String.join(", ", sizes.stream().map(Texts::number).toList());
    return names.size() + " fuses as planned (" + text + " A), a spare of each size at hand";
  }
}
